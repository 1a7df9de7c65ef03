import type { ManPath } from '../api/types'

/** Where a man is so many seconds after the ball; undefined where he was not seen. */
export function placeAt(path: ManPath, seconds: number): { x: number; y: number } | undefined {
  for (const steps of path.stretches) {
    const after = steps.findIndex((s) => s.seconds >= seconds)
    const there = steps[after]
    if (!there) continue
    const here = steps[after - 1]
    if (!here) return there.seconds === seconds ? there : undefined
    const part = (seconds - here.seconds) / (there.seconds - here.seconds)
    return { x: here.x + part * (there.x - here.x), y: here.y + part * (there.y - here.y) }
  }
  return undefined
}

/** Times between which he was not seen, and from which on, seconds since the ball. */
export function gaps(path: ManPath): { from: number; to?: number }[] {
  const ends = path.stretches.map((steps) => ({ from: steps[0]!.seconds, to: steps[steps.length - 1]!.seconds }))
  return ends.map((stretch, i) => ({ from: stretch.to, to: ends[i + 1]?.from }))
}
