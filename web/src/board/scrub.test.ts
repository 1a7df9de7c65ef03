import { describe, expect, it } from 'vitest'
import { job, sheet } from '../testing/fixtures'
import { pictureAt, stepName } from './scrub'

const at = (x: number, y: number, name = 'H') => ({ name, post: 'eligible' as const, feet: { x, y } })
const before = { ...sheet([job('nickel', 'NB', 8)]), offence: [at(-10, -1), at(0, 0, 'C')] }
const after = { ...sheet([job('nickel', 'NB', 4)]), offence: [at(6, -3), at(0, 0, 'C')] }

describe('a motion that is scrubbed', () => {
  it('moves everybody straight from where he stands to where he comes to', () => {
    const half = pictureAt([before, after], 0.5)!
    expect(half.offence.map((m) => m.feet)).toEqual([
      { x: -2, y: -2 },
      { x: 0, y: 0 },
    ])
    expect(half.jobs[0]!.feet!.x).toBe(6)
    expect(before.offence[0]!.feet.x).toBe(-10)
  })
  it('is the picture of core itself at every whole step', () => {
    expect([0, 1, 2].map((m) => pictureAt([before, after], m))).toEqual([undefined, undefined, undefined])
  })
  it('names its ends', () => {
    expect([0, 1, 2].map((s) => stepName(s, 3))).toEqual(['before the motion', 'step 1', 'after it'])
  })
})
