import { expect, it } from 'vitest'
import type { AngleWork, Drawing } from '../api/types'
import { drawnAt, pathOf, strokeOf, withDrawing, withoutLastDrawing } from './drawing'
import { addedTo } from './work'

const TIMES = [0, 0.5, 1, 1.5, 2]
const at = (xPixels: number, yPixels: number) => ({ xPixels, yPixels })
const drawing = (frame: number, x = 0): Drawing => ({ shape: 'arrow', frame, points: [at(x, 0), at(x + 50, 0)] })
const work: AngleWork = { firstFrame: 0, snapFrame: 1, points: [], marks: [], seen: [], drawn: [] }

it('shows what is drawn from its frame on for a second', () => {
  const drawn = withDrawing(work, drawing(1))
  expect(TIMES.map((_, f) => drawnAt(drawn, f, TIMES).length)).toEqual([0, 1, 1, 1, 0])
})
it('takes away the last one that a frame shows, and no other', () => {
  const drawn = [drawing(1), drawing(2), drawing(4)].reduce(withDrawing, work)
  expect(withoutLastDrawing(drawn, 2, TIMES).drawn.map((d) => d.frame)).toEqual([1, 4])
  expect(withoutLastDrawing(drawn, 0, TIMES).drawn).toHaveLength(3)
})
it('keeps of a hand the ends of an arrow, and the way of a line without its crowd of points', () => {
  const way = Array.from({ length: 3000 }, (_, i) => at(i, 0))
  expect(strokeOf('arrow', way)).toEqual([at(0, 0), at(2999, 0)])
  const line = strokeOf('line', way)
  expect(line.length).toBeLessThanOrEqual(400)
  expect(line.at(-1)).toEqual(at(2999, 0))
  expect(strokeOf('ring', [at(5, 5), at(6, 6)])).toEqual([])
})
it('draws a ring in its box whichever corners were led', () => {
  const ring = pathOf({ shape: 'ring', points: [at(30, 40), at(10, 20)] })
  expect(ring).toBe(pathOf({ shape: 'ring', points: [at(10, 20), at(30, 40)] }))
  expect(ring).toMatch(/^M10 30a10 10/)
})
it('joins what two coaches drew', () => {
  const base = withDrawing(work, drawing(1))
  const mine = { version: 1, base, work: withDrawing(withoutLastDrawing(base, 1, TIMES), drawing(2)) }
  const theirs = withDrawing(base, drawing(3))
  expect(addedTo(theirs, mine).drawn.map((d) => d.frame)).toEqual([3, 2])
})
