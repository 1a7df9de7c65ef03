import { describe, expect, it } from 'vitest'
import { placed, sensible } from './placing'

const PRO = 'ol2 TE4 SE-15 FL14/1.5 QB0/1 FB0/4 TB0/7 | hs m 50 1&10'

describe('placing men of the offence', () => {
  it('snaps to half yards, on the line or clearly off it', () => {
    expect(sensible({ x: 6.3, y: -0.6 })).toEqual({ x: 6.5, depth: 0.5 })
    expect(sensible({ x: 6.2, y: -1.1 })).toEqual({ x: 6, depth: 1.5 })
    expect(sensible({ x: -2.1, y: -4.4 })).toEqual({ x: -2, depth: 4.5 })
    expect(sensible({ x: 3, y: 2 }).depth).toBe(0.5)
  })
  it('moves one man and nobody else', () => {
    expect(placed(PRO, 'FL', { x: -9.1, y: -1.4 })).toBe('ol2 TE4 SE-15 FL-9/1.5 QB0/1 FB0/4 TB0/7')
    expect(placed(PRO, 'TE', { x: -4, y: -0.5 })).toBe('ol2 TE-4 SE-15 FL14/1.5 QB0/1 FB0/4 TB0/7')
    expect(placed(PRO, 'TB', { x: 1.6, y: -5 })).toContain('TB1.5/5')
  })
  it('does not take T for TE', () => {
    expect(placed(PRO, 'T', { x: 1, y: -1 })).toBe(PRO.split(' |')[0])
  })
})
