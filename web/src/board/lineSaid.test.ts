import { describe, expect, it } from 'vitest'
import type { CallItem, Choices } from '../api/types'
import { lineWith, type LineNow } from './lineSaid'
import { formationItem } from '../testing/fixtures'

const NOW: LineNow = {
  snap: {
    formation: 'pro-i',
    mirrored: false,
    code: 'hs',
    hash: 'l',
    toGoal: 38,
    down: 2,
    distance: 7,
    motion: 'trade',
    men: 'TE-4',
  },
  call: 'anvil',
  choices: {
    codes: [
      { id: 'hs', name: 'high school', players: 11 },
      { id: 'ncaa', name: 'college', players: 11 },
      { id: 'flag5', name: 'flag', players: 5 },
    ],
    formations: [
      formationItem('pro-i', 11, ['trade']),
      formationItem('ace', 11, ['trade']),
      formationItem('trips', 11),
      formationItem('spread', 5),
    ],
    runs: [],
    spots: [],
  } satisfies Choices,
  calls: [{ id: 'anvil', players: 11 } as CallItem, { id: 'siskin', players: 5 } as CallItem],
}

describe('words of the line said anew', () => {
  it('leave what they do not speak of', () => {
    expect(lineWith(NOW, { snap: { hash: 'r' } })).toEqual({
      snap: { ...NOW.snap, hash: 'r' },
      call: 'anvil',
      unread: [],
    })
  })
  it('of another formation take off the men put by hand, and a motion that it has not', () => {
    expect(lineWith(NOW, { snap: { formation: 'ace' } }).snap).toMatchObject({ motion: 'trade', men: undefined })
    expect(lineWith(NOW, { snap: { formation: 'trips' } }).snap.motion).toBeUndefined()
    expect(lineWith(NOW, { snap: { mirrored: true } }).snap).toMatchObject({ motion: 'trade', men: undefined })
    expect(lineWith(NOW, { snap: { formation: 'ace', men: 'TE-5' } }).snap.men).toBe('TE-5')
  })
  it('of another game take formation, rules and call along, and the ball to the middle', () => {
    const flag = { snap: { formation: 'spread', code: 'flag5', hash: 'm' }, call: 'siskin' }
    expect(lineWith(NOW, { snap: { formation: 'spread' } })).toMatchObject(flag)
    expect(lineWith(NOW, { snap: {}, call: 'siskin' })).toMatchObject(flag)
    expect(lineWith(NOW, { snap: { code: 'flag5' } })).toMatchObject({ snap: { formation: 'spread' }, call: 'siskin' })
    expect(lineWith(NOW, { snap: { code: 'ncaa' } })).toMatchObject({ snap: { formation: 'pro-i', hash: 'l' } })
  })
  it('never leave more yards to go than there are to the goal line', () => {
    expect(lineWith(NOW, { snap: { toGoal: 3 } }).snap.distance).toBe(3)
    expect(lineWith(NOW, { snap: { toGoal: 20 }, goal: true }).snap.distance).toBe(20)
    expect(lineWith(NOW, { snap: { toGoal: 3, distance: 7 } }).unread).toEqual([
      '7 yards to go with 3 to the goal line',
    ])
  })
})
