import { describe, expect, it } from 'vitest'
import { EMPTY, withEdit } from './draft'
import { historyOf, menuWords, unsaved, withHistory } from './drafts'
import { begin, change, undo } from './history'

const edited = change(begin(EMPTY), withEdit(EMPTY, { rung: 'fog/mike/own-1', sentence: 'run A gap' }))

describe('drafts by call', () => {
  it('stand side by side and are counted in the menu', () => {
    const drafts = withHistory({}, 'fog', 2, edited)
    expect(unsaved(drafts, 'fog')).toBe(1)
    expect(unsaved(drafts, 'frost')).toBe(0)
    const calls = [
      { id: 'fog', name: 'Anvil Fog' },
      { id: 'frost', name: 'Anvil Frost' },
    ]
    expect(menuWords(drafts, calls).map((c) => c.name)).toEqual(['Anvil Fog (1 not saved)', 'Anvil Frost'])
    expect(drafts.fog?.revision).toBe(2)
  })
  it('keep what can be redone, and go when there is nothing before or after', () => {
    const undone = withHistory({}, 'fog', 2, undo(edited))
    expect(historyOf(undone, 'fog').future).toHaveLength(1)
    expect(withHistory(undone, 'fog', 2, begin(EMPTY))).toEqual({})
  })
})
