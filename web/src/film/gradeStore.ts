import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { answer, client, over, problemOf, type Problem } from '../api/client'
import type { AskedOnPlay, FacetMark, PlayGrades, Proposal, RepRow, RepWords, Rubric } from '../api/types'
import { unheardWords, type RepAt } from './unheard'

export type Facet = FacetMark['facet']
export type GradeMark = FacetMark['mark']

const MET: GradeMark = '='

const AGAIN_MILLIS = 4000
/** It was not the word: no server, or one in trouble. */
const LATER = (status: number): boolean => status === 0 || status >= 500
/** Nobody is signed in, or somebody who may not. */
const NOBODY = [401, 403]
const NOTHING: RepWords = { marks: [], target: 'man', flags: [], extraCredit: false, criteria: [] }

/**
 * One's own grades of the play in hand. Every word goes out by itself, in order, and is kept on this machine until the
 * server has it: a cut line, an ended session or a stopped server lose none.
 */
export const useGrades = defineStore('grades of a play', () => {
  const found = shallowRef<PlayGrades>()
  const problem = ref<Problem>()
  const unheard = unheardWords()
  let at = { game: 0, play: 0 }
  let again: ReturnType<typeof setTimeout> | undefined

  /** The grades of a play; what was said before and not heard goes out again. */
  async function open(game: number, play: number): Promise<void> {
    at = { game, play }
    found.value = undefined
    problem.value = undefined
    await load()
    await send()
  }
  /** Asks anew: other clicks propose other marks, and a coach sees the other's word when he said his. */
  async function load(): Promise<void> {
    const asked = at
    try {
      const path = { params: { path: asked } }
      const answered = await answer(client.GET('/api/games/{game}/plays/{play}/grades', path))
      if (at === asked) found.value = answered
    } catch (error) {
      problem.value = problemOf(error)
    }
  }
  const facets = computed(() => found.value?.facets ?? [])
  const here = (job: string): RepAt => ({ ...at, job })
  const heard = (job: string): RepRow | undefined => found.value?.mine.find((r) => r.job === job)
  function words(job: string): RepWords {
    const mine = heard(job)
    const said = unheard.of(here(job))?.words
    // what was said before criteria were kept has none
    return said ? { ...NOTHING, ...said } : mine ? wordsOf(mine) : NOTHING
  }
  const markOf = (job: string, facet: Facet): GradeMark | undefined =>
    words(job).marks.find((m) => m.facet === facet)?.mark
  /** What was measured of him, and what his marked criteria come to. */
  function proposed(job: string): Proposal[] {
    const technique = heard(job)?.technique
    const measured = found.value?.proposals.filter((p) => p.job === job) ?? []
    return technique ? [...measured, technique] : measured
  }
  /** What he is graded by on this play. */
  function rubrics(job: string): Rubric[] {
    const ids = asked(job)?.rubrics ?? []
    return found.value?.rubrics.filter((r) => ids.includes(r.id)) ?? []
  }
  const tickOf = (job: string, rubric: string, criterion: string): GradeMark | undefined =>
    words(job).criteria.find((c) => c.rubric === rubric && c.criterion === criterion)?.mark
  /** Marks one criterion; the same mark again takes it off. */
  function tick(job: string, rubric: string, criterion: string, given: GradeMark | undefined): void {
    const rest = words(job).criteria.filter((c) => c.rubric !== rubric || c.criterion !== criterion)
    const again = given === tickOf(job, rubric, criterion)
    say(job, { criteria: given && !again ? [...rest, { rubric, criterion, mark: given }] : rest })
  }
  const asked = (job: string): AskedOnPlay | undefined => found.value?.asked.find((a) => a.job === job)
  const others = (job: string): RepRow[] => found.value?.others.filter((r) => r.job === job) ?? []
  const graded = (job: string): boolean => words(job).marks.length + words(job).criteria.length > 0

  function say(job: string, change: Partial<RepWords>): void {
    // before it is known what he said earlier, a word would be said over it
    if (!found.value) return
    const read = unheard.of(here(job))?.read ?? heard(job)?.version ?? 0
    unheard.say(here(job), { read, words: { ...words(job), ...change } })
    void send()
  }
  /** Somebody else played a seat from this play on; two men of one play change places. */
  async function playedBy(job: string, player: string): Promise<void> {
    const of = at
    const players = await answer(
      client.PUT('/api/games/{game}/plays/{play}/played/{job}', {
        params: { path: { ...of, job } },
        body: { player, instead: found.value?.players[job] },
      }),
    )
    if (of === at && found.value) found.value = { ...found.value, players }
  }
  /** Marks a facet; the same mark again takes it off. */
  function mark(job: string, facet: Facet, given: GradeMark | undefined): void {
    const rest = words(job).marks.filter((m) => m.facet !== facet)
    say(job, { marks: given && given !== markOf(job, facet) ? [...rest, { facet, mark: given }] : rest })
  }
  /** Says yes to all that is proposed of a man and not marked yet. @returns whether there was anything */
  function confirm(job: string): boolean {
    const open = proposed(job).filter((p) => markOf(job, p.facet) === undefined)
    if (open.length) say(job, { marks: [...words(job).marks, ...open.map((p) => ({ facet: p.facet, mark: p.mark }))] })
    return open.length > 0
  }

  /**
   * Says yes to all that is proposed of a man and not marked yet, and that he did his job as far as nothing is told of it: a
   * coach saw it.
   */
  function didHisJob(job: string): void {
    const his = asked(job)?.ofTheJob ?? []
    const told = proposed(job).filter((p) => p.mark !== 'n/a' || !his.includes(p.facet))
    const seen = [
      ...told,
      ...his.filter((f) => !told.some((p) => p.facet === f)).map((facet) => ({ facet, mark: MET })),
    ]
    const open = seen.filter((p) => markOf(job, p.facet) === undefined)
    if (open.length)
      say(job, { marks: [...words(job).marks, ...open.map(({ facet, mark: given }) => ({ facet, mark: given }))] })
  }

  let sending = false
  let wanted = false
  /** The first word that the server refuses as it is; it holds up no other. */
  const stuck = ref<RepAt>()
  /** Sends what is not heard, one man after the other; what finds no server is sent again by itself. */
  async function send(): Promise<void> {
    wanted = true
    if (sending) return
    sending = true
    clearTimeout(again)
    while (wanted) {
      wanted = false
      await sendAll()
    }
    sending = false
  }
  async function sendAll(): Promise<void> {
    let why: Problem | undefined
    stuck.value = undefined
    for (const one of unheard.all()) {
      try {
        await sendOne(one)
      } catch (error) {
        const problemHere = problemOf(error)
        why ??= problemHere
        if (LATER(problemHere.status)) {
          again = setTimeout(() => void send(), AGAIN_MILLIS)
          break
        }
        if (NOBODY.includes(problemHere.status)) break
        stuck.value ??= one
      }
    }
    problem.value = why
  }
  async function sendOne(of: RepAt): Promise<void> {
    const { words: sent, read } = unheard.of(of)!
    const row = await answer(
      client.PUT('/api/games/{game}/plays/{play}/grades/{job}', {
        params: { path: of, header: over(read) },
        body: sent,
      }),
    )
    unheard.heard(of, sent, row.version)
    if (of.play !== at.play || !found.value) return
    const { mine, earlier } = found.value
    found.value = {
      ...found.value,
      mine: [...mine.filter((r) => r.job !== of.job), row],
      earlier: earlier.filter((job) => job !== of.job),
    }
    if (found.value.waiting.length) await load()
  }
  /** After a word on another screen: mine stands, or that one. */
  async function settle(mine: boolean): Promise<void> {
    const one = stuck.value
    if (!one) return
    const path = { params: { path: { game: one.game, play: one.play } } }
    const answered = await answer(client.GET('/api/games/{game}/plays/{play}/grades', path))
    const version = answered.mine.find((r) => r.job === one.job)?.version ?? 0
    if (mine) unheard.say(one, { read: version, words: unheard.of(one)!.words })
    else unheard.forget(one)
    if (one.play === at.play) found.value = answered
    await send()
  }
  /** Throws away the word that the server refuses, such as one of a play that is no more. */
  async function drop(): Promise<void> {
    if (stuck.value) unheard.forget(stuck.value)
    await send()
  }
  return {
    found,
    facets,
    problem,
    stuck,
    unheard: unheard.count,
    open,
    load,
    words,
    markOf,
    proposed,
    asked,
    rubrics,
    tick,
    tickOf,
    others,
    graded,
    say,
    playedBy,
    mark,
    confirm,
    didHisJob,
    send,
    settle,
    drop,
  }
})

function wordsOf(row: RepRow): RepWords {
  const { note, target, flags, outcome, extraCredit, correction, setsUp, tackle, thrown, lane } = row
  const marks = row.marks.map(({ facet, mark }) => ({ facet, mark }))
  const criteria = row.criteria.map(({ rubric, criterion, mark }) => ({ rubric, criterion, mark }))
  return { marks, note, target, flags, outcome, extraCredit, criteria, correction, setsUp, tackle, thrown, lane }
}
