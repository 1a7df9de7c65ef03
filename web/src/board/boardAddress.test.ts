import { describe, expect, it } from 'vitest'
import type { CallItem, Choices, SnapWords } from '../api/types'
import { fromQuery, knownOnly, sameQuery, toQuery } from './boardAddress'
import { formationItem } from '../testing/fixtures'

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

describe('an address that asks for what is not here', () => {
  const choices: Choices = {
    codes: [
      { id: 'hs', name: 'high school', players: 11 },
      { id: 'flag5', name: 'flag', players: 5 },
    ],
    formations: [formationItem('pro-i'), formationItem('trips-open', 11, ['jet']), formationItem('flag-spread', 5)],
    runs: [],
    spots: [],
  }
  const call = (id: string, players = 11): CallItem => ({
    id,
    name: id,
    players,
    revision: 0,
    digest: '',
    words: '',
    kinds: [],
    meantFor: [],
  })
  const calls = [call('anvil-drizzle'), call('tack-siskin', 5)]
  const known = (over: Partial<SnapWords>, id = 'anvil-drizzle') =>
    knownOnly({ snap: { ...SNAP, ...over }, call: id }, NOW, choices, calls)
  it('stands on what there is, and says what is not', () => {
    expect(known({}).unknown).toEqual([])
    const wrong = known({ formation: 'nope', code: 'xx', hash: 'zz', men: 'X' }, 'gone')
    expect(wrong.unknown).toEqual(['call gone', 'formation nope', 'rules xx', 'hash zz'])
    expect(wrong).toMatchObject({ call: 'anvil-drizzle', snap: { formation: 'pro-i', code: 'hs', hash: 'r' } })
    expect(wrong.snap.men).toBeUndefined()
    expect(known({ hash: '-3.5' }).unknown).toEqual([])
    const strange = known({ motion: 'orbit' })
    expect(strange.unknown).toEqual(['motion orbit'])
    expect(strange.snap.motion).toBeUndefined()
    expect(known({ formation: 'pro-i' }, 'gone').snap.motion).toBeUndefined()
  })
  it('lets the other give way when a call or a formation is asked for alone', () => {
    const alone = (query: Record<string, string>) => knownOnly(fromQuery(query, NOW)!, NOW, choices, calls)
    expect(alone({ against: 'flag-spread' })).toMatchObject({
      call: 'tack-siskin',
      snap: { formation: 'flag-spread', code: 'flag5' },
      unknown: [],
    })
    expect(alone({ call: 'tack-siskin' })).toMatchObject({ snap: { formation: 'flag-spread' }, unknown: [] })
    expect(alone({ against: 'trips-open' })).toMatchObject({ call: 'anvil-drizzle', unknown: [] })
  })
  it('never shows a call of one game against a formation of another', () => {
    expect(known({ formation: 'pro-i' }, 'tack-siskin')).toMatchObject({
      snap: { formation: 'flag-spread', code: 'flag5', hash: 'm' },
      unknown: ['pro-i against a call of another game'],
    })
  })
})
