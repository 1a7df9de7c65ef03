import type { AngleWork, Drawing } from '../api/types'

export type Shape = Drawing['shape']
export type DrawnPoint = Drawing['points'][number]

/** What can be drawn, and the key that takes it up. */
export const SHAPES: { id: Shape; key: string; name: string }[] = [
  { id: 'arrow', key: '1', name: 'arrow' },
  { id: 'ring', key: '2', name: 'ring' },
  { id: 'line', key: '3', name: 'line by hand' },
]
/** How long something drawn is shown from its frame on, seconds. */
export const SHOWN = 1
/** The hand's way is kept to so many pixels, in so many points at most. */
const NEAR = 3
const MOST = 400

/** What is drawn over the frame that is shown: there, or so shortly before that it still stands. */
export function drawnAt(work: Pick<AngleWork, 'drawn'>, frame: number, times: readonly number[]): Drawing[] {
  const now = times[frame] ?? 0
  return work.drawn.filter((d) => d.frame <= frame && now - (times[d.frame] ?? 0) <= SHOWN)
}
export function withDrawing(work: AngleWork, drawing: Drawing): AngleWork {
  return { ...work, drawn: [...work.drawn, drawing] }
}
/** Takes away what was drawn last of what this frame shows. */
export function withoutLastDrawing(work: AngleWork, frame: number, times: readonly number[]): AngleWork {
  const last = drawnAt(work, frame, times).at(-1)
  return { ...work, drawn: work.drawn.filter((d) => d !== last) }
}

/** The points that a shape keeps of the hand's way; none while it has gone nowhere. */
export function strokeOf(shape: Shape, way: readonly DrawnPoint[]): DrawnPoint[] {
  const first = way[0]
  const last = way.at(-1)
  if (!first || !last || !way.some((p) => apart(p, first) > NEAR)) return []
  if (shape !== 'line') return [first, last]
  const kept = way.reduce<DrawnPoint[]>(
    (all, p) => (all.length && apart(all.at(-1)!, p) < NEAR ? all : [...all, p]),
    [],
  )
  const every = Math.ceil(kept.length / (MOST - 1))
  return [...kept.filter((_, i) => i % every === 0), last]
}
const apart = (a: DrawnPoint, b: DrawnPoint): number => Math.hypot(a.xPixels - b.xPixels, a.yPixels - b.yPixels)

const HEAD = 26
const SPREAD = 0.45
/** The path of a drawing in pixels of the film. */
export function pathOf({ shape, points }: Pick<Drawing, 'shape' | 'points'>): string {
  const first = points[0]
  const last = points.at(-1)
  if (!first || !last) return ''
  if (shape === 'ring') {
    const rx = Math.abs(last.xPixels - first.xPixels) / 2
    const ry = Math.abs(last.yPixels - first.yPixels) / 2
    const left = Math.min(first.xPixels, last.xPixels)
    const middle = (first.yPixels + last.yPixels) / 2
    return `M${left} ${middle}a${rx} ${ry} 0 1 0 ${2 * rx} 0a${rx} ${ry} 0 1 0 ${-2 * rx} 0`
  }
  const way = `M${points.map((p) => `${p.xPixels} ${p.yPixels}`).join('L')}`
  if (shape === 'line') return way
  const back = Math.atan2(first.yPixels - last.yPixels, first.xPixels - last.xPixels)
  const barb = (turn: number): string =>
    `${last.xPixels + HEAD * Math.cos(back + turn)} ${last.yPixels + HEAD * Math.sin(back + turn)}`
  return `${way}M${barb(SPREAD)}L${last.xPixels} ${last.yPixels}L${barb(-SPREAD)}`
}
/** Frames in which something is drawn, in order. */
export function drawnFrames(work: AngleWork): number[] {
  return [...new Set(work.drawn.map((d) => d.frame))].sort((a, b) => a - b)
}
