import { expect, it } from 'vitest'
import type { AngleWork, JobRow } from '../api/types'
import { job as jobRow, sheet } from '../testing/fixtures'
import {
  addedTo,
  ballMovesAt,
  beginsAt,
  endsAt,
  menToMark,
  nextUnmarked,
  strangers,
  clickedAt,
  frameOf,
  withHidden,
  withMark,
  withoutMan,
  withoutMark,
  withoutPoint,
  withPoint,
  withSeen,
} from './work'

const work: AngleWork = {
  firstFrame: 0,
  snapFrame: 1,
  lastFrame: undefined,
  points: [],
  marks: [],
  seen: [],
  drawn: [],
}
const job = (id: string, from: string[]): JobRow => ({ id, from }) as unknown as JobRow

it('keeps one click per place and per man', () => {
  const a = withPoint(withPoint(work, { name: 'p', xPixels: 1, yPixels: 1 }), { name: 'p', xPixels: 2, yPixels: 2 })
  expect(a.points).toEqual([{ name: 'p', xPixels: 2, yPixels: 2 }])
  expect(withoutPoint(a, 'p').points).toEqual([])
  const m = withMark(withMark(work, { man: 'TE', xPixels: 1, yPixels: 1 }), { man: 'TE', xPixels: 5, yPixels: 1 })
  expect(m.marks).toHaveLength(1)
  expect(withoutMark(m, 'TE').marks).toEqual([])
})
it('asks for the men that places lean on first, then for the defenders', () => {
  const offence = [
    { name: 'TE', feet: { x: 4 } },
    { name: 'SE', feet: { x: -15 } },
    { name: 'C', feet: { x: 0 } },
  ]
  expect(menToMark([job('corner-left', ['SE']), job('nickel', ['TE'])], offence)).toEqual([
    'ball',
    'SE',
    'TE',
    'corner-left',
    'nickel',
  ])
})
it('goes on to the next man who has no mark', () => {
  const order = ['a', 'b', 'c']
  expect(nextUnmarked('a', order, [{ man: 'b', xPixels: 0, yPixels: 0 }])).toBe('c')
  expect(nextUnmarked('c', order, [{ man: 'c', xPixels: 0, yPixels: 0 }])).toBe('a')
  expect(
    nextUnmarked(
      'a',
      order,
      order.map((man) => ({ man, xPixels: 0, yPixels: 0 })),
    ),
  ).toBe('a')
})
it("A11: adds what I clicked, moved and took away to somebody else's work, and leaves his", () => {
  const at = (man: string, xPixels: number) => ({ man, xPixels, yPixels: 0 })
  const base = { ...work, marks: [at('TE', 1), at('QB', 1), at('FB', 1)] }
  const mine = { ...base, snapFrame: 1, marks: [at('TE', 2), at('QB', 1), at('nose', 3)] }
  const theirs = { ...base, snapFrame: 9, marks: [at('TE', 1), at('QB', 8), at('FB', 1), at('mike', 5)] }
  const both = addedTo(theirs, { version: 1, base, work: mine })
  expect(both.marks).toEqual([at('QB', 8), at('mike', 5), at('TE', 2), at('nose', 3)])
  expect(both.snapFrame).toBe(9)
})
it('names marks of men whom the formation no longer has', () => {
  const at = (man: string) => ({ man, xPixels: 1, yPixels: 1 })
  const now = {
    ...sheet([jobRow('mike', 'M', 1)]),
    offence: [{ name: 'X', post: 'eligible' as const, feet: { x: 0, y: 0 } }],
  }
  expect(strangers({ ...work, marks: [at('X'), at('mike'), at('SE'), at('jack')] }, now)).toEqual(['SE', 'jack'])
})
it('keeps the frame where the ball moves between the first and the last', () => {
  const cut = { ...work, firstFrame: 10, snapFrame: 30, lastFrame: 90 }
  expect(beginsAt(cut, 40)).toMatchObject({ firstFrame: 40, snapFrame: 40, lastFrame: 90 })
  expect(endsAt(cut, 20)).toMatchObject({ firstFrame: 10, snapFrame: 20, lastFrame: 20 })
  expect(ballMovesAt(cut, 5)).toMatchObject({ firstFrame: 5, snapFrame: 5, lastFrame: 90 })
  expect(ballMovesAt(cut, 95)).toMatchObject({ firstFrame: 10, snapFrame: 95, lastFrame: 95 })
  expect(beginsAt(work, 3).lastFrame).toBeUndefined()
})
it('says of a click that the feet are hidden, and takes it back', () => {
  const clicked = withMark(work, { man: 'TE', xPixels: 1, yPixels: 1 })
  const hidden = withHidden(clicked, 'TE')
  expect(hidden.marks[0]!.hidden).toBe(true)
  expect(withHidden(hidden, 'TE').marks[0]!.hidden).toBeUndefined()
  expect(withHidden(clicked, 'QB').marks).toEqual(clicked.marks)
})
it('keeps a man at every frame he is clicked in, and what happens once', () => {
  const snap = withMark(work, { man: 'mike', xPixels: 1, yPixels: 1 })
  const both = withMark(snap, { man: 'mike', xPixels: 9, yPixels: 9, frame: 20 })
  expect(both.marks).toHaveLength(2)
  expect(withHidden(both, 'mike', 20).marks.map((m) => m.hidden)).toEqual([undefined, true])
  expect(withoutMark(both, 'mike', 20).marks).toEqual(snap.marks)
  const seen = withSeen(withSeen(both, { what: 'man moves', man: 'mike', frame: 5 }), {
    what: 'man moves',
    man: 'mike',
    frame: 6,
  })
  expect(seen.seen).toEqual([{ what: 'man moves', man: 'mike', frame: 6 }])
  expect(withSeen(seen, { what: 'man moves', man: 'mike', frame: 6 }).seen).toEqual([])
  expect(withSeen(seen, { what: 'back commits', frame: 9 }).seen).toHaveLength(2)
  expect(withoutMan(seen, 'mike')).toEqual(work)
})
it('keeps a click of the snap at the snap when that is marked anew', () => {
  const moved = ballMovesAt(withMark(work, { man: 'mike', xPixels: 1, yPixels: 1 }), 7)
  expect(clickedAt(moved, moved.marks[0]!)).toBe(7)
  expect([frameOf(moved, 7), frameOf(moved, 8)]).toEqual([undefined, 8])
})
it('has one click of a man where the ball moves, when that is marked in a frame he was clicked in', () => {
  const snap = withMark(work, { man: 'mike', xPixels: 1, yPixels: 1 })
  const later = withMark(withMark(snap, { man: 'mike', xPixels: 5, yPixels: 5, frame: 7 }), {
    man: 'will',
    xPixels: 6,
    yPixels: 6,
    frame: 7,
  })
  const moved = ballMovesAt(later, 7)
  expect(moved.marks.map((m) => [m.man, m.xPixels, m.frame])).toEqual([
    ['mike', 1, undefined],
    ['will', 6, undefined],
  ])
})
it('adds moments marked on two screens', () => {
  const contact = { what: 'contact' as const, man: 'mike', frame: 8 }
  const thrown = { what: 'ball thrown' as const, frame: 40 }
  const added = addedTo(withSeen(work, contact), { version: 0, base: work, work: withSeen(work, thrown) })
  expect(added.seen).toEqual([contact, thrown])
})
