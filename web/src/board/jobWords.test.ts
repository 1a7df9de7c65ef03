import { describe, expect, it } from 'vitest'
import type { JobRow, PartRow } from '../api/types'
import { because, part, tight } from './jobWords'

const told = (name: string, rung: string, facts: [string, string][]): PartRow =>
  ({
    part: name,
    shown: name,
    given: 'value',
    because: [{ rung, facts: facts.map(([fact, answer]) => ({ fact, answer })) }],
  }) as unknown as PartRow
const JOB = {
  id: 'nickel',
  parts: [
    told('align', 'drizzle/overhang/base', []),
    told('run', 'drizzle/overhang/force', [
      ['tight end on my side', 'yes'],
      ['wing on my side', 'no'],
    ]),
    told('pass', 'drizzle/overhang/base', []),
    told('key', 'drizzle/overhang/keys', []),
  ],
} as unknown as JobRow

describe('a job in words', () => {
  it('says why by the rungs of place, run and pass, each once, with the facts that held', () => {
    expect(because(JOB)).toEqual([
      { rung: 'drizzle/overhang/base', facts: '' },
      { rung: 'drizzle/overhang/force', facts: 'tight end on my side' },
    ])
  })
  it('keeps a place on one line', () => {
    expect(tight('curl-flat left, 13.3 x 11')).toBe('curl-flat left, 13.3\u00a0x\u00a011')
    expect(part(JOB, 'run').shown).toBe('run')
  })
})
