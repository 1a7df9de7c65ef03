import { until } from '@vueuse/core'
import { defineStore, storeToRefs } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { problemOf, type Problem } from '../api/client'
import type { Board, BoardRequest, CallSheet, Edit, Hand, SnapWords } from '../api/types'
import { useAtHand } from '../shell/atHand'
import { OF_WINDOW, useKept } from '../shell/kept'
import { useLists } from '../shell/lists'
import { FIRST_PLACE, knownOnly, type BoardPlace } from './boardAddress'
import { useCallSheet } from './callSheet'
import { EMPTY, withEdit, withHand, type Draft } from './draft'
import type { ViewFrom } from './field/field'
import type { AskedThing } from './field/fieldWords'
import type { Layer } from './field/layers'
import { historyOf, withHistory, type Drafts } from './drafts'
import { begin, change, redo, undo } from './history'
import { lineWith, type Line, type LineNow } from './lineSaid'
import { useLinesBefore } from './linesBefore'
import { forgetLineUps, lineUpOf, lookAhead } from './lineUps'

export type Panel = 'findings' | 'changes' | 'rules' | 'plays'

/** Two frames: time to paint. */
const FRAME_MILLIS = 32

/** The board as it stands: what is asked, what core answered, what is picked. Football is decided by core alone. */
export const useBoard = defineStore('board', () => {
  const snap = useKept<SnapWords>('board.snap', { ...FIRST_PLACE.snap }, OF_WINDOW)
  const callId = useKept('board.call', FIRST_PLACE.call, OF_WINDOW)
  const revision = useKept<number>('board.revision', 0, OF_WINDOW)
  const kept = useKept<Drafts>('board.drafts', {})
  const viewFrom = useKept<ViewFrom>('board.from', 'offence')
  const layers = useKept<Layer[]>('board.layers', ['gaps', 'areas', 'paths'])

  const lists = useLists()
  const { choices, calls } = storeToRefs(lists)
  const board = shallowRef<Board>()
  const problem = ref<Problem>()
  const trying = ref<Edit>()
  const tryProblem = ref<Problem>()
  const phase = ref(0)
  const selected = ref<string>()
  /** What was pointed at on the field: a man of the offence, a gap, an area. */
  const asked = ref<AskedThing>()
  const panel = ref<Panel>('findings')

  /** What was changed of this call and not saved; what was changed of others stays with them. */
  const drafts = computed({
    get: () => historyOf(kept.value, callId.value),
    set: (next) => (kept.value = withHistory(kept.value, callId.value, revision.value, next)),
  })
  const draft = computed(() => drafts.value.now)
  const phaseShown = computed(() => Math.max(0, Math.min(phase.value, (board.value?.phases.length ?? 1) - 1)))
  const sheet = computed(() => board.value?.phases[phaseShown.value])
  const job = computed(() => sheet.value?.jobs.find((j) => j.id === selected.value))
  const dirty = computed(() => draft.value.edits.length > 0)

  const { callSheet, loadCall } = useCallSheet(() => ({
    id: callId.value,
    revision: revision.value,
    edits: draft.value.edits,
  }))
  const draftOf = (call: string): Draft => (call === callId.value ? withTrying() : historyOf(kept.value, call).now)
  const revisionAsked = (call: string): number => (call === callId.value ? revision.value : revisionOf(call))
  /** A line as a question to core. */
  function asks({ snap: words, call }: Line, over = draftOf(call)): BoardRequest {
    return { snap: words, call, revision: revisionAsked(call), edits: [...over.edits], hand: [...over.hand] }
  }
  const here = (): Line => ({ snap: snap.value, call: callId.value })
  const request = (over: Draft): BoardRequest => asks(here(), over)
  const withTrying = (): Draft => (trying.value ? withEdit(draft.value, trying.value) : draft.value)
  /** What the board shows, a sentence being tried included. */
  const shown = (): BoardRequest => asks(here())

  let lastAsked = 0
  /** True from a choice until its line-up is there: what is drawn meanwhile is the one before. */
  const asking = ref(false)
  /** Waits for the line-up being asked, so that a key pressed meanwhile means the new one. */
  const settled = async (): Promise<unknown> => until(asking).toBe(false)
  /** Only the answer to the last question counts. */
  async function lineUp(): Promise<void> {
    const mine = ++lastAsked
    asking.value = true
    try {
      const found = await lineUpOf(shown())
      if (mine !== lastAsked) return
      board.value = found
      problem.value = undefined
      tryProblem.value = undefined
    } catch (error) {
      if (mine !== lastAsked) return
      if (trying.value) tryProblem.value = problemOf(error)
      else problem.value = problemOf(error)
    } finally {
      if (mine === lastAsked) asking.value = false
    }
  }

  /** What an address asked for and is not here, until the snap is changed. */
  const notice = ref('')
  function standOnKnown(asked: BoardPlace): BoardPlace {
    if (!choices.value) return asked
    const known = knownOnly(asked, FIRST_PLACE, choices.value, calls.value)
    notice.value = known.unknown.length ? `Not here: ${known.unknown.join(', ')}. The board shows what there is.` : ''
    return known
  }
  /** Men of an address that cannot stand so give way to the formation as it is written. */
  async function withoutWrongMen(): Promise<void> {
    if (!problem.value || !snap.value.men) return
    const why = problem.value.detail
    await asWritten()
    notice.value = `The men of this address cannot stand so: ${why}`
  }
  async function start(): Promise<void> {
    forgetLineUps()
    try {
      await lists.load()
      const { snap: known, call } = standOnKnown({ snap: snap.value, call: callId.value })
      beginAt(known, call)
      revision.value = revisionOf(callId.value)
      await loadCall()
    } catch (error) {
      problem.value = problemOf(error)
    }
    await lineUp()
    await withoutWrongMen()
  }

  /** The revision that unsaved work was begun on, else the newest. */
  const revisionOf = (id: string): number => kept.value[id]?.revision ?? lists.call(id)?.revision ?? 0
  const now = (): LineNow => ({ ...here(), choices: choices.value, calls: calls.value })

  /** Words of the line said anew; they take along what does not fit them. */
  async function say(words: Partial<SnapWords>): Promise<void> {
    const line = lineWith(now(), { snap: words })
    await setLine(line.snap, line.call)
  }
  /** The line-up that words would give, asked while they are looked at. */
  function look(words: Partial<SnapWords>, call?: string): void {
    void lookAhead(asks(lineWith(now(), { snap: words, call })))
  }
  /** A call as it is now, against what they show or against words said with it. */
  async function chooseCall(id: string, against: Partial<SnapWords> = {}): Promise<void> {
    // one made since the lists were read, here or by somebody else
    if (!lists.call(id)) await lists.loadCalls()
    useAtHand().use({ kind: 'call', id })
    if (id === callId.value) revision.value = revisionOf(id)
    const line = lineWith(now(), { snap: against, call: id })
    await setLine(line.snap, line.call, true)
  }
  /** The line exactly as it is said; the rest of a call is asked with it when it is another, or as it is now. */
  async function setLine(next: SnapWords, call: string, anew = call !== callId.value): Promise<void> {
    stand({ snap: next, call })
    notice.value = ''
    await lineUp()
    if (anew) await restOfCall()
  }
  function stand({ snap: next, call }: Line): void {
    if (call !== callId.value) {
      callId.value = call
      revision.value = revisionOf(call)
      trying.value = undefined
      tryProblem.value = undefined
    }
    if (JSON.stringify(next) === JSON.stringify(snap.value)) return
    snap.value = { ...next }
    phase.value = next.motion ? 99 : 0
    panel.value = next.motion ? 'changes' : panel.value === 'changes' ? 'findings' : panel.value
  }
  /** What is drawn is painted before the rest of the call is asked. */
  async function restOfCall(): Promise<void> {
    await new Promise((done) => setTimeout(done, FRAME_MILLIS))
    await ladders()
  }

  function setDraft(next: Draft): void {
    drafts.value = change(drafts.value, next)
    trying.value = undefined
    tryProblem.value = undefined
    draftChanged()
  }
  function step(way: typeof undo): void {
    drafts.value = way(drafts.value)
    draftChanged()
  }
  /** The ladders follow the drawing; what is wrong with a sentence the board has said by then. */
  async function ladders(): Promise<void> {
    await loadCall().catch((error: unknown) => (problem.value ??= problemOf(error)))
  }
  function draftChanged(): void {
    void lineUp()
    void ladders()
  }

  /** A sentence tried on the board before it is kept. */
  function trySentence(edit: Edit | undefined): void {
    trying.value = edit
    tryProblem.value = undefined
    void lineUp()
  }

  /** Several sentences as one step of undo. */
  const apply = (edits: readonly Edit[]): void => setDraft(edits.reduce(withEdit, draft.value))
  const putForNow = (hand: Hand): void => setDraft(withHand(draft.value, hand))

  const asWritten = (): Promise<void> => say({ men: undefined })
  /** A call as it was just saved; men put by hand stay where they were put. */
  async function saved(sheetSaved: CallSheet): Promise<void> {
    const hand = draft.value.hand
    drafts.value = begin(EMPTY)
    callId.value = sheetSaved.id
    revision.value = sheetSaved.revision
    callSheet.value = sheetSaved
    drafts.value = begin({ edits: [], hand })
    await lists.loadCalls()
    await lineUp()
  }
  /** My unsaved sentences on top of somebody else's newer revision. */
  async function rebase(onto: number): Promise<void> {
    revision.value = onto
    kept.value = withHistory(kept.value, callId.value, onto, drafts.value)
    await loadCall()
    await lineUp()
  }

  const before = useLinesBefore(here)
  async function lineBack(): Promise<void> {
    if (!before.any.value) return
    const line = before.back()
    await setLine(line.snap, line.call)
  }
  /** What the first question is about, before anything was asked. */
  function beginAt(next: SnapWords, call: string): void {
    callId.value = call
    snap.value = { ...next }
    phase.value = next.motion ? 99 : 0
    before.begin({ snap: next, call })
  }
  /** The board an address asks for, as far as it is here. */
  async function goTo(place: BoardPlace): Promise<void> {
    const known = standOnKnown(place)
    const said = notice.value
    await setLine(known.snap, known.call)
    notice.value ||= said
    await settled()
    await withoutWrongMen()
  }

  return {
    /** Changed by saying words of it. */
    snap: computed((): Readonly<SnapWords> => snap.value),
    callId,
    revision,
    drafts,
    draft,
    dirty,
    viewFrom,
    layers,
    kept,
    callSheet,
    board,
    sheet,
    job,
    problem,
    tryProblem,
    trying,
    asking,
    settled,
    phase,
    phaseShown,
    selected,
    asked,
    panel,
    start,
    lineUp,
    request,
    shown,
    chooseCall,
    say,
    look,
    setDraft,
    undo: () => step(undo),
    redo: () => step(redo),
    trySentence,
    apply,
    putForNow,
    asWritten,
    mayGoBack: before.any,
    setLine,
    lineBack,
    goTo,
    notice,
    beginAt,
    saved,
    rebase,
  }
})
