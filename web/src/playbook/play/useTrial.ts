import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, ref, watch, type Ref } from 'vue'
import { answer, client } from '../../api/client'
import type { Preview, SnapWords } from '../../api/types'
import { useBoard } from '../../board/boardStore'
import { callChoices, formationChoice, snapAgainst, useLists } from '../../shell/lists'
import { useLineUp } from '../useLineUp'
import type { Work } from './playDraft'

/** A document as it is asked about, while it is written. */
export interface Written {
  readonly kind: string
  readonly id?: string
  readonly work: Ref<Work | undefined>
}
export const triedOf = (w: Written) => ({
  kind: w.kind,
  id: w.id,
  name: w.work.value?.name ?? '',
  body: (w.work.value?.body ?? {}) as Record<string, never>,
})

/** Where a document is tried: at the call and the snap of the board, until others are chosen here. */
export function useTrialPlace(fits?: () => readonly Preview['fits'][number][]) {
  const board = useBoard()
  const lists = useLists()
  lists.need()
  const formation = ref(board.snap.formation)
  const call = ref(board.callId)
  const left = ref(false)
  const chosen = ref(false)

  const can = (id: string): boolean => !fits || fits().some((f) => f.formation === id)
  /** The first that can run it stands in for one that cannot, as long as nobody chose. */
  watch(
    () => fits?.() ?? [],
    (found) => {
      if (chosen.value || !found.length || can(formation.value)) return
      formation.value = found[0]!.formation
      left.value = found[0]!.side === 'left'
    },
  )
  const players = computed(() => lists.formation(formation.value)?.players ?? 11)
  /** A call of as many men as the formation has. */
  watch([players, () => lists.calls], () => {
    if (lists.calls.length && lists.playersOf(call.value) !== players.value)
      call.value = lists.calls.find((c) => c.players === players.value)?.id ?? call.value
  })
  const snap = computed<SnapWords | undefined>(() =>
    formation.value === board.snap.formation
      ? { ...board.snap, motion: undefined, men: undefined }
      : snapAgainst(lists.formation(formation.value), lists.choices),
  )
  const formations = computed(() =>
    (lists.choices?.formations ?? [])
      .map((f) => ({ ...formationChoice(f), group: can(f.id) ? 'Can run it' : 'Cannot' }))
      .sort((a, b) => Number(b.group === 'Can run it') - Number(a.group === 'Can run it')),
  )
  const calls = computed(() => callChoices(lists.calls, lists.formation(formation.value)))
  function stand(id: string): void {
    chosen.value = true
    formation.value = id
  }
  const lineUp = useLineUp(
    () => (lists.playersOf(call.value) === players.value ? call.value : ''),
    () => snap.value,
  )
  return { formation, call, left, snap, formations, calls, stand, lineUp }
}

/** A play met by the call where it is tried. */
export function useTrial(written: Written, place: ReturnType<typeof useTrialPlace>) {
  const body = computed(() => ({
    board: { snap: place.snap.value!, call: place.call.value, edits: [], hand: [] },
    phase: 0,
    play: triedOf(written),
    left: place.left.value,
  }))
  return useQuery({
    queryKey: computed(() => ['play trial', body.value]),
    queryFn: () => answer(client.POST('/api/play-trials', { body: body.value })),
    enabled: computed(() => !!place.snap.value && !!written.work.value && !!place.lineUp.data.value),
    placeholderData: keepPreviousData,
  })
}
