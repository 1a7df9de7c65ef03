import { describe, expect, it } from 'vitest'
import type { Muted } from '../api/types'
import { finding } from '../testing/fixtures'
import { countWords, flat, grouped, headOf, next } from './findings'

const mute = (title: string): Muted => ({
  id: 1,
  call: 'anvil-fog',
  finding: `gaps/${title}`,
  title,
  reason: 'We live with it.',
  mutedBy: 'marrow',
  mutedAt: '2026-11-01T10:00:00Z',
})

describe('findings in groups', () => {
  const all = [finding('bust', 'Open.'), finding('weak', 'Late.'), finding('note', 'Small.'), finding('note', 'Other.')]
  it('stand as they come and are numbered through', () => {
    const groups = grouped(all, [])
    expect(groups.map((g) => g.severity)).toEqual(['bust', 'weak', 'note'])
    expect(flat(groups).map((l) => [l.n, l.finding.title])).toEqual([
      [1, 'Open.'],
      [2, 'Late.'],
      [3, 'Small.'],
      [4, 'Other.'],
    ])
    expect(countWords(groups)).toBe('1 bust · 1 weak · 2 notes')
  })
  it('a muted one goes last with its reason, and counts no more among its own', () => {
    const groups = grouped(all, [mute('Open.')])
    expect(groups.map((g) => g.severity)).toEqual(['weak', 'note', 'muted'])
    expect(flat(groups).at(-1)!.muted!.reason).toBe('We live with it.')
    expect(grouped(all, [{ ...mute('Open.'), finding: 'edge/Open.' }]).map((g) => g.severity)).toEqual([
      'bust',
      'weak',
      'note',
    ])
  })
  it('standing facts have a head of their own, after what was found', () => {
    const groups = grouped([...all, finding('fact', 'Light.')], [])
    expect(groups.map(headOf)).toEqual([
      'bust: a play for nothing',
      'weak: costs ground',
      'note: worth knowing',
      'standing facts: what it gives and leans on',
    ])
  })
  it('are walked round', () => {
    expect([next(all, -1, 1), next(all, -1, -1), next(all, 3, 1), next(all, 0, -1), next([], 0, 1)]).toEqual([
      0, 3, 0, 3, -1,
    ])
  })
})
