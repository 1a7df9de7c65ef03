import type { SeenAt } from '../api/types'

export type What = SeenAt['what']

/** The key that marks each; what there is, and whose it is, core says. */
export const SEEN_KEYS: Record<What, string> = {
  'man moves': '1',
  'foot forward': '2',
  'foot back': '3',
  'foot in place': '4',
  contact: '5',
  'hands clear': '6',
  'hips open': '7',
  'head turns': '8',
  arrives: '9',
  tackles: '0',
  pressures: 'H',
  'receiver declares': 'S',
  'ball pulled': 'F',
  'back commits': 'C',
  'ball thrown': 'W',
}

/** Seconds since the ball moved, as "+0.40 s". */
export function since(frame: number, snap: number, times: readonly number[]): string {
  const seconds = (times[frame] ?? 0) - (times[snap] ?? 0)
  return `${seconds < 0 ? '\u2212' : '+'}${Math.abs(seconds).toFixed(2)} s`
}
