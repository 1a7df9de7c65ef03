import { useQuery } from '@tanstack/vue-query'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { answer, client, over, problemOf, type Problem } from '../api/client'
import type { Paged, PlaybookItem, RevisionItem } from '../api/types'
import { nameOf, useAtHand } from '../shell/atHand'
import { useKept } from '../shell/kept'
import { PLAYBOOK, queries } from '../shell/queries'
import { finds, wordsOf } from '../words/fitting'

export const KINDS = [
  { id: 'call', name: 'calls' },
  { id: 'front', name: 'fronts' },
  { id: 'coverage', name: 'coverages' },
  { id: 'movement', name: 'movements' },
  { id: 'pressure', name: 'pressures' },
  { id: 'formation', name: 'formations' },
  { id: 'run', name: 'runs' },
  { id: 'pass', name: 'passes' },
  { id: 'option', name: 'run-pass options' },
  { id: 'protection', name: 'protections' },
  { id: 'routes', name: 'route books' },
]
export const STANDINGS = [
  { id: 'all', name: 'everything' },
  { id: 'installed', name: 'installed' },
  { id: 'plan', name: "in this week's plan" },
  { id: 'own', name: 'our own' },
  { id: 'favourite', name: 'my favourites' },
  { id: 'used', name: 'what I used last' },
  { id: 'retired', name: 'retired' },
]
/** What the programme does with a document. */
export interface Standing {
  install: Install
  published: boolean
  retired: boolean
}
const INSTALL_WORDS: Record<Install, string> = {
  catalogue: 'back in the catalogue',
  installed: 'installed',
  plan: 'in this week’s plan',
}
/** What the last word made of it. */
export function standingWords(before: Standing, now: Standing): string {
  if (before.retired !== now.retired) return now.retired ? 'is put away' : 'is back'
  if (before.published !== now.published) return now.published ? 'is published: players see it' : 'is a draft again'
  return `is ${INSTALL_WORDS[now.install]}`
}
export type Install = PlaybookItem['install']

/** What is looked for in the playbook. */
export interface Wanted {
  kind: string
  standing: string
  find: string
  /** Calls that are meant for this formation; empty for any. */
  against: string
  favourites: readonly string[]
  /** The latest first. */
  used: readonly string[]
}
/** Which documents a list shows, those of one family together; pure, so that it can be tested without a server. */
export function shown(items: readonly PlaybookItem[], by: Wanted): PlaybookItem[] {
  const wanted = wordsOf(by.find, new Set(items.flatMap((i) => i.kinds)))
  const found = items.filter((i) => {
    if (i.kind !== by.kind) return false
    if (by.standing === 'retired' ? !i.retired : i.retired) return false
    if (by.standing === 'own' && i.revision === 0) return false
    if (by.standing === 'plan' && i.install !== 'plan') return false
    if (by.standing === 'installed' && i.install === 'catalogue') return false
    if (by.standing === 'favourite' && !by.favourites.includes(nameOf(i))) return false
    if (by.standing === 'used' && !by.used.includes(nameOf(i))) return false
    if (i.kind === 'call' && by.against && !i.kinds.includes(by.against)) return false
    return finds(wanted, `${i.name} ${i.summary} ${i.family} ${i.id}`, i.kinds)
  })
  if (by.standing === 'used') return found.sort((a, b) => by.used.indexOf(nameOf(a)) - by.used.indexOf(nameOf(b)))
  return [...families(found).values()].flat()
}
/** Documents by family, in the order in which each is met first. */
export function families(items: readonly PlaybookItem[]): Map<string, PlaybookItem[]> {
  const found = new Map<string, PlaybookItem[]>()
  for (const item of items) found.set(item.family, [...(found.get(item.family) ?? []), item])
  return found
}

