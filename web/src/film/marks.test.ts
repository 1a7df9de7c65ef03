import { describe, expect, it } from 'vitest'
import { otherwise } from './marks'

describe('a mark instead of what is proposed', () => {
  it('is the opposite first, then what is left, then as proposed after all', () => {
    expect(otherwise('=', undefined)).toBe('-')
    expect(otherwise('=', '-')).toBe('+')
    expect(otherwise('=', '+')).toBeUndefined()
    expect(otherwise('-', undefined)).toBe('=')
    // he said yes to it already, and then thinks better of it
    expect(otherwise('=', '=')).toBe('-')
  })
  it('is to standard first where nothing is told', () => {
    expect(otherwise(undefined, undefined)).toBe('=')
    expect(otherwise('n/a', 'n/a')).toBe('=')
    expect(otherwise('n/a', '=')).toBe('-')
  })
})
