import { computed, shallowRef, type ComputedRef, type Ref, type ShallowRef } from 'vue'
import { answer, client, over, problemOf, type Problem } from '../api/client'
import type { FilmedPlay, GameSheet, PlayLog } from '../api/types'
import { keptKey } from '../shell/kept'

/** What the log of a play shares with the rest of the film room. */
interface Room {
  game: ShallowRef<GameSheet | undefined>
  play: ShallowRef<FilmedPlay | undefined>
  saving: Ref<boolean>
  problem: Ref<Problem | undefined>
  /** Clicks that are on their way go first. */
  settled: () => Promise<void>
}
export interface LogInHand {
  /** What the log is to say, until the server has heard it. */
  said: ShallowRef<PlayLog | undefined>
  log: ComputedRef<PlayLog | undefined>
  change: (change: Partial<PlayLog>) => Promise<void>
  write: () => Promise<void>
  /** A play was opened: what was said of it before and not heard goes out again, or is laid beside what stands now. */
  begin: () => Promise<void>
  /** Throws away what was said and not heard. */
  drop: () => void
}
const OVERTAKEN: Problem = {
  status: 412,
  code: 'play-overtaken',
  detail: 'You said something of this play that was not saved, and somebody changed it since.',
}

/** The log of the play in hand: what is said of it is shown at once, and goes out over the version that was read. */
export function usePlayLog({ game, play, saving, problem, settled }: Room): LogInHand {
  const said = shallowRef<PlayLog>()
  const log = computed(() => said.value ?? play.value?.log)
  const key = (): string => keptKey(`film.log.${play.value?.id}`)

  async function begin(): Promise<void> {
    const kept = localStorage.getItem(key())
    if (!kept) return
    const { words, version } = JSON.parse(kept) as { words: PlayLog; version: number }
    said.value = words
    if (version === play.value!.version) await write()
    else problem.value = OVERTAKEN
  }
  function drop(): void {
    said.value = undefined
    problem.value = undefined
    localStorage.removeItem(key())
  }

  /** Says the log anew; clicks outlive it, since a yard line is where it is. */
  async function change(words: Partial<PlayLog>): Promise<void> {
    if (!log.value) return
    said.value = { ...log.value, ...words }
    await write()
  }
  let writing = false
  /** One after the other: what is said while one is on its way goes out after it. */
  async function write(): Promise<void> {
    if (writing) return
    writing = true
    saving.value = true
    try {
      await settled()
      await heard(play.value!.id)
      problem.value = undefined
    } catch (error) {
      problem.value = problemOf(error)
    } finally {
      writing = false
      saving.value = false
    }
  }
  async function heard(id: number): Promise<void> {
    const of = game.value!.id
    for (let sent: PlayLog | undefined; said.value && sent !== said.value;) {
      sent = said.value
      localStorage.setItem(key(), JSON.stringify({ words: sent, version: play.value!.version }))
      const params = { path: { id: of, play: id }, header: over(play.value!.version) }
      const row = await answer(client.PUT('/api/games/{id}/plays/{play}', { params, body: sent }))
      if (play.value?.id !== id) {
        localStorage.removeItem(keptKey(`film.log.${id}`))
        return
      }
      play.value = { ...play.value, version: row.version }
      if (sent !== said.value) continue
      localStorage.removeItem(key())
      const film = { params: { path: { game: of, play: id } } }
      const found = await answer(client.GET('/api/games/{game}/plays/{play}/film', film))
      if ((play.value as FilmedPlay | undefined)?.id !== id) return
      play.value = found
      if (sent === said.value) said.value = undefined
    }
  }
  return { said, log, change, write, begin, drop }
}
