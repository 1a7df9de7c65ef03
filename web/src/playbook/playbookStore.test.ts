import { describe, expect, it } from 'vitest'
import type { PlaybookItem } from '../api/types'
import { wordsOf } from '../words/fitting'
import { shown } from './playbookStore'

const item = (over: Partial<PlaybookItem>): PlaybookItem => ({
  kind: 'call',
  id: 'anvil-fog',
  name: 'Anvil Fog',
  summary: 'anvil + fog',
  kinds: ['cover 2', 'zone'],
  revision: 0,
  install: 'catalogue',
  published: true,
  retired: false,
  version: -1,
  sketch: { offence: [], defence: [], ways: [] },
  ...over,
})
const ITEMS = [
  item({}),
  item({ id: 'anvil-heron', name: 'Anvil Heron', summary: 'anvil + squall + heron', install: 'plan' }),
  item({ id: 'ours', name: 'Ours', install: 'installed', revision: 2 }),
  item({ id: 'old', name: 'Old one', retired: true }),
  item({ kind: 'front', id: 'anvil', name: 'Anvil' }),
]
const ids = (standing: string, find = '', kind = 'call'): string[] =>
  shown(ITEMS, kind, standing, find).map((i) => i.id)

describe('what a playbook list shows', () => {
  it('keeps kinds apart and retired ones out', () => {
    expect(ids('all')).toEqual(['anvil-fog', 'anvil-heron', 'ours'])
    expect(ids('all', '', 'front')).toEqual(['anvil'])
    expect(ids('retired')).toEqual(['old'])
  })
  it('knows the standings: what is in the plan is installed too', () => {
    expect(ids('plan')).toEqual(['anvil-heron'])
    expect(ids('installed')).toEqual(['anvil-heron', 'ours'])
    expect(ids('own')).toEqual(['ours'])
  })
  it('finds by a few letters of name or layers, in any order', () => {
    expect(ids('all', 'her squ')).toEqual(['anvil-heron'])
    expect(ids('all', 'zzz')).toEqual([])
  })
  it('keeps the words of a kind together: cover 3 is not a cover 2 against three receivers', () => {
    const three = item({ id: 'three', name: 'Three', kinds: ['cover 3', 'zone'] })
    const two = item({ id: 'two', name: 'Two', kinds: ['cover 2', 'zone', 'trips-3'] })
    expect(shown([three, two], 'call', 'all', 'Cover 3 zone').map((i) => i.id)).toEqual(['three'])
    expect(shown([three, two], 'call', 'all', 'trips cover').map((i) => i.id)).toEqual(['two'])
    expect(wordsOf('man free to', new Set(['man free']))).toEqual([
      { words: 'man free', kind: true },
      { words: 'to', kind: false },
    ])
  })
})
