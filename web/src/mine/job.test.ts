import { describe, expect, it } from 'vitest'
import { job, sheet } from '../testing/fixtures'
import { jobOf, told } from './job'

const his = {
  ...job('weak', 'WS', 7),
  player: { id: 'lind', said: '31 Lind', measured: '', notes: [] },
  parts: [
    { part: 'pass', shown: 'curl-flat left', words: '', given: 'value', because: [] },
    { part: 'align', shown: 'outside end man 3 x 6', words: '', given: 'value', because: [] },
    { part: 'move', shown: '', words: '', given: 'nobody', because: [] },
    { part: 'stance', shown: 'none', words: '', given: 'value', because: [] },
  ],
} as ReturnType<typeof job>

describe("a player's job", () => {
  it('is that of the man of the roster he is', () => {
    const all = sheet([job('nickel', 'NB', 3), his])
    expect(jobOf(all, 'lind')?.id).toBe('weak')
    expect(jobOf(all, 'rudge')).toBeUndefined()
    expect(jobOf(undefined, 'lind')).toBeUndefined()
  })
  it('is told in the order he needs it, without what is not said', () => {
    expect(told(his)).toEqual([
      { what: 'Stand', words: 'outside end man 3 x 6' },
      { what: 'Pass', words: 'curl-flat left' },
    ])
  })
})
