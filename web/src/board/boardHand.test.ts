import { describe, expect, it } from 'vitest'
import { FIELD, job, sheet } from '../testing/fixtures'
import { nextOf } from './boardHand'
import { slipAtRight } from './field/slipSide'

describe('walking', () => {
  it('goes round the end, and begins at the end it comes from', () => {
    expect(nextOf(['a', 'b', 'c'], 'c', 1)).toBe('a')
    expect(nextOf(['a', 'b', 'c'], undefined, -1)).toBe('c')
    expect(nextOf(['a', 'b', 'c'], 'gone', 1)).toBe('a')
    expect(nextOf([], undefined, 1)).toBeUndefined()
  })
})

describe('the slip with an answer', () => {
  const shown = { ...sheet([job('mike', 'M', 1)]), offence: [man('Z', 18), man('X', -18)] }
  function man(name: string, x: number) {
    return { name, post: 'eligible' as const, feet: { x, y: -1 } }
  }
  it('lies across from the man asked when the ball is in the middle, from either end', () => {
    expect(slipAtRight(FIELD, shown, { kind: 'MAN', name: 'Z' }, 'offence')).toBe(false)
    expect(slipAtRight(FIELD, shown, { kind: 'MAN', name: 'X' }, 'offence')).toBe(true)
    expect(slipAtRight(FIELD, shown, { kind: 'MAN', name: 'X' }, 'defence')).toBe(false)
  })
  it('lies on the wide side of a hash, off the ball', () => {
    const hash = { ...FIELD, leftSideline: -35, rightSideline: 18 }
    expect(slipAtRight(hash, shown, { kind: 'MAN', name: 'X' }, 'offence')).toBe(false)
  })
})
