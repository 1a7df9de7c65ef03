import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { answer, client, over, problemOf, type Problem } from '../api/client'
import type { AngleSheet, AngleWork, FilmedPlay, GameFilm, GameSheet, ReelSheet, SeenAt } from '../api/types'
import { begin, change, redo, undo, type History } from '../board/history'
import { keptKey } from '../shell/kept'
import { useLists } from '../shell/lists'
import { stepped, useKnownPlaces } from './knownPlaces'
import { useCutting } from './cutting'
import { usePlayLog } from './playLog'
import { useSides } from './sides'
import {
  addedTo,
  BALL,
  frameOf,
  keptWork,
  menToMark,
  nextUnmarked,
  withMark,
  withPoint,
  withSeen,
  workOf,
  type KeptWork,
} from './work'

export type Mode = 'look' | 'calibrate' | 'mark' | 'draw' | 'time' | 'grade'

/**
 * A game on the table: the play in hand, the reel it is looked at on, the clicks on that angle, and what core measured of
 * all angles. Clicks that could not be saved are kept on this machine for the user who made them; they are laid beside and
 * asked about, never saved by themselves.
 */
export const useFilm = defineStore('film', () => {
  const game = shallowRef<GameSheet>()
  const footage = shallowRef<GameFilm>()
  const reel = shallowRef<ReelSheet>()
  const play = shallowRef<FilmedPlay>()
  const playId = ref<number>()
  const work = ref<History<AngleWork>>()
  const mode = ref<Mode>('look')
  const target = ref<string>()
  /** Who was clicked last: what is said of a click next is of his. */
  const last = ref<string>()
  const problem = ref<Problem>()
  const saving = ref(false)

  const rows = computed(() => game.value?.plays ?? [])
  const number = computed(() => rows.value.find((p) => p.id === playId.value)?.number)
  const angle = computed(() => play.value?.angles.find((a) => a.reel === reel.value?.id))
  const now = computed(() => work.value?.now)
  const logged = usePlayLog({ game, play, saving, problem, settled: () => settled() })
  const { said, log } = logged
  const places = useKnownPlaces({ play, angle, now, set })
  const cutting = useCutting({
    game,
    footage,
    reel,
    play,
    playId,
    angle,
    log,
    loadGame,
    openPlay,
    clear,
    forget: () => localStorage.removeItem(key()),
  })
  const turned = useSides({ footage, reel, play, settled: () => settled(), beginWork: () => beginWork() })
  const jobs = computed(() => play.value?.sheet.jobs ?? [])
  const men = computed(() => (play.value ? menToMark(jobs.value, play.value.sheet.offence) : []))
  /** What each defender is called on the field. */
  const labels = computed(() => new Map(jobs.value.map((j) => [j.id, j.label])))
  /** Unsaved clicks of an earlier visit to this angle, until he says what becomes of them. */
  const left = ref<KeptWork>()
  let base: AngleWork
  const key = (): string => keptKey(`film.${angle.value?.id}`)

  async function loadGame(id: number): Promise<void> {
    const path = { id }
    game.value = await answer(client.GET('/api/games/{id}', { params: { path } }))
    footage.value = await answer(client.GET('/api/games/{game}/film', { params: { path: { game: id } } }))
  }

  /** A game with one of its plays in hand, or with a reel and none; its first play when nothing is named. */
  async function open(id: number, wanted: { play?: number; reel?: number } = {}): Promise<void> {
    clear()
    turned.forget()
    await loadGame(id)
    await useLists().load()
    await turned.take(wanted.reel ?? footage.value?.reels[0]?.id)
    const named = rows.value.find((p) => p.number === wanted.play)
    const first = named ?? (wanted.reel === undefined ? rows.value[0] : undefined)
    if (first) await openPlay(first.id)
  }
  function clear(): void {
    play.value = undefined
    playId.value = undefined
    work.value = undefined
    said.value = undefined
    left.value = undefined
    problem.value = undefined
  }

  /** A play that cannot be opened is still in hand: it can be taken out. */
  async function openPlay(id: number): Promise<void> {
    clear()
    playId.value = id
    try {
      await load(id)
    } catch (error) {
      problem.value = problemOf(error)
      return
    }
    await logged.begin()
    if (!men.value.includes(target.value ?? '')) target.value = men.value[0]
    places.leave()
    last.value = undefined
  }
  async function load(id: number): Promise<void> {
    const path = { game: game.value!.id, play: id }
    const found = await answer(client.GET('/api/games/{game}/plays/{play}/film', { params: { path } }))
    const first = found.angles.some((a) => a.reel === reel.value?.id) ? undefined : found.angles[0]
    const from = first && (await turned.reelOf(first.reel))
    // a play chosen meanwhile is the one in hand
    if (playId.value !== id) return
    play.value = found
    said.value = undefined
    turned.to(from ?? reel.value)
  }
  /** The clicks on the angle in hand, with what was left unsaved of it. */
  function beginWork(): void {
    const here = angle.value
    left.value = here ? keptWork(localStorage.getItem(key())) : undefined
    work.value = here ? begin((base = workOf(here))) : undefined
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
  function set(next: AngleWork): void {
    if (left.value || !work.value) return
    work.value = change(work.value, next)
    void save()
  }
  function step(way: typeof undo): void {
    if (left.value || !work.value) return
    work.value = way(work.value)
    void save()
  }

  let running: Promise<void> | undefined
  const settled = (): Promise<void> => running ?? Promise.resolve()
  async function save(): Promise<void> {
    if (said.value) await logged.write()
    if (!angle.value || !now.value) return
    const kept: KeptWork = { version: angle.value.version, base, work: now.value }
    localStorage.setItem(key(), JSON.stringify(kept))
    if (running) return
    running = write(angle.value)
    await running
    running = undefined
  }
  async function write(of: AngleSheet): Promise<void> {
    saving.value = true
    try {
      let sent
      let version = of.version
      do {
        sent = now.value!
        const path = { game: game.value!.id, play: play.value!.id, angle: of.id }
        play.value = await answer(
          client.PUT('/api/games/{game}/plays/{play}/angles/{angle}', {
            params: { path, header: over(version) },
            body: sent,
          }),
        )
        version = play.value.angles.find((a) => a.id === of.id)?.version ?? version
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
  /** After somebody else's save: his clicks or his log, with mine on top. */
  async function mineOnTop(): Promise<void> {
    const mineSaid = said.value
    const mine: KeptWork | undefined = angle.value && { version: angle.value.version, base, work: now.value! }
    await load(play.value!.id)
    if (mineSaid) await logged.change(mineSaid)
    else if (mine && now.value) {
      left.value = undefined
      set(addedTo(now.value, mine))
    }
  }

  /** What is refused is said, and nothing of it was done. */
  async function tried(what: () => Promise<void>): Promise<void> {
    try {
      await what()
    } catch (error) {
      problem.value = problemOf(error)
    }
  }
  /** Puts the place or the man in hand where the picture was clicked, or showed him, in the frame that is shown. */
  function clickAt(x: number, y: number, shown: number, found?: boolean): void {
    if (!now.value) return
    const frame = frameOf(now.value, shown)
    const name = places.placeIn(shown)
    if (mode.value === 'calibrate' && name) {
      set(withPoint(now.value, { name, xPixels: x, yPixels: y, frame }))
      places.leave()
    } else if (mode.value === 'mark' && target.value) {
      const man = target.value
      set(withMark(now.value, { man, xPixels: x, yPixels: y, found, frame }))
      last.value = man
      const here = now.value.marks.filter((m) => m.frame === frame)
      target.value = nextUnmarked(man, menIn(shown), here)
    }
  }
  /** Who is clicked in a frame: before and after the snap only who was clicked at it, since he is told from there. */
  function menIn(shown: number): string[] {
    if (!now.value || frameOf(now.value, shown) === undefined) return men.value
    const there = new Set(now.value.marks.filter((m) => m.frame === undefined).map((m) => m.man))
    const before = shown < now.value.snapFrame
    const found = men.value.filter((m) => (m !== BALL || before) && there.has(m))
    return [...found.filter((m) => labels.value.has(m)), ...found.filter((m) => !labels.value.has(m))]
  }
  /** Something happens in this frame, to the man in hand or to all. */
  function see(what: SeenAt['what'], frame: number): void {
    const ofAMan = play.value?.moments.find((m) => m.what === what)?.ofAMan
    if (!now.value || (ofAMan && !jobs.value.some((j) => j.id === target.value))) return
    set(withSeen(now.value, { what, man: ofAMan ? target.value : undefined, frame }))
  }
  function walkMan(by: number): void {
    const of = mode.value === 'grade' || mode.value === 'time' ? jobs.value.map((j) => j.id) : men.value
    target.value = stepped(of, target.value, by)
  }
  async function walkPlay(by: number): Promise<void> {
    const at = rows.value.findIndex((p) => p.id === playId.value)
    const next = rows.value[at < 0 ? 0 : at + by]
    if (next) await openPlay(next.id)
  }

  return {
    game,
    footage,
    reel,
    play,
    playId,
    number,
    angle,
    now,
    log,
    work,
    mode,
    target,
    last,
    placeIn: places.placeIn,
    problem,
    saving,
    said,
    rows,
    jobs,
    men,
    sides: turned.sides,
    otherSide: turned.other,
    reelOf: turned.reelOf,
    missing: cutting.missing,
    open,
    openPlay,
    look: turned.look,
    set,
    undo: () => step(undo),
    redo: () => step(redo),
    save,
    settled,
    tried,
    left,
    addLeft,
    dropLeft,
    mineOnTop,
    takeOut: () => tried(cutting.takeOut),
    putBack: () => tried(cutting.putBack),
    takeOff: () => tried(cutting.takeOff),
    addPlay: (frame: number) => tried(() => cutting.addPlay(frame)),
    addAngle: (frame: number) => tried(() => cutting.addAngle(frame)),
    labels,
    label: (man: string): string => labels.value.get(man) ?? man,
    clickAt,
    see,
    menIn,
    choosePlace: places.choosePlace,
    walkMan,
    walkPlace: places.walkPlace,
    walkPlay,
    walkSide: () => tried(turned.walk),
    changeLog: logged.change,
    dropLog: logged.drop,
  }
})