/** Everything in the playbook and what the programme does with it. */
export const usePlaybook = defineStore('playbook', () => {
  /** Asked when a view opens, and after each change of ours. */
  const asked = useQuery({ ...PLAYBOOK, enabled: false }, queries)
  const items = computed<PlaybookItem[]>(() => asked.data.value ?? [])
  const kind = useKept('playbook.kind', 'call')
  const standing = useKept('playbook.standing', 'all')
  const find = ref('')
  const selectedId = useKept('playbook.selected', '')
  const loading = asked.isPending
  /** Whether it is known what is in it: until then nothing is said to be missing. */
  const known = asked.isSuccess
  /** Why the last word was not taken. */
  const refused = shallowRef<Problem>()
  const problem = computed(() => refused.value ?? (asked.error.value ? problemOf(asked.error.value) : undefined))
  const against = ref('')
  const hand = useAtHand()
  const list = computed(() =>
    shown(items.value, {
      kind: kind.value,
      standing: standing.value,
      find: find.value,
      against: against.value,
      favourites: hand.favourites,
      used: hand.used,
    }),
  )
  /** The one in hand: the first of the list until one is picked. */
  const selected = computed(
    () => items.value.find((i) => i.kind === kind.value && i.id === selectedId.value) ?? list.value[0],
  )
  const of = (wanted: string): PlaybookItem[] => items.value.filter((i) => i.kind === wanted && !i.retired)

  /** Shows one document in its list, whatever was looked for. */
  function show(item: { kind: string; id: string }): void {
    kind.value = item.kind
    standing.value = 'all'
    find.value = ''
    against.value = ''
    selectedId.value = item.id
  }
  async function load(): Promise<void> {
    refused.value = undefined
    await asked.refetch()
  }
  /** What was said last of a document, and how it stood before. */
  const said = shallowRef<{ kind: string; id: string; name: string; before: Standing; now: Standing }>()
  /** Says what the programme does with a document; refused when somebody changed it meanwhile. */
  async function stand(item: PlaybookItem, change: Partial<Standing>): Promise<void> {
    const before: Standing = { install: item.install, published: item.published, retired: item.retired }
    const now = { ...before, ...change }
    selectedId.value = item.id
    try {
      await answer(
        client.PUT('/api/playbook/{kind}/{id}/standing', {
          params: { path: { kind: item.kind, id: item.id }, header: over(item.version) },
          body: now,
        }),
      )
      // said when the list shows it, so that taking it back is asked of what stands now
      await load()
      said.value = { kind: item.kind, id: item.id, name: item.name, before, now }
    } catch (error) {
      refused.value = problemOf(error)
    }
  }
  /** As it stood before the last word, unless somebody else said another one since. */
  async function unsay(): Promise<void> {
    const last = said.value
    const item = items.value.find((i) => i.kind === last?.kind && i.id === last.id)
    if (!last || !item) return
    await stand(item, last.before)
    if (!problem.value) said.value = undefined
    show(item)
  }
  const history = (item: PlaybookItem, page: number): Promise<Paged<RevisionItem>> =>
    answer(
      client.GET('/api/playbook/{kind}/{id}/revisions', {
        params: { path: { kind: item.kind, id: item.id }, query: { page } },
      }),
    )

  async function compose(name: string, layers: string[]): Promise<string> {
    const made = await answer(client.POST('/api/compositions', { body: { name, layers } }))
    await load()
    return made.id
  }
  async function duplicate(item: PlaybookItem, name: string): Promise<string> {
    const made = await answer(
      client.POST('/api/calls', { body: { name, from: item.id, fromRevision: item.revision, edits: [] } }),
    )
    await load()
    return made.id
  }
  async function lift(call: PlaybookItem, layer: string, name: string): Promise<void> {
    await answer(client.POST('/api/playbook/layers', { body: { call: call.id, revision: call.revision, layer, name } }))
    await load()
  }
  return {
    items,
    kind,
    standing,
    find,
    against,
    selectedId,
    loading,
    known,
    problem,
    list,
    selected,
    of,
    show,
    load,
    said,
    stand,
    unsay,
    history,
    compose,
    duplicate,
    lift,
  }
})
