import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { answer, client, problemOf, type Problem } from '../api/client'
import type { CallItem, Choices, ReelSheet, SnapSheet, SnapWork } from '../api/types'
import { begin, change, redo, undo, type History } from '../board/history'
import { menToMark, workOf } from './work'

export type Mode = 'look' | 'calibrate' | 'mark'

/** A reel on the table: the snap in hand, the clicks on it, and what core measured. Unsaved clicks outlive a lost session. */
export const useFilm = defineStore('film', () => {
  const reel = shallowRef<ReelSheet>()
  const snap = shallowRef<SnapSheet>()
  const work = ref<History<SnapWork>>()
  const mode = ref<Mode>('look')
  const target = ref<string>()
  const place = ref<string>()
  const problem = ref<Problem>()
  const saving = ref(false)
  const choices = shallowRef<Choices>()
  const calls = shallowRef<CallItem[]>([])

  const now = computed(() => work.value?.now)
  const men = computed(() => (snap.value ? menToMark(snap.value.sheet.jobs, snap.value.sheet.offence) : []))
  const keep = (): string => `mensch.film.${reel.value?.id}.${snap.value?.number}`

  async function open(id: number): Promise<void> {
    snap.value = undefined
    work.value = undefined
    reel.value = await answer(client.GET('/api/reels/{id}', { params: { path: { id } } }))
    choices.value = await answer(client.GET('/api/board/choices'))
    calls.value = await answer(client.GET('/api/calls'))
    const first = reel.value.snaps[0]
    if (first) await openSnap(first.number)
  }

  async function openSnap(number: number): Promise<void> {
    problem.value = undefined
    snap.value = await answer(
      client.GET('/api/reels/{id}/snaps/{number}', { params: { path: { id: reel.value!.id, number } } }),
    )
    work.value = begin(workOf(snap.value))
    target.value = men.value[0]
    place.value = undefined
    const unsaved = localStorage.getItem(keep())
    if (unsaved) set(JSON.parse(unsaved) as SnapWork)
  }

  /** A change is shown, kept on this machine, and saved; core answers with the measured men. */
  function set(next: SnapWork): void {
    work.value = change(work.value!, next)
    void save()
  }
  function step(way: typeof undo): void {
    work.value = way(work.value!)
    void save()
  }

  let running: Promise<void> | undefined
  async function save(): Promise<void> {
    localStorage.setItem(keep(), JSON.stringify(now.value))
    if (running) return
    running = write()
    await running
    running = undefined
  }
  async function write(): Promise<void> {
    saving.value = true
    try {
      let sent
      do {
        sent = now.value!
        const path = { id: reel.value!.id, number: snap.value!.number }
        snap.value = await answer(
          client.PUT('/api/reels/{id}/snaps/{number}', {
            params: { path },
            body: { version: snap.value!.version, work: sent },
          }),
        )
      } while (sent !== now.value)
      localStorage.removeItem(keep())
      problem.value = undefined
    } catch (error) {
      problem.value = problemOf(error)
    } finally {
      saving.value = false
    }
  }
  /** After somebody else's save: his version number, my clicks. */
  async function mineOnTop(): Promise<void> {
    const mine = now.value!
    snap.value = await answer(
      client.GET('/api/reels/{id}/snaps/{number}', {
        params: { path: { id: reel.value!.id, number: snap.value!.number } },
      }),
    )
    set({ ...mine })
  }
  async function addSnap(frame: number): Promise<void> {
    const log = now.value?.log ?? {
      snap: { formation: 'pro-i', mirrored: false, code: 'hs', hash: 'm', toGoal: 50, down: 1, distance: 10 },
      call: 'anvil-drizzle',
      revision: 0,
    }
    const added = await answer(
      client.POST('/api/reels/{id}/snaps', { params: { path: { id: reel.value!.id } }, body: { frame, log } }),
    )
    await open(reel.value!.id)
    await openSnap(added.number)
  }

  return {
    reel,
    snap,
    now,
    work,
    mode,
    target,
    place,
    problem,
    saving,
    men,
    choices,
    calls,
    open,
    openSnap,
    set,
    undo: () => step(undo),
    redo: () => step(redo),
    save,
    mineOnTop,
    addSnap,
  }
})
