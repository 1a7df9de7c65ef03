import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answer, client, problemOf } from '../api/client'
import type { BegunPressure, JobRow, ToldRow } from '../api/types'
import { useBoard } from '../board/boardStore'
import { useKept } from '../shell/kept'
import { snapAgainst, useLists } from '../shell/lists'

export type Left = BegunPressure['left'][number]

/** As the front and the coverage have him. */
export const AS_CALLED = ''
const COUNTS = 'none one two three four five six seven eight nine ten eleven'.split(' ')
export const counted = (n: number): string => COUNTS[n] ?? String(n)

/** What breaks behind a coverage, in words. */
export function costWords(left: Left): string {
  if (!left.busts && !left.weak) return 'nothing breaks'
  const busts = left.busts ? `${left.busts} ${left.busts > 1 ? 'busts' : 'bust'}` : ''
  return [busts, left.weak ? `${left.weak} weak` : ''].filter(Boolean).join(', ')
}

/** Who is told what, with one man told anew; of two men of a role the side tells which. */
export function tellMan(men: readonly ToldRow[], job: JobRow, two: boolean, told: string): ToldRow[] {
  const coverSide = two && job.onCoverSide
  const others = men.filter((m) => m.role !== job.role || m.coverSide !== coverSide)
  return told === AS_CALLED ? others : [...others, { role: job.role, coverSide, told: told as ToldRow['told'] }]
}
export function toldOf(men: readonly ToldRow[], job: JobRow, two: boolean): string {
  return men.find((m) => m.role === job.role && m.coverSide === (two && job.onCoverSide))?.told ?? AS_CALLED
}

interface Begun {
  front: string
  men: ToldRow[]
  coverage?: string
  name: string
}
const NOTHING: Begun = { front: 'anvil', men: [], name: '' }

/** A pressure on its way: who comes, and what the others can play; what is not kept yet stays on this machine. */
export function usePressure() {
  const board = useBoard()
  const lists = useLists()
  lists.need()
  const begun = useKept<Begun>('pressure.begun', { ...NOTHING })
  const eleven = lists.formation(board.snap.formation)?.players ?? 11
  const formation = ref(eleven === 11 ? board.snap.formation : 'doubles-gun')
  const snap = computed(() =>
    formation.value === board.snap.formation
      ? { ...board.snap, motion: undefined, men: undefined }
      : snapAgainst(lists.formation(formation.value), lists.choices),
  )
  const asked = computed(() => ({
    snap: snap.value!,
    front: begun.value.front,
    men: begun.value.men,
    coverage: begun.value.coverage,
  }))
  const trial = useQuery({
    queryKey: computed(() => ['pressure', asked.value]),
    queryFn: () => answer(client.POST('/api/pressures/trials', { body: asked.value })),
    enabled: computed(() => !!snap.value),
    placeholderData: keepPreviousData,
  })
  const sheet = computed(() => trial.data.value?.board?.phases[0])
  const left = computed(() => trial.data.value?.left ?? [])
  const coverage = computed(() => left.value.find((l) => l.coverage === trial.data.value?.coverage))
  const two = (job: JobRow): boolean => (sheet.value?.jobs.filter((j) => j.role === job.role).length ?? 0) > 1

  function change(one: Partial<Begun>): void {
    begun.value = { ...begun.value, ...one }
  }
  const tell = (job: JobRow, told: string): void => change({ men: tellMan(begun.value.men, job, two(job), told) })
  const told = (job: JobRow): string => toldOf(begun.value.men, job, two(job))
  /** What men of one front are told means nothing to another. */
  const from = (front: string): void => change({ front, men: [], coverage: undefined })

  const fault = ref('')
  const made = ref<{ call: string; name: string }>()
  const keeping = ref(false)
  async function keep(): Promise<void> {
    if (keeping.value || !coverage.value) return
    if (!begun.value.name.trim()) {
      fault.value = 'Give it a name first.'
      return
    }
    keeping.value = true
    try {
      const { name, front, men } = begun.value
      const body = { name, front, men, coverage: coverage.value.coverage }
      const kept = await answer(client.POST('/api/pressures', { body }))
      await lists.loadCalls()
      made.value = kept
      fault.value = ''
      begun.value = { ...NOTHING, front }
    } catch (error) {
      fault.value = problemOf(error).detail
    } finally {
      keeping.value = false
    }
  }
  return { begun, formation, trial, sheet, left, coverage, change, tell, told, from, keep, fault, made }
}
