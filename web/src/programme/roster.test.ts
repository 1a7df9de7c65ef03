import { describe, expect, it } from 'vitest'
import type { RosterSheet } from '../api/types'
import {
  fittedMen,
  freshId,
  lineOf,
  listed,
  measured,
  men,
  notOnChart,
  pairChoice,
  pairChoices,
  saidMen,
  setPair,
} from './roster'

const sheet = (): RosterSheet => ({
  players: [
    { id: 'a', number: 90, name: 'Tolley', body: 'T', weight: 236, shuttle: 4.8 },
    { id: 'man-3', number: 4, name: 'Vickery', body: 'DB' },
  ],
  chart: [
    { role: 'tackle', personnel: [], players: ['a'] },
    { role: 'tackle', personnel: ['22'], players: ['man-3'] },
  ],
  staying: [],
})

describe('roster', () => {
  it('says what was measured and no more', () => {
    expect(sheet().players.map(measured)).toEqual(['236 lb, 4.80 s', ''])
  })
  it('keeps the general line apart from the one against special personnel', () => {
    const s = sheet()
    expect([listed(s, 'tackle', false), listed(s, 'tackle', true), listed(s, 'nose', false)]).toEqual([
      ['a'],
      ['man-3'],
      [],
    ])
    lineOf(s, 'nose', false).players.push('a')
    expect(listed(s, 'nose', false)).toEqual(['a'])
    expect(s.chart).toHaveLength(3)
  })
  it('reads men by number or name and says whom it cannot find or tell apart', () => {
    const s = sheet()
    expect(men(s, '90, vickery')).toEqual({ players: ['a', 'man-3'], trouble: '' })
    expect(men(s, '4 90').players).toEqual(['man-3', 'a'])
    expect(men(s, '12').trouble).toContain('nobody is 12')
    s.players.push({ id: 'b', number: 4, name: 'Moss', body: 'DB' })
    expect(men(s, '4').trouble).toBe('4 is Vickery and Moss; write the name')
    expect(saidMen(s, ['a', 'man-3', 'gone'])).toBe('90, Vickery')
    expect(fittedMen(s, ['a', 'b'])).toBe('90 Tolley 236 lb, 4.80 s · 4 Moss')
  })
  it('finds a free key and the men nobody lists', () => {
    expect(freshId(sheet())).toBe('man-4')
    expect([...notOnChart({ ...sheet(), chart: [] })]).toEqual(['a', 'man-3'])
  })
  it('lets a role be of one pair only', () => {
    const s = sheet()
    setPair(s, 'tackle', 'tackle|nose')
    setPair(s, 'end-call', 'end-call|end-away')
    expect(pairChoice(s, 'nose')).toBe('tackle|nose')
    setPair(s, 'tackle', 'nose|tackle')
    expect(s.staying).toEqual([
      { right: 'end-call', left: 'end-away' },
      { right: 'nose', left: 'tackle' },
    ])
    setPair(s, 'tackle', '')
    expect(s.staying).toHaveLength(1)
    expect(
      pairChoices(
        [
          { right: 'corner', left: 'corner' },
          { right: 'mike', left: 'will' },
        ],
        'mike',
        [{ id: 'will', name: 'weak backer', label: 'W', body: 'LB', fronts: [], eachSide: false }],
      ).map((c) => c.words),
    ).toEqual(['stay: he right, weak backer left', 'stay: he left, weak backer right'])
  })
})
