import { describe, expect, it } from 'vitest'
import type { FigureGroup } from '../api/types'
import { bounded, matching, measures, ours, told, wrong } from './figures'

const figure = (id: string, what: string) => ({
  id,
  what,
  value: 7,
  ships: 7,
  unit: 'yd',
  least: 0,
  most: 28,
  source: 'model',
})
const GROUPS: FigureGroup[] = [
  {
    id: 'limits',
    name: 'From where the audit speaks',
    figures: [figure('rush-line', 'Flag: a rusher stands at least this deep.')],
  },
  {
    id: 'bodies',
    name: 'Bodies',
    figures: [figure('half-man', 'Half a man.'), figure('shade-tight', 'A tight shade.')],
  },
]

describe('the figures', () => {
  it('are found by every word, in any order and case', () => {
    expect(matching(GROUPS, 'deep RUSHER').map((g) => g.id)).toEqual(['limits'])
    expect(matching(GROUPS, 'bodies tight')[0]!.figures.map((f) => f.id)).toEqual(['shade-tight'])
    expect(matching(GROUPS, ' ')).toEqual(GROUPS)
    expect(matching(GROUPS, 'rusher tight')).toEqual([])
  })
  it('say what they may be', () => {
    expect(bounded(GROUPS[0]!.figures[0]!)).toBe('0 to 28 yd')
    expect(told(1 / 3)).toBe('0.333')
  })
  it('are told wrong where they cannot be set', () => {
    const figure = GROUPS[0]!.figures[0]!
    expect(wrong(figure, '6.5')).toBe('')
    expect(wrong(figure, '')).toContain('Type a number from 0 to 28 yd')
    expect(wrong(figure, '6,5')).toContain('Type a number')
    expect(wrong(figure, '28.1')).toBe('It is from 0 to 28 yd.')
  })
  it('are the own ones with what is typed, and no longer own when typed as they ship', () => {
    const own = { 'limits/rush-line': 6, 'bodies/half-man': 1 }
    expect(measures(GROUPS, own, { 'limits/rush-line': '7', 'bodies/shade-tight': '2' })).toEqual({
      'bodies/half-man': 1,
      'bodies/shade-tight': 2,
    })
    // a school may have set it: typed as it ships it is set, not forgotten
    expect(measures(GROUPS, {}, { 'limits/rush-line': '7' })).toEqual({ 'limits/rush-line': 7 })
    expect(ours(GROUPS, new Set(['bodies/half-man'])).flatMap((g) => g.figures.map((f) => f.id))).toEqual(['half-man'])
  })
})
