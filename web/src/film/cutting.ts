import { computed, type Ref } from 'vue'
import { answer, client, over } from '../api/client'
import type { AngleSheet, FilmedPlay, GameFilm, GameSheet, PlayLog, ReelSheet } from '../api/types'
import { firstLog, fresh } from './newLog'

/** Plays come out of reels, go, and come back. What is refused is thrown, and nothing of it was done. */
export function useCutting(of: {
  game: Ref<GameSheet | undefined>
  footage: Ref<GameFilm | undefined>
  reel: Ref<ReelSheet | undefined>
  play: Ref<FilmedPlay | undefined>
  playId: Ref<number | undefined>
  angle: Ref<AngleSheet | undefined>
  log: Ref<PlayLog | undefined>
  loadGame: (id: number) => Promise<void>
  openPlay: (id: number) => Promise<void>
  /** Nothing is in hand any more. */
  clear: () => void
  /** What was kept of the angle in hand is not wanted any more. */
  forget: () => void
}) {
  const rows = computed(() => of.game.value?.plays ?? [])

  /** Takes the play in hand out of the game; the next one is in hand then. */
  async function takeOut(): Promise<void> {
    const row = rows.value.find((p) => p.id === of.playId.value)
    if (!row) return
    const params = {
      path: { id: of.game.value!.id, play: row.id },
      header: over(of.play.value?.version ?? row.version),
    }
    of.game.value = await answer(client.DELETE('/api/games/{id}/plays/{play}', { params }))
    const next = rows.value.find((p) => p.number >= row.number) ?? rows.value.at(-1)
    if (next) await of.openPlay(next.id)
    else of.clear()
  }
  /** Puts the play that was taken out last back, and in hand. */
  async function putBack(): Promise<void> {
    const last = of.game.value?.takenOut.at(-1)
    if (!last) return
    const params = { path: { id: of.game.value!.id, play: last.id } }
    of.game.value = await answer(client.POST('/api/games/{id}/plays/{play}/back', { params }))
    await of.openPlay(last.id)
  }

  /** A new play at the end of the log, with the ball moving in this frame of the reel in hand. */
  async function addPlay(frame: number): Promise<void> {
    const added = await answer(
      client.POST('/api/games/{game}/cuts', {
        params: { path: { game: of.game.value!.id } },
        body: {
          reel: of.reel.value!.id,
          frame,
          log: of.log.value ? fresh(of.log.value) : firstLog(of.game.value!.game.code),
        },
      }),
    )
    await of.loadGame(of.game.value!.id)
    await of.openPlay(added.id)
  }
  /** The play that comes next on the reel in hand by the log, and is not cut out of it yet. */
  const missing = computed(() => {
    const here = of.footage.value?.angles.filter((a) => a.reel === of.reel.value?.id).map((a) => a.play) ?? []
    if (of.play.value && !here.includes(of.play.value.id)) return rows.value.find((p) => p.id === of.playId.value)
    const last = rows.value.findLastIndex((p) => here.includes(p.id))
    return rows.value.slice(last + 1).find((p) => !here.includes(p.id))
  })
  /** Says that the play that comes next is to be seen on this reel too. */
  async function addAngle(frame: number): Promise<void> {
    const next = missing.value
    if (!next || !of.reel.value) return
    const path = { game: of.game.value!.id, play: next.id }
    await answer(
      client.POST('/api/games/{game}/plays/{play}/angles', {
        params: { path },
        body: { reel: of.reel.value.id, frame },
      }),
    )
    await of.loadGame(of.game.value!.id)
    await of.openPlay(next.id)
  }
  /** Takes the play in hand off the reel in hand, with the clicks on it. */
  async function takeOff(): Promise<void> {
    if (!of.angle.value) return
    const path = { game: of.game.value!.id, play: of.play.value!.id, angle: of.angle.value.id }
    const params = { path, header: over(of.angle.value.version) }
    await answer(client.DELETE('/api/games/{game}/plays/{play}/angles/{angle}', { params }))
    of.forget()
    await of.loadGame(of.game.value!.id)
    await of.openPlay(of.play.value!.id)
  }

  return { takeOut, putBack, addPlay, missing, addAngle, takeOff }
}
