import { watchDebounced } from '@vueuse/core'
import { computed, onMounted, ref, shallowRef, type ComputedRef, type Ref, type ShallowRef } from 'vue'
import { answer, client, over, problemOf } from '../../api/client'
import type { PlayWords, Preview } from '../../api/types'
import { useKept } from '../../shell/kept'
import type { Body } from './written'

/** A document as it stands in the editor. */
export interface Work {
  name: string
  body: Body
  /** The revision it was begun on. */
  revision: number
}

const MOST_BACK = 60

export interface PlayDraft {
  isNew: boolean
  work: ComputedRef<Work | undefined>
  saved: ShallowRef<Work | undefined>
  words: ShallowRef<PlayWords | undefined>
  preview: ShallowRef<Preview | undefined>
  /** Why nothing could be opened. */
  trouble: Ref<string>
  /** Why it was not written. */
  fault: Ref<string>
  /** Why it cannot be read as it stands. */
  unread: Ref<string>
  said: Ref<string>
  changed: ComputedRef<boolean>
  ofOurs: ComputedRef<boolean>
  overtaken: ComputedRef<boolean>
  open: () => Promise<void>
  keep: (change: Partial<Work>) => void
  /** Id of what was written; undefined when it was refused. */
  write: (asNew: boolean) => Promise<string | undefined>
  back: () => void
  /** One change back. */
  undo: () => void
  mayUndo: ComputedRef<boolean>
  onTop: () => Promise<void>
}

/** One document of the offence on its way: what is not saved is kept on this machine, and tried while it is written. */
export function usePlayDraft(kind: string, id: string): PlayDraft {
  const isNew = id === 'new'
  const store = useKept<{ mine?: Work }>(`playbook.play.${kind}.${id}`, {})
  const kept = computed<Work | undefined>({
    get: () => store.value.mine,
    set: (mine) => (store.value = mine ? { mine } : {}),
  })
  const saved = shallowRef<Work>()
  const words = shallowRef<PlayWords>()
  const preview = shallowRef<Preview>()
  const trouble = ref('')
  const fault = ref('')
  const unread = ref('')
  const said = ref('')
  const work = computed<Work | undefined>(() => kept.value ?? saved.value)
  const changed = computed(() => !!kept.value && JSON.stringify(kept.value) !== JSON.stringify(saved.value))
  const ofOurs = computed(() => (saved.value?.revision ?? 0) > 0)
  const overtaken = computed(
    () => !!kept.value && !!saved.value && kept.value.revision !== saved.value.revision && !isNew,
  )

  async function open(): Promise<void> {
    try {
      const known = await answer(client.GET('/api/playbook/play-words'))
      if (isNew) saved.value = { name: '', body: known.starts[kind] ?? {}, revision: 0 }
      else {
        const sheet = await answer(client.GET('/api/playbook/{kind}/{id}/document', { params: { path: { kind, id } } }))
        saved.value = { name: sheet.name, body: sheet.body, revision: sheet.revision }
      }
      words.value = known
      trouble.value = ''
    } catch (error) {
      trouble.value = problemOf(error).detail
    }
  }
  onMounted(open)

  /** What it was before each change of this visit. */
  const before = shallowRef<readonly (Work | undefined)[]>([])
  const mayUndo = computed(() => before.value.length > 0)
  function remember(): void {
    before.value = [...before.value, kept.value].slice(-MOST_BACK)
  }
  function undo(): void {
    if (!mayUndo.value) return
    kept.value = before.value.at(-1)
    before.value = before.value.slice(0, -1)
  }
  function keep(change: Partial<Work>): void {
    if (!work.value) return
    remember()
    kept.value = { ...work.value, ...change }
  }
  async function look(): Promise<void> {
    const now = work.value
    if (!now) return
    try {
      const body = now.body as Record<string, never>
      const tried = await answer(
        client.POST('/api/playbook/previews', { body: { kind, id: isNew ? undefined : id, name: now.name, body } }),
      )
      if (work.value !== now) return
      preview.value = tried
      unread.value = ''
    } catch (error) {
      if (work.value === now) unread.value = problemOf(error).detail
    }
  }
  watchDebounced(work, look, { debounce: 300, immediate: true })

  async function write(asNew: boolean): Promise<string | undefined> {
    const now = work.value
    if (!now) return undefined
    if (asNew && (!now.name.trim() || now.name === saved.value?.name)) {
      fault.value = 'Give it a name of its own first.'
      return undefined
    }
    try {
      const body = now.body as Record<string, never>
      const done = asNew
        ? await answer(client.POST('/api/playbook/documents', { body: { kind, name: now.name, body } }))
        : await answer(
            client.PUT('/api/playbook/{kind}/{id}/document', {
              params: { path: { kind, id }, header: over(now.revision) },
              body: { name: now.name, body },
            }),
          )
      kept.value = undefined
      before.value = []
      if (!asNew) saved.value = { name: done.name, body: done.body, revision: done.revision }
      fault.value = ''
      said.value = `Saved as revision ${done.revision}.`
      return done.id
    } catch (error) {
      const problem = problemOf(error)
      fault.value = problem.detail
      if (problem.code.endsWith('-overtaken')) await open()
      return undefined
    }
  }
  function back(): void {
    remember()
    kept.value = undefined
    said.value = ''
    fault.value = ''
  }
  /** Mine over the revision that somebody saved meanwhile. */
  async function onTop(): Promise<void> {
    await open()
    fault.value = ''
    if (saved.value) keep({ revision: saved.value.revision })
  }
  return {
    isNew,
    work,
    saved,
    words,
    preview,
    trouble,
    fault,
    unread,
    said,
    changed,
    ofOurs,
    overtaken,
    open,
    keep,
    write,
    back,
    undo,
    mayUndo,
    onTop,
  }
}
