import { describe, expect, it } from 'vitest'
import { job, sheet, snapRow } from '../../testing/fixtures'
import { ballOf, gapsAt, looksAt, moments, openAt, pictureOf, waysTo } from './snapAt'

const MAN = { name: 'TB', post: 'eligible', feet: { x: 0, y: -7 } }
const SHEET = { ...sheet([job('mike', 'M', 1)]), offence: [MAN] } as ReturnType<typeof sheet>
const SNAP = snapRow()

describe('a snap at a moment', () => {
  it('puts everybody where he is, between two ticks as well', () => {
    const at = pictureOf(SHEET, SNAP, 0.5)
    expect(at.offence[0]!.feet).toEqual({ x: 0.5, y: -6.5 })
    expect(at.jobs[0]!.feet).toEqual({ x: 1, y: 4 })
    expect(pictureOf(SHEET, SNAP, 2).offence[0]!.feet).toEqual({ x: 2, y: 1 })
  })
  it('draws nothing that was only told: no keys, no places shown', () => {
    expect(pictureOf(SHEET, SNAP, 1).jobs[0]).toMatchObject({ key: undefined, show: undefined })
  })
  it('has the ball with whom it is, and the way it came', () => {
    expect(ballOf(SNAP, 0).at).toEqual({ x: 0, y: -1 })
    expect(ballOf(SNAP, 2)).toEqual({
      at: { x: 2, y: 1 },
      way: [
        { x: 0, y: -1 },
        { x: 1, y: -6 },
        { x: 2, y: 1 },
        { x: 2, y: 1 },
      ],
    })
  })
  it('knows the way of every man up to a tick', () => {
    expect(waysTo(SNAP, 1)[1]).toEqual([
      { x: 0, y: -7 },
      { x: 1, y: -6 },
    ])
    expect(waysTo(SNAP, 0)).toHaveLength(3)
  })
  it('tells who has just looked at whom, where both are', () => {
    expect(looksAt(SNAP, 0)).toEqual([])
    expect(looksAt(SNAP, 2)).toEqual([{ from: { x: 1, y: 2 }, to: { x: 2, y: 1 } }])
    expect(looksAt(SNAP, 1)).toHaveLength(1)
  })
  it('marks the moments that are told, each once', () => {
    expect(moments(SNAP)).toEqual([0, 1, 2])
  })
  it('knows who is open, where the gaps are and who has them, and that one has just changed hands', () => {
    expect(openAt(SNAP, 0)).toEqual([])
    expect(openAt(SNAP, 1.5)).toEqual(['TB'])
    expect(gapsAt(SNAP, 0)).toEqual([{ letter: 'A', x: 1, men: [], fresh: false }])
    expect(gapsAt(SNAP, 2)).toEqual([{ letter: 'A', x: 1.4, men: ['mike'], fresh: true }])
  })
})
