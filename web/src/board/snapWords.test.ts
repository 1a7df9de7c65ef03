import { describe, expect, it } from 'vitest'
import { readSnapWords } from './snapWords'

const formations = [
  {
    id: 'pro-i',
    name: 'Pro I',
    family: 'two backs',
    players: 11,
    motions: [{ id: 'trade', name: 'tight end trades' }],
  },
  {
    id: 'trips-open',
    name: 'Trips open',
    family: 'two backs',
    players: 11,
    motions: [{ id: 'back', name: 'back changes side' }],
  },
  { id: 'trips-nub', name: 'Trips, end away', family: 'two backs', players: 11, motions: [] },
]
const calls = [
  { id: 'anvil-fog', name: 'Anvil Fog', players: 11, revision: 0, digest: '' },
  { id: 'anvil-drizzle', name: 'Anvil Drizzle', players: 11, revision: 0, digest: '' },
]
const now = { formation: 'pro-i', mirrored: false, code: 'hs', hash: 'm', toGoal: 38, down: 1, distance: 10 }
const read = (text: string) => readSnapWords(text, now, formations, calls)

describe('typed snap', () => {
  it('takes words in any order', () => {
    expect(read('trips left, r, 12, 3&7, fog')).toEqual({
      snap: { formation: 'trips-open', motion: undefined, mirrored: true, hash: 'r', toGoal: 12, down: 3, distance: 7 },
      call: 'anvil-fog',
      unread: [],
    })
  })
  it('knows the motions of the formation just named', () => {
    expect(read('trips back').snap).toEqual({ formation: 'trips-open', motion: 'back' })
    expect(read('trade').snap).toEqual({ motion: 'trade' })
  })
  it('tells a formation from a code of rules', () => {
    expect(read('pro').snap.formation).toBe('pro-i')
    expect(read('trips pro').snap.code).toBe('pro')
  })
  it('gives back what it does not understand', () => {
    expect(read('trips zebra 99x')).toMatchObject({ unread: ['zebra', '99x'] })
  })
})
