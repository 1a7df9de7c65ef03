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
  /** Says what the programme does with a document; refused when somebody changed it meanwhile. */
  async function stand(
    item: PlaybookItem,
    change: Partial<{ install: Install; published: boolean; retired: boolean }>,
  ): Promise<void> {
    const body = {
      install: item.install,
      published: item.published,
      retired: item.retired,
      ...change,
    }
    try {
      await answer(
        client.PUT('/api/playbook/{kind}/{id}/standing', {
          params: { path: { kind: item.kind, id: item.id }, header: over(item.version) },
          body,
        }),
      )
      await load()
    } catch (error) {
      problem.value = problemOf(error)
    }
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
    stand,
    history,
    compose,
    duplicate,
    lift,
  }
})
