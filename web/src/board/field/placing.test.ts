import { describe, expect, it } from 'vitest'
import { apart, boxAt, overlap, place, type Wish } from './placing'

const ROOM = { x: 0, y: 0, width: 200, height: 100 }
const wish = (key: string, more: Partial<Wish> = {}): Wish => ({
  key,
  forms: [{ width: 40, height: 12 }],
  at: [{ x: 100, y: 50 }],
  of: { x: 100, y: 50 },
  near: 10,
  ...more,
})

describe('placing', () => {
  it('gives the first place to what comes first and the next free one to the other', () => {
    const { placed } = place(
      [
        wish('a'),
        wish('b', {
          at: [
            { x: 100, y: 50 },
            { x: 100, y: 70 },
          ],
        }),
      ],
      [],
      ROOM,
    )
    expect(placed.map((p) => [p.wish.key, p.at.y, p.leader])).toEqual([
      ['a', 50, false],
      ['b', 70, true],
    ])
  })
  it('takes a smaller form before it gives up, and tells what it left out', () => {
    const taken = [boxAt({ x: 70, y: 50 }, { width: 40, height: 20 })]
    const forms = [
      { width: 60, height: 12 },
      { width: 18, height: 12 },
    ]
    expect(place([wish('a', { forms })], taken, ROOM).placed[0]!.form).toBe(1)
    expect(place([wish('a')], [boxAt({ x: 100, y: 50 }, { width: 50, height: 50 })], ROOM).hidden).toHaveLength(1)
  })
  it('leaves nothing out that must be seen, and nothing over the edge', () => {
    const taken = [boxAt({ x: 100, y: 50 }, { width: 50, height: 50 })]
    const { placed } = place([wish('a', { must: true }), wish('b', { must: true })], taken, ROOM)
    expect(placed).toHaveLength(2)
    expect(placed.some((p) => overlap(p.box, taken[0]!))).toBe(false)
    expect(overlap(placed[0]!.box, placed[1]!.box)).toBe(false)
    expect(place([wish('c', { at: [{ x: 5, y: 5 }] })], [], ROOM).hidden).toHaveLength(1)
  })
})

describe('marks apart', () => {
  it('moves only what collides, and keeps who is left of whom', () => {
    const far = { x: 150, y: 20 }
    const [a, b, c] = apart([{ x: 50, y: 50 }, { x: 55, y: 52 }, far], { width: 20, height: 20 })
    expect(c).toEqual(far)
    expect(b!.x - a!.x).toBeCloseTo(20)
    expect((a!.x + b!.x) / 2).toBeCloseTo(52.5)
  })
  it('separates three in a row', () => {
    const row = apart(
      [
        { x: 50, y: 50 },
        { x: 52, y: 50 },
        { x: 54, y: 50 },
      ],
      { width: 20, height: 20 },
    )
    expect(row[1]!.x - row[0]!.x).toBeGreaterThan(19)
    expect(row[2]!.x - row[1]!.x).toBeGreaterThan(19)
  })
})
