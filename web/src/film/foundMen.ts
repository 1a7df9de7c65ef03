import { computed, ref, watch, type Ref } from 'vue'
import { answer, client, problemOf } from '../api/client'
import type { FoundFeet, MenFound } from '../api/types'
import { useFilm } from './filmStore'
import { frameOf, nextUnmarked, withMark } from './work'

/** Who steps through frames asks of none that he passes. */
const SETTLES = 250

/** Men whom the frame that is shown shows by itself while feet are marked: dashed, and nobody's clicks until he says so. */
export function useFoundMen(frame: Ref<number>) {
  const film = useFilm()
  const answered = ref<MenFound & { angle: number }>()
  const looking = ref(false)
  const trouble = ref('')

  /** What is asked for: an angle and a frame in which men stand and the view is known. */
  const asked = computed(() => {
    const { mode, angle, now, play, reel } = film
    if (mode !== 'mark' || !angle?.calibration || !now || !play || !reel) return undefined
    const before = (reel.frameTimes[now.snapFrame] ?? 0) - (reel.frameTimes[frame.value] ?? 0)
    const stands = before >= 0 && before <= play.stillBefore
    return stands && open(film.menIn(frame.value)).length > 1 ? `${angle.id} ${frame.value}` : undefined
  })
  /** Who is not clicked in the frame that is shown. */
  function open(men: readonly string[]): string[] {
    const here = film.now ? frameOf(film.now, frame.value) : undefined
    const marked = new Set(film.now?.marks.filter((m) => m.frame === here).map((m) => m.man))
    return men.filter((man) => !marked.has(man))
  }
  /** What the frame that is shown shows, if it was asked. */
  const here = computed(() =>
    answered.value?.frame === frame.value && answered.value.angle === film.angle?.id && film.mode === 'mark'
      ? answered.value
      : undefined,
  )
  /** Those who are still to be clicked. */
  const men = computed<FoundFeet[]>(() => {
    const wanted = new Set(open(film.menIn(frame.value)))
    return here.value?.men.filter((m) => wanted.has(m.man)) ?? []
  })
  const notFound = computed(() => {
    const wanted = new Set(open(film.menIn(frame.value)))
    return here.value?.notFound.filter((man) => wanted.has(man)) ?? []
  })

  let wait: ReturnType<typeof setTimeout> | undefined
  let stop: AbortController | undefined
  watch(
    asked,
    (what) => {
      clearTimeout(wait)
      stop?.abort()
      looking.value = false
      if (what === undefined || here.value) return
      trouble.value = ''
      wait = setTimeout(() => void look(film.angle!.id, frame.value), SETTLES)
    },
    { immediate: true },
  )
  async function look(angle: number, shown: number): Promise<void> {
    const mine = (stop = new AbortController())
    looking.value = true
    try {
      const path = { game: film.game!.id, play: film.play!.id, angle }
      const params = { path, query: { frame: shown } }
      const found = await answer(
        client.GET('/api/games/{game}/plays/{play}/angles/{angle}/men', { params, signal: mine.signal }),
      )
      if (!mine.signal.aborted) answered.value = { ...found, angle }
    } catch (error) {
      if (!mine.signal.aborted) trouble.value = problemOf(error).detail
    } finally {
      if (!mine.signal.aborted) looking.value = false
    }
  }

  /** Everybody of whom the picture is sure becomes a click. */
  function take(): void {
    const work = film.now
    const sure = men.value.filter((m) => m.clear)
    if (!work || sure.length === 0) return
    const at = frameOf(work, frame.value)
    film.set(
      sure.reduce(
        (so, { man, xPixels, yPixels }) => withMark(so, { man, xPixels, yPixels, found: true, frame: at }),
        work,
      ),
    )
    const clicked = film.now.marks.filter((m) => m.frame === at)
    const target = film.target
    if (target && clicked.some((m) => m.man === target))
      film.target = nextUnmarked(target, film.menIn(frame.value), clicked)
  }
  /** Where the picture shows the man in hand. */
  const ofTarget = computed(() => men.value.find((m) => m.man === film.target))

  return { men, notFound, touching: computed(() => here.value?.touching ?? 0), looking, trouble, take, ofTarget }
}
export type FoundMen = ReturnType<typeof useFoundMen>
