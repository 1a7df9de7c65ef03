import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { answer, client, over, problemOf, type Problem } from '../api/client'
import type { Paged, PlaybookItem, RevisionItem } from '../api/types'
import { useKept } from '../shell/kept'
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

/** Which documents a list shows; pure, so that it can be tested without a server. */
export function shown(items: readonly PlaybookItem[], kind: string, standing: string, find: string): PlaybookItem[] {
  const wanted = wordsOf(find, new Set(items.flatMap((i) => i.kinds)))
  return items.filter((i) => {
    if (i.kind !== kind) return false
    if (standing === 'retired' ? !i.retired : i.retired) return false
    if (standing === 'own' && i.revision === 0) return false
    if (standing === 'plan' && i.install !== 'plan') return false
    if (standing === 'installed' && i.install === 'catalogue') return false
    return finds(wanted, `${i.name} ${i.summary} ${i.id}`, i.kinds)
  })
}

/** Everything in the playbook and what the programme does with it. */
export const usePlaybook = defineStore('playbook', () => {
  const items = shallowRef<PlaybookItem[]>([])
  const kind = useKept('playbook.kind', 'call')
  const standing = useKept('playbook.standing', 'all')
  const find = ref('')
  const selectedId = useKept('playbook.selected', '')
  const loading = ref(true)
  const problem = ref<Problem>()
  const list = computed(() => shown(items.value, kind.value, standing.value, find.value))
  const selected = computed(() => items.value.find((i) => i.kind === kind.value && i.id === selectedId.value))
  const of = (wanted: string): PlaybookItem[] => items.value.filter((i) => i.kind === wanted && !i.retired)

  /** Shows one document in its list, whatever was looked for. */
  function show(item: { kind: string; id: string }): void {
    kind.value = item.kind
    standing.value = 'all'
    find.value = ''
    selectedId.value = item.id
  }
  async function load(): Promise<void> {
    try {
      items.value = await answer(client.GET('/api/playbook'))
      problem.value = undefined
    } catch (error) {
      problem.value = problemOf(error)
    } finally {
      loading.value = false
    }
  }
  /** What was said last of a document, and how it stood before. */
  const said = shallowRef<{ kind: string; id: string; name: string; before: Standing; now: Standing }>()
  /** Says what the programme does with a document; refused when somebody changed it meanwhile. */
  async function stand(item: PlaybookItem, change: Partial<Standing>): Promise<void> {
    const before: Standing = { install: item.install, published: item.published, retired: item.retired }
    const now = { ...before, ...change }
    try {
      await answer(
        client.PUT('/api/playbook/{kind}/{id}/standing', {
          params: { path: { kind: item.kind, id: item.id }, header: over(item.version) },
          body: now,
        }),
      )
      said.value = { kind: item.kind, id: item.id, name: item.name, before, now }
      await load()
    } catch (error) {
      problem.value = problemOf(error)
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
    selectedId,
    loading,
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
