import { useQuery } from '@tanstack/vue-query'
import { until, useDebounceFn } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, nextTick, ref, shallowRef, watch } from 'vue'
import { answer, client, faultOf } from '../api/client'
import type { BoardRequest, FindingRow, OptionSheet, PassSheet, RuleAnswer, RunSheet, Sheet } from '../api/types'
import { queries } from '../shell/queries'
import { useBoard } from './boardStore'
import { grouped, type Group } from './findings'

/** A play picked in the list. */
export interface Picked {
  kind: 'run' | 'pass' | 'option'
  id: string
  left: boolean
}

/** What breaks of a line-up, plays included, and the rules it holds. */
export interface WholeAnswer {
  readonly of: string
  readonly groups: readonly Group[]
  readonly rules: readonly RuleAnswer[]
  readonly lineup?: Sheet
}

const LISTS = { run: 'runs', pass: 'passes', option: 'options' } as const
const AFTER_PAINT_MILLIS = 80
/** A colleague may mute too; who walks through formations asks once in a while. */
const MUTES_FRESH_MILLIS = 10_000
/** An answer belongs to what was painted: it is asked anew with the next board, never by itself. */
const OF_ONE_BOARD = { staleTime: Infinity, gcTime: 0 }
/** A board as it is painted, and the phase of it that is shown. */
interface Painted {
  readonly board: BoardRequest
  readonly phase: number
}
interface InFull {
  readonly run?: RunSheet
  readonly pass?: PassSheet
  readonly option?: OptionSheet
}
async function inFull(at: Painted, play: Picked): Promise<InFull> {
  const body = { ...at, play: play.id, left: play.left }
  switch (play.kind) {
    case 'run':
      return { run: await answer(client.POST('/api/blockings', { body })) }
    case 'pass':
      return { pass: await answer(client.POST('/api/distributions', { body })) }
    case 'option':
      return { option: await answer(client.POST('/api/options', { body })) }
  }
}

/** What the line-up on the board meets. The line-up comes first; this follows a moment later and says so until it is there. */
export const usePlays = defineStore('plays', () => {
  const board = useBoard()
  const picked = ref<Picked>()
  const pointed = ref<string>()
  const at = computed(() => Math.min(board.phase, (board.board?.phases.length ?? 1) - 1))
  /** What plays are run at; nothing from a choice until its line-up is painted. */
  const painted = shallowRef<Painted>()

  const audit = useQuery(
    computed(() => {
      const body = painted.value
      return {
        ...OF_ONE_BOARD,
        queryKey: ['audit', body],
        queryFn: () => answer(client.POST('/api/audits', { body: body! })),
        enabled: !!body,
      }
    }),
    queries,
  )
  const muted = useQuery(
    computed(() => {
      const call = board.callId
      return {
        queryKey: ['mutes', call],
        queryFn: () => answer(client.GET('/api/mutes', { params: { query: { call } } })),
        // with the audit: what is drawn is painted before the rest is asked
        enabled: !!painted.value,
        staleTime: MUTES_FRESH_MILLIS,
      }
    }),
    queries,
  )
  const sheet = computed(() => (painted.value ? audit.data.value : undefined))
  const mutes = computed(() => muted.data.value ?? [])
  /** True until plays have been run at what the board shows. */
  const asking = computed(() => !!board.board && (!painted.value || audit.isPending.value))
  /** Waits for what is being asked, so that a key pressed meanwhile is not lost. */
  const settled = async (): Promise<unknown> => until(asking).toBe(false)

  /** The picked play, when this picture can run it. */
  const run = computed(() => found.value?.option?.run ?? found.value?.run)
  const pass = computed(() => found.value?.option?.pass ?? found.value?.pass)
  const option = computed(() => found.value?.option)
  const there = computed(() => {
    const play = picked.value
    if (!play) return undefined
    const lines = sheet.value?.[LISTS[play.kind]]
    return lines?.some((l) => l.id === play.id && (l.side === 'left') === play.left) ? play : undefined
  })
  const full = useQuery(
    computed(() => {
      const [on, play] = [painted.value, there.value]
      return {
        ...OF_ONE_BOARD,
        queryKey: ['play', on, play],
        queryFn: () => inFull(on!, play!),
        enabled: !!play,
      }
    }),
    queries,
  )
  const found = computed(() => (there.value ? full.data.value : undefined))
  /** Opens a play, or none; done when it is there in full. */
  async function pick(play: Picked | undefined): Promise<void> {
    picked.value = play
    await nextTick()
    await until(() => !!there.value && full.isFetching.value).toBe(false)
  }

  const trouble = computed(() => faultOf(audit.error.value ?? full.error.value ?? muted.error.value))
  /** Against the plays once they are in; until then what the line-up shows by itself. */
  const findings = computed<FindingRow[]>(() => sheet.value?.findings ?? board.sheet?.findings ?? [])
  const groups = computed(() => grouped(findings.value, mutes.value))
  /** The last whole answer, to be looked at while the next is on its way; of which snap and call it is. */
  const whole = shallowRef<WholeAnswer>({ of: '', groups: [], rules: [] })
  watch([groups, asking], () => {
    const on = painted.value
    if (asking.value || !on || (!sheet.value && !trouble.value)) return
    const of = JSON.stringify([on.board.snap, on.board.call, on.phase])
    whole.value = { of, groups: groups.value, rules: sheet.value?.verdicts ?? [], lineup: board.sheet }
  })

  const asMuted = (call: string): Promise<void> => queries.invalidateQueries({ queryKey: ['mutes', call] })
  async function mute(finding: FindingRow, reason: string): Promise<void> {
    const call = board.callId
    await answer(client.POST('/api/mutes', { body: { call, finding: finding.key, title: finding.title, reason } }))
    await asMuted(call)
  }
  async function unmute(id: number): Promise<void> {
    const call = board.callId
    await answer(client.DELETE('/api/mutes/{id}', { params: { path: { id } } }))
    await asMuted(call)
  }

  /** The line-up is painted first; who walks quickly through formations asks once. */
  const askSoon = useDebounceFn(() => (painted.value = { board: board.shown(), phase: at.value }), AFTER_PAINT_MILLIS)
  watch(
    () => [board.board, at.value],
    () => {
      if (!board.board) return
      painted.value = undefined
      pointed.value = undefined
      void askSoon()
    },
    { immediate: true },
  )
  return {
    painted,
    there,
    sheet,
    mutes,
    picked,
    run,
    pass,
    option,
    pointed,
    trouble,
    asking,
    findings,
    groups,
    whole,
    pick,
    settled,
    mute,
    unmute,
  }
})
