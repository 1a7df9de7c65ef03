import { computed, type Ref } from 'vue'
import { answer, client } from '../api/client'
import type { FoundFeet } from '../api/types'
import { useFilm } from './filmStore'
import { useProposal } from './proposal'
import { frameOf, nextUnmarked, withMark } from './work'

/** Men whom the frame that is shown shows by itself while feet are marked: dashed, and nobody's clicks until he says so. */
export function useFoundMen(frame: Ref<number>) {
  const film = useFilm()
  /** The angle and the frame that are shown, where men stand and the view is known. */
  const shown = computed(() => {
    const { mode, angle, now, play, reel } = film
    if (mode !== 'mark' || !angle?.calibration || !now || !play || !reel) return undefined
    const before = (reel.frameTimes[now.snapFrame] ?? 0) - (reel.frameTimes[frame.value] ?? 0)
    return before >= 0 && before <= play.stillBefore ? `${angle.id} ${frame.value}` : undefined
  })
  /** Who is not clicked in the frame that is shown. */
  const open = computed(() => {
    const here = film.now ? frameOf(film.now, frame.value) : undefined
    const marked = new Set(film.now?.marks.filter((m) => m.frame === here).map((m) => m.man))
    return shown.value === undefined ? [] : film.menIn(frame.value).filter((man) => !marked.has(man))
  })
  const asked = computed(() => (open.value.length > 1 ? shown.value : undefined))
  const { here, looking, trouble } = useProposal(asked, (signal) =>
    answer(
      client.GET('/api/games/{game}/plays/{play}/angles/{angle}/men', {
        params: {
          path: { game: film.game!.id, play: film.play!.id, angle: film.angle!.id },
          query: { frame: frame.value },
        },
        signal,
      }),
    ),
  )
  const answered = computed(() => (here.value && here.value.key === shown.value ? here.value.answer : undefined))
  const isOpen = (man: string): boolean => open.value.includes(man)
  /** Those who are still to be clicked. */
  const men = computed<FoundFeet[]>(() => answered.value?.men.filter((m) => isOpen(m.man)) ?? [])
  const notFound = computed(() => answered.value?.notFound.filter(isOpen) ?? [])
  const touching = computed(() => answered.value?.touching ?? 0)

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

  return { men, notFound, touching, looking, trouble, take, ofTarget }
}
export type FoundMen = ReturnType<typeof useFoundMen>
