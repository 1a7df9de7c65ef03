import { until, useDebounceFn } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { answer, client, problemOf } from '../api/client'
import type { FindingRow, Muted, OptionSheet, PassSheet, PlaySheet, RuleAnswer, RunSheet, Sheet } from '../api/types'
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

/** What the line-up on the board meets. The line-up comes first; this follows a moment later and says so until it is there. */
export const usePlays = defineStore('plays', () => {
  const board = useBoard()
  const sheet = shallowRef<PlaySheet>()
  const mutes = shallowRef<Muted[]>([])
  const picked = ref<Picked>()
  const run = shallowRef<RunSheet>()
  const pass = shallowRef<PassSheet>()
  const option = shallowRef<OptionSheet>()
  const pointed = ref<string>()
  const trouble = ref('')
  const asking = ref(false)

  const at = computed(() => Math.min(board.phase, (board.board?.phases.length ?? 1) - 1))
  /** Against the plays once they are in; until then what the line-up shows by itself. */
  const findings = computed<FindingRow[]>(() => sheet.value?.findings ?? board.sheet?.findings ?? [])
  const groups = computed(() => grouped(findings.value, mutes.value))
  /** The last whole answer, to be looked at while the next is on its way; of which snap and call it is. */
  const whole = shallowRef<WholeAnswer>({ of: '', groups: [], rules: [] })
  let answered = ''
  const about = (): string => JSON.stringify([board.snap, board.callId, at.value])
  watch([groups, () => asking.value], () => {
    if (asking.value || (!sheet.value && !trouble.value)) return
    whole.value = { of: answered, groups: groups.value, rules: sheet.value?.verdicts ?? [], lineup: board.sheet }
  })

  let asked = 0
  async function ask(): Promise<void> {
    const mine = ++asked
    const of = about()
    asking.value = true
    try {
      const [found] = await Promise.all([
        answer(client.POST('/api/audits', { body: { board: board.shown(), phase: at.value } })),
        mutesOf === board.callId ? undefined : loadMutes(),
      ])
      if (mine !== asked) return
      answered = of
      sheet.value = found
      trouble.value = ''
      await draw()
    } catch (error) {
      if (mine === asked) trouble.value = problemOf(error).detail
    } finally {
      if (mine === asked) asking.value = false
    }
  }
  /** The picked play in full; one that this picture cannot run is put away. */
  async function draw(): Promise<void> {
    const play = picked.value
    const lines = play && sheet.value?.[LISTS[play.kind]]
    const there = play && lines?.some((l) => l.id === play.id && (l.side === 'left') === play.left)
    run.value = undefined
    pass.value = undefined
    option.value = undefined
    if (!play || !there) return
    const found = await inFull(play)
    if (picked.value !== play) return
    option.value = found.option
    run.value = found.option?.run ?? found.run
    pass.value = found.option?.pass ?? found.pass
  }
  async function inFull(play: Picked): Promise<{ run?: RunSheet; pass?: PassSheet; option?: OptionSheet }> {
    const body = { board: board.shown(), phase: at.value, play: play.id, left: play.left }
    switch (play.kind) {
      case 'run':
        return { run: await answer(client.POST('/api/blockings', { body })) }
      case 'pass':
        return { pass: await answer(client.POST('/api/distributions', { body })) }
      case 'option':
        return { option: await answer(client.POST('/api/options', { body })) }
    }
  }
  async function pick(play: Picked | undefined): Promise<void> {
    picked.value = play
    try {
      await draw()
    } catch (error) {
      trouble.value = problemOf(error).detail
    }
  }

  /** Waits for what is being asked, so that a key pressed meanwhile is not lost. */
  const settled = async (): Promise<unknown> => until(asking).toBe(false)

  let mutesOf = ''
  async function loadMutes(): Promise<void> {
    const call = board.callId
    const found = await answer(client.GET('/api/mutes', { params: { query: { call } } }))
    if (call !== board.callId) return
    mutes.value = found
    mutesOf = call
  }
  async function mute(finding: FindingRow, reason: string): Promise<void> {
    await answer(
      client.POST('/api/mutes', { body: { call: board.callId, finding: finding.key, title: finding.title, reason } }),
    )
    await loadMutes()
  }
  async function unmute(id: number): Promise<void> {
    await answer(client.DELETE('/api/mutes/{id}', { params: { path: { id } } }))
    await loadMutes()
  }

  /** The line-up is painted first; who walks quickly through formations asks once. */
  const askSoon = useDebounceFn(() => void ask(), AFTER_PAINT_MILLIS)
  watch(
    () => [board.board, at.value],
    () => {
      if (!board.board) return
      sheet.value = undefined
      pointed.value = undefined
      asking.value = true
      void askSoon()
    },
  )
  watch(
    () => board.callId,
    () => {
      mutes.value = []
      mutesOf = ''
    },
  )
  return {
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
    ask,
    pick,
    settled,
    mute,
    unmute,
    loadMutes,
  }
})
