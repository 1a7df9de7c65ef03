import { describe, expect, it } from 'vitest'
import type { CallSheet } from '../api/types'
import { EMPTY, freshRung, ladderOf, THIS_WEEK, weekOf, withEdit, withHand, withoutHand } from './draft'

const sheet: CallSheet = {
  id: 'anvil-fog',
  name: 'Anvil Fog',
  revision: 0,
  digest: 'd',
  pictures: [],
  layers: [],
  meantFor: [],
  points: [],
  roles: [
    {
      id: 'mike',
      name: 'mike',
      label: 'M',
      fresh: 'anvil-fog/mike/own-1',
      freshThisWeek: 'this-week/mike/own-2',
      sits: 'call side',
      rungs: [
        { id: 'this-week/mike/own-1', layer: 'plan', sentence: 'key ball', added: true },
        { id: 'anvil/mike/base', layer: 'front', sentence: 'run B gap', saved: 'run A gap', added: false },
      ],
    },
  ],
}

describe('draft', () => {
  it('shows the ladder as the server lays the draft over it, and knows the rungs of this week', () => {
    expect(ladderOf(sheet, 'mike').map((r) => r.id)).toEqual(['this-week/mike/own-1', 'anvil/mike/base'])
    expect(ladderOf(sheet, 'nobody')).toEqual([])
    expect(weekOf(sheet)).toEqual(['this-week/mike/own-1'])
  })
  it('takes the names of new rungs from the server', () => {
    expect(freshRung(sheet, 'mike')).toBe('anvil-fog/mike/own-1')
    expect(freshRung(sheet, 'mike', THIS_WEEK)).toBe('this-week/mike/own-2')
  })
  it('keeps one sentence per rung and one place per man', () => {
    const twice = withEdit(withEdit(EMPTY, { rung: 'r/a/b', sentence: '1' }), { rung: 'r/a/b', sentence: '2' })
    expect(twice.edits).toEqual([{ rung: 'r/a/b', sentence: '2' }])
    const hand = withHand(withHand(EMPTY, { job: 'mike', phrase: 'x' }), { job: 'mike', phrase: 'y' })
    expect(hand.hand).toEqual([{ job: 'mike', phrase: 'y' }])
    expect(withoutHand(hand, 'mike').hand).toEqual([])
  })
})
