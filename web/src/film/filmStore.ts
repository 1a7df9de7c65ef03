import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { answer, client, over, problemOf, type Problem } from '../api/client'
import type { ReelSheet, SnapSheet, SnapWork } from '../api/types'
import { begin, change, redo, undo, type History } from '../board/history'
import { keptKey } from '../shell/kept'
import { useLists } from '../shell/lists'
import { addedTo, menToMark, nextUnmarked, withMark, withoutPoint, withPoint, workOf, type KeptWork } from './work'

export type Mode = 'look' | 'calibrate' | 'mark'

/**
 * A reel on the table: the snap in hand, the clicks on it, and what core measured. Clicks that could not be saved are kept
 * on this machine for the user who made them; they are laid beside and asked about, never saved by themselves.
 */
export const useFilm = defineStore('film', () => {
  const reel = shallowRef<ReelSheet>()
  const snap = shallowRef<SnapSheet>()
  const work = ref<History<SnapWork>>()
  const number = ref<number>()
  const mode = ref<Mode>('look')
  const target = ref<string>()
  const place = ref<string>()
  const problem = ref<Problem>()
  const saving = ref(false)

  const now = computed(() => work.value?.now)
  const men = computed(() => (snap.value ? menToMark(snap.value.sheet.jobs, snap.value.sheet.offence) : []))
  /** What each defender is called on the field. */
  const labels = computed(() => new Map(snap.value?.sheet.jobs.map((j) => [j.id, j.label])))
  /** Unsaved clicks of an earlier visit to this snap, until he says what becomes of them. */
  const left = ref<KeptWork>()
  let base: SnapWork
  const key = (): string => keptKey(`film.${reel.value?.id}.${number.value}`)

  /** A reel with one of its snaps in hand; the first when none is named. */
  async function open(id: number, wanted?: number): Promise<void> {
    snap.value = undefined
    work.value = undefined
    number.value = undefined
    reel.value = await answer(client.GET('/api/reels/{id}', { params: { path: { id } } }))
    await useLists().load()
    const first = wanted ?? reel.value.snaps[0]?.number
    if (first !== undefined) await openSnap(first)
  }

  /** A snap that cannot be opened is still in hand: it can be taken out. */
  async function openSnap(wanted: number): Promise<void> {
    problem.value = undefined
    number.value = wanted
    left.value = undefined
    try {
      await load(wanted)
    } catch (error) {
      snap.value = undefined
      work.value = undefined
      problem.value = problemOf(error)
      return
    }
    target.value = men.value[0]
    place.value = undefined
    left.value = keptWork(localStorage.getItem(key()))
  }
  async function load(wanted: number): Promise<void> {
    const path = { id: reel.value!.id, number: wanted }
    const found = await answer(client.GET('/api/reels/{id}/snaps/{number}', { params: { path } }))
    // a snap chosen meanwhile is the one in hand
    if (number.value !== wanted) return
    snap.value = found
    base = workOf(snap.value)
    work.value = begin(base)
  }
  /** Adds what was left to what stands now, and saves; or throws it away. */
  function addLeft(): void {
    const mine = left.value
    left.value = undefined
    if (mine && now.value) set(addedTo(now.value, mine))
  }
  function dropLeft(): void {
    left.value = undefined
    localStorage.removeItem(key())
  }

  /** A change is shown, kept on this machine, and saved; core answers with the measured men. */
  function set(next: SnapWork): void {
    if (left.value) return
    work.value = change(work.value!, next)
    void save()
  }
  function step(way: typeof undo): void {
    if (left.value) return
    work.value = way(work.value!)
    void save()
  }

  let running: Promise<void> | undefined
  async function save(): Promise<void> {
    const kept: KeptWork = { version: snap.value!.version, base, work: now.value! }
    localStorage.setItem(key(), JSON.stringify(kept))
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
            params: { path, header: over(snap.value!.version) },
            body: sent,
          }),
        )
        base = sent
      } while (sent !== now.value)
      localStorage.removeItem(key())
      problem.value = undefined
    } catch (error) {
      problem.value = problemOf(error)
    } finally {
      saving.value = false
    }
  }
  /** After somebody else's save: his clicks, with what I added to the ones I had begun on. */
  async function mineOnTop(): Promise<void> {
    const mine: KeptWork = { version: snap.value!.version, base, work: now.value! }
    await load(snap.value!.number)
    set(addedTo(now.value!, mine))
  }
  /** Takes the snap in hand out of the log, with its clicks and grades. */
  async function eraseSnap(): Promise<void> {
    const item = reel.value?.snaps.find((s) => s.number === number.value)
    if (!item) return
    await answer(
      client.DELETE('/api/reels/{id}/snaps/{number}', {
        params: {
          path: { id: reel.value!.id, number: item.number },
          header: over(snap.value?.version ?? item.version),
        },
      }),
    )
    localStorage.removeItem(key())
    await open(reel.value!.id)
  }
  /** Puts the place or the man in hand where the picture was clicked. */
  function clickAt(x: number, y: number): void {
    if (!now.value) return
    if (mode.value === 'calibrate' && place.value) {
      set(withPoint(now.value, { name: place.value, xPixels: x, yPixels: y }))
      place.value = undefined
    } else if (mode.value === 'mark' && target.value) {
      const man = target.value
      set(withMark(now.value, { man, xPixels: x, yPixels: y }))
      target.value = nextUnmarked(man, men.value, now.value.marks)
    }
  }
  /** Takes a known place in hand; one that was clicked is clicked anew. */
  function choosePlace(name: string): void {
    if (now.value?.points.some((p) => p.name === name)) set(withoutPoint(now.value, name))
    place.value = name
  }
  function walkMan(by: number): void {
    target.value = stepped(men.value, target.value, by)
  }
  function walkPlace(by: number): void {
    place.value = stepped(snap.value?.known.map((k) => k.name) ?? [], place.value, by)
  }
  async function walkSnap(by: number): Promise<void> {
    const numbers = reel.value?.snaps.map((s) => s.number) ?? []
    const next = numbers[numbers.indexOf(number.value ?? 0) + by]
    if (next !== undefined) await openSnap(next)
  }
  /** Changes the log; clicks on places do not outlive the field they were on. */
  function log(change: Partial<SnapWork['log']['snap']>): void {
    if (!now.value) return
    const moved = change.hash || change.toGoal || change.code
    set({
      ...now.value,
      points: moved ? [] : now.value.points,
      log: { ...now.value.log, snap: { ...now.value.log.snap, ...change } },
    })
  }
  function logCall(id: string): void {
    if (!now.value) return
    const revision = useLists().call(id)?.revision ?? 0
    set({ ...now.value, log: { ...now.value.log, call: id, revision } })
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
    await open(reel.value!.id, added.number)
  }

  return {
    reel,
    snap,
    number,
    now,
    work,
    mode,
    target,
    place,
    problem,
    saving,
    men,
    open,
    openSnap,
    set,
    undo: () => step(undo),
    redo: () => step(redo),
    save,
    left,
    addLeft,
    dropLeft,
    mineOnTop,
    eraseSnap,
    addSnap,
    labels,
    label: (man: string): string => labels.value.get(man) ?? man,
    clickAt,
    choosePlace,
    walkMan,
    walkPlace,
    walkSnap,
    log,
    logCall,
  }
})

/** The next of a list, round its end; the first or last when none of it is in hand. */
function stepped(all: readonly string[], now: string | undefined, by: number): string | undefined {
  return all[(all.indexOf(now ?? '') + by + all.length) % all.length]
}
function keptWork(text: string | null): KeptWork | undefined {
  if (!text) return undefined
  const kept = JSON.parse(text) as Partial<KeptWork>
  return kept.work && kept.base && typeof kept.version === 'number' ? (kept as KeptWork) : undefined
}
