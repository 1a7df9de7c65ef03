import { describe, expect, it } from 'vitest'
import type { CallSheet } from '../api/types'
import { EMPTY, freshRung, ladderOf, THIS_WEEK, weekOf, withEdit, withHand, withoutHand } from './draft'

const sheet: CallSheet = {
  id: 'anvil-fog',
  name: 'Anvil Fog',
  revision: 0,
  digest: 'd',
  motion: [],
  checks: [],
  layers: [],
  meantFor: [],
  points: [],
  roles: [
    {
      id: 'mike',
      label: 'M',
      sits: 'call side',
      rungs: [
        { id: 'fog/hook-strong/base', layer: 'coverage', sentence: 'pass hook-curl' },
        { id: 'anvil/mike/base', layer: 'front', sentence: 'run A gap' },
      ],
    },
  ],
}

describe('draft', () => {
  it('lays edits over the saved ladder and says what was saved', () => {
    const draft = withEdit(EMPTY, { rung: 'anvil/mike/base', sentence: 'run B gap' })
    expect(ladderOf(sheet, 'mike', draft)[1]).toEqual({
      id: 'anvil/mike/base',
      layer: 'front',
      sentence: 'run B gap',
      saved: 'run A gap',
      added: false,
    })
    expect(ladderOf(sheet, 'mike', EMPTY)[1]?.saved).toBeUndefined()
  })
  it('puts rungs of the call on top, the newest first', () => {
    let draft = withEdit(EMPTY, { rung: 'anvil-fog/mike/own-1', sentence: 'align gap A @ 5' })
    draft = withEdit(draft, { rung: 'anvil-fog/mike/own-2', sentence: 'align gap A @ 6' })
    expect(ladderOf(sheet, 'mike', draft).map((r) => r.id)).toEqual([
      'anvil-fog/mike/own-2',
      'anvil-fog/mike/own-1',
      'fog/hook-strong/base',
      'anvil/mike/base',
    ])
    expect(freshRung('anvil-fog', 'mike', draft, sheet)).toBe('anvil-fog/mike/own-3')
  })
  it('puts rungs of this week above everything and knows them all', () => {
    const week = freshRung(THIS_WEEK, 'mike', EMPTY, sheet)
    const draft = withEdit(withEdit(EMPTY, { rung: week, sentence: 'key centre' }), {
      rung: 'anvil-fog/mike/own-1',
      sentence: 'align gap A @ 5',
    })
    expect(ladderOf(sheet, 'mike', draft).map((r) => r.layer)).toEqual(['plan', 'call', 'coverage', 'front'])
    expect(weekOf(sheet, draft)).toEqual([week])
    expect(weekOf(sheet, withEdit(draft, { rung: week, sentence: '' }))).toEqual([])
  })
  it('keeps one sentence per rung and one place per man', () => {
    const twice = withEdit(withEdit(EMPTY, { rung: 'r/a/b', sentence: '1' }), { rung: 'r/a/b', sentence: '2' })
    expect(twice.edits).toEqual([{ rung: 'r/a/b', sentence: '2' }])
    const hand = withHand(withHand(EMPTY, { job: 'mike', phrase: 'x' }), { job: 'mike', phrase: 'y' })
    expect(hand.hand).toEqual([{ job: 'mike', phrase: 'y' }])
    expect(withoutHand(hand, 'mike').hand).toEqual([])
  })
})
