import type { Spot } from '../api/types'

const STEP = 0.5
/** Nearer than this to the line a man is on it. */
const ON_LINE = 1
const LINE_DEPTH = 0.5

const rounded = (yards: number): number => Math.round(yards / STEP) * STEP
const yards = (value: number): string => String(Math.round(value * 100) / 100)

/** A sensible spot for a man of the offence: half yards, on the line or clearly off it. */
export function sensible(spot: Spot): { x: number; depth: number } {
  const depth = Math.max(0, -spot.y)
  return { x: rounded(spot.x), depth: depth < ON_LINE - 0.2 ? LINE_DEPTH : Math.max(ON_LINE + STEP, rounded(depth)) }
}

/** The offence of a notation with one man elsewhere; linemen stay. The spot half after the bar is dropped. */
export function placed(notation: string, man: string, spot: Spot): string {
  const { x, depth } = sensible(spot)
  return notation
    .split('|')[0]!
    .trim()
    .split(/\s+/)
    .map((word) =>
      new RegExp(`^${man}-?\\d`).test(word)
        ? `${man}${yards(x)}${depth === LINE_DEPTH ? '' : `/${yards(depth)}`}`
        : word,
    )
    .join(' ')
}
