import { describe, expect, it } from 'vitest'
import type { FigureGroup } from '../api/types'
import { bounded, matching } from './figures'

const figure = (id: string, what: string) => ({ id, what, value: 7, unit: 'yd', least: 0, most: 28, source: 'model' })
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
  })
})
