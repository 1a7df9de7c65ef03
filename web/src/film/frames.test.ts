import { describe, expect, it } from 'vitest'
import { clock, frameAt, playEnd, seekTime } from './frames'

const steady = Array.from({ length: 90 }, (_, i) => i / 30)
const uneven = [0, 0.033, 0.1, 0.15, 0.4, 0.433]

describe('frames', () => {
  it('come back from the time they are sought at, also when they are unevenly spaced', () => {
    for (const times of [steady, uneven]) times.forEach((_, n) => expect(frameAt(seekTime(n, times), times)).toBe(n))
  })
  it('stay within the film', () => {
    expect(frameAt(99, steady)).toBe(89)
    expect(frameAt(-1, steady)).toBe(0)
    expect(seekTime(500, steady)).toBeCloseTo(89.5 / 30)
  })
  it('are told as a clock', () => {
    expect(clock(37, steady)).toBe('0:01.23')
    expect(clock(0, [61.5])).toBe('1:01.50')
  })
  it('of a play end where it is marked, else before the next play of the reel', () => {
    const cuts = [
      { reel: 3, firstFrame: 0 },
      { reel: 3, firstFrame: 50 },
      { reel: 4, firstFrame: 30 },
    ]
    const play = { firstFrame: 0, snapFrame: 20 }
    expect(playEnd(play, cuts, 3, steady)).toBe(49)
    expect(playEnd({ ...play, lastFrame: 33 }, cuts, 3, steady)).toBe(33)
    expect(playEnd({ firstFrame: 50, snapFrame: 60 }, cuts, 3, steady)).toBe(89)
  })
})
