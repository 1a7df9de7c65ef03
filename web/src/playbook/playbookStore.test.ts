import { createPinia, setActivePinia } from 'pinia'
import { afterEach, describe, expect, it, vi } from 'vitest'
import type { PlaybookItem } from '../api/types'
import { playbookItem as item } from '../testing/fixtures'
import { wordsOf } from '../words/fitting'
import { client } from '../api/client'
import { queries } from '../shell/queries'
import { shown, standingWords, usePlaybook, type Wanted } from './playbookStore'

const ITEMS = [
  item({}),
  item({ id: 'anvil-heron', name: 'Anvil Heron', summary: 'anvil + squall + heron', install: 'plan' }),
  item({ id: 'ours', name: 'Ours', install: 'installed', revision: 2 }),
  item({ id: 'old', name: 'Old one', retired: true }),
  item({ kind: 'front', id: 'anvil', name: 'Anvil' }),
]
const wanted = (kind: string, standing: string, find = '', over: Partial<Wanted> = {}): Wanted => ({
  kind,
  standing,
  find,
  against: '',
  favourites: [],
  used: [],
  ...over,
})
const ids = (standing: string, find = '', kind = 'call'): string[] =>
  shown(ITEMS, wanted(kind, standing, find)).map((i) => i.id)

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
    expect(shown([three, two], wanted('call', 'all', 'Cover 3 zone')).map((i) => i.id)).toEqual(['three'])
    expect(shown([three, two], wanted('call', 'all', 'trips cover')).map((i) => i.id)).toEqual(['two'])
    expect(wordsOf('man free to', new Set(['man free']))).toEqual([
      { words: 'man free', kind: true },
      { words: 'to', kind: false },
    ])
  })
})

describe('what is at hand in a playbook list', () => {
  const of = (standing: string, over: Partial<Wanted>): string[] =>
    shown(ITEMS, wanted('call', standing, '', over)).map((i) => i.id)
  it('has a family together, in the order it is first met', () => {
    const list = [item({ id: 'a' }), item({ id: 'b', family: 'Cover 3' }), item({ id: 'c' })]
    expect(shown(list, wanted('call', 'all')).map((i) => i.id)).toEqual(['a', 'c', 'b'])
  })
  it('has what was used last first, whatever its family', () => {
    expect(of('used', { used: ['call/ours', 'call/gone', 'call/anvil-fog'] })).toEqual(['ours', 'anvil-fog'])
  })
  it('has the favourites of this kind', () => {
    expect(of('favourite', { favourites: ['call/ours', 'front/anvil'] })).toEqual(['ours'])
  })
  it('has calls that are meant for a formation, and asks it of calls alone', () => {
    const meant = item({ id: 'meant', kinds: ['cover 2', 'trips-open'] })
    expect(shown([...ITEMS, meant], wanted('call', 'all', '', { against: 'trips-open' }))).toEqual([meant])
    expect(shown(ITEMS, wanted('front', 'all', '', { against: 'trips-open' }))).toHaveLength(1)
  })
})

describe('the one in hand', () => {
  afterEach(() => vi.restoreAllMocks())
  it('is the first of the list until one is picked, and stays in hand when the list loses it', async () => {
    localStorage.clear()
    setActivePinia(createPinia())
    let stored = ITEMS
    vi.spyOn(client, 'GET').mockImplementation(() => Promise.resolve({ data: stored, response: new Response() }))
    vi.spyOn(client, 'PUT').mockImplementation((() => {
      stored = stored.map((i) => (i.id === 'anvil-fog' ? { ...i, retired: true } : i))
      return Promise.resolve({ data: stored[0], response: new Response() })
    }) as never)
    const playbook = usePlaybook()
    expect(playbook.loading).toBe(true)
    await playbook.load()
    expect(playbook.loading).toBe(false)
    expect(playbook.selected?.id).toBe('anvil-fog')
    await playbook.stand(playbook.selected!, { retired: true })
    expect(playbook.list.map((i) => i.id)).not.toContain('anvil-fog')
    expect(playbook.selected).toMatchObject({ id: 'anvil-fog', retired: true })
  })
  it('is nobody when the playbook could not be opened, and the reason is said', async () => {
    setActivePinia(createPinia())
    queries.clear()
    vi.spyOn(client, 'GET').mockResolvedValue({
      error: { detail: 'The database is away.' },
      response: new Response(null, { status: 409 }),
    } as never)
    const playbook = usePlaybook()
    await playbook.load()
    expect(playbook.selected).toBeUndefined()
    expect(playbook.problem?.detail).toBe('The database is away.')
  })
})

describe('what is said of a document', () => {
  afterEach(() => vi.restoreAllMocks())

  it('can be taken back, over the version that the word made', async () => {
    setActivePinia(createPinia())
    queries.clear()
    let stored = ITEMS[0]!
    vi.spyOn(client, 'GET').mockImplementation(() => Promise.resolve({ data: [stored], response: new Response() }))
    const put = vi.spyOn(client, 'PUT').mockImplementation(((_: string, asked: { body: Partial<PlaybookItem> }) => {
      stored = { ...stored, ...asked.body, version: stored.version + 1 }
      return Promise.resolve({ data: stored, response: new Response() })
    }) as never)
    const playbook = usePlaybook()
    await playbook.load()
    await playbook.stand(playbook.items[0]!, { retired: true })
    expect(standingWords(playbook.said!.before, playbook.said!.now)).toBe('is put away')
    expect(playbook.items[0]!.retired).toBe(true)
    await playbook.unsay()
    expect(playbook.items[0]!.retired).toBe(false)
    expect(playbook.said).toBeUndefined()
    expect(playbook.selectedId).toBe('anvil-fog')
    expect(put.mock.calls.map((c) => JSON.stringify(c[1]))[1]).toContain('"If-Match"')
  })
  it('is told by what changed', () => {
    const stood = { install: 'catalogue' as const, published: true, retired: false }
    expect(standingWords(stood, { ...stood, install: 'plan' })).toBe('is in this week’s plan')
    expect(standingWords(stood, { ...stood, published: false })).toBe('is a draft again')
    expect(standingWords({ ...stood, retired: true }, stood)).toBe('is back')
  })
})
