import { describe, expect, it } from 'vitest'
import type { SnapWords } from '../api/types'
import { fromQuery, sameQuery, toQuery } from './boardAddress'

const SNAP: SnapWords = {
  formation: 'trips-open',
  mirrored: true,
  motion: 'jet',
  code: 'hs',
  hash: 'r',
  toGoal: 12,
  down: 3,
  distance: 4,
}
const NOW = { snap: { ...SNAP, formation: 'pro-i', mirrored: false, toGoal: 38 }, call: 'anvil-drizzle' }

describe('address of the board', () => {
  it('comes back as it was sent', () => {
    const place = { snap: SNAP, call: 'awl-fog' }
    const query = toQuery(place)
    expect(fromQuery(query, NOW)).toEqual({ ...place, snap: { ...SNAP, men: undefined } })
    expect(sameQuery(query, { ...query })).toBe(true)
    expect(sameQuery(query, { ...query, ball: '13' })).toBe(false)
  })
  it('keeps what stands where an address says nothing sensible, and asks for nothing without a call', () => {
    const found = fromQuery({ call: 'awl-fog', ball: '250', down: '9-x', hash: '' }, NOW)!
    expect(found.snap).toMatchObject({ toGoal: 38, down: 3, distance: 4, hash: 'r', formation: 'pro-i' })
    expect(fromQuery({ ball: '12' }, NOW)).toBeUndefined()
  })
  it('never asks for more yards than there are to the goal line', () => {
    expect(fromQuery({ call: 'awl-fog', ball: '3', down: '1-10' }, NOW)!.snap.distance).toBe(3)
  })
})
