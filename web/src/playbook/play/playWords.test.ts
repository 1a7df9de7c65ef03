import { describe, expect, it } from 'vitest'
import { fake, manName, read, withOwn } from './playWords'

describe('men and plays as a coach says them', () => {
  it('tell the play side from the backside', () => {
    expect(['guard', 'guard other side', '#1', '#1 other side', 'centre', 'back other side'].map(manName)).toEqual([
      'play-side guard',
      'backside guard',
      '#1',
      'backside #1',
      'centre',
      'back to the backside',
    ])
  })
  it('turn a fake and a read over to the other side', () => {
    expect(fake('inside-zone other side')).toEqual({
      id: 'inside-zone other side',
      name: 'inside zone the other way',
    })
    expect(read('backer').name).toBe('the inside backer to the play side')
    expect(read('edge other side').name).toBe('the edge away from the play')
  })
  it('keep what somebody wrote that is not among the usual', () => {
    const usual = [{ id: 'a', name: 'a' }]
    expect(withOwn(usual, 'a')).toBe(usual)
    expect(withOwn(usual, 'b-c').map((c) => c.name)).toEqual(['a', 'b c'])
    expect(withOwn(usual, '')).toBe(usual)
  })
})
