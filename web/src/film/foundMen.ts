import { computed, type Ref } from 'vue'
import { answer, client } from '../api/client'
import type { FoundFeet } from '../api/types'
import { useFilm } from './filmStore'
import { useProposal } from './proposal'
import type { Paths } from './usePaths'
import { frameOf, nextUnmarked, withMark } from './work'

/** Men whom the frame that is shown shows by itself while feet are marked: dashed, and nobody's clicks until he says so. */
export function useFoundMen(frame: Ref<number>, paths: Paths) {
  const film = useFilm()
  /** Seconds since the ball. */
  const since = computed(() => {
    const { now, reel } = film
    return now && reel ? (reel.frameTimes[frame.value] ?? 0) - (reel.frameTimes[now.snapFrame] ?? 0) : 0
  })
  const moved = computed(() => since.value > 0)
  /** Whether men can be told in the frame that is shown: the view is known, and they stand or may be followed. */
  const inReach = computed(() => {
    const { mode, angle, now, play } = film
    return mode === 'mark' && !!angle?.calibration && !!now && !!play && since.value >= -play.stillBefore
  })
  /** Whether they are still to be followed to it. */
  const unfollowed = computed(() => moved.value && !paths.reaches(frame.value))
  const shown = computed(() =>
    inReach.value && !unfollowed.value
      ? `${film.angle!.id} ${frame.value} ${moved.value ? film.angle!.version : ''}`
      : undefined,
  )
  /** Who is not clicked in the frame that is shown. */
  const open = computed(() => {
    const here = film.now ? frameOf(film.now, frame.value) : undefined
    const marked = new Set(film.now?.marks.filter((m) => m.frame === here).map((m) => m.man))
    return inReach.value ? film.menIn(frame.value).filter((man) => !marked.has(man)) : []
  })
  const canFollow = computed(
    () => unfollowed.value && open.value.length > 0 && since.value <= (film.play?.followed ?? 0) && !paths.work.value,
  )
  const asked = computed(() => (open.value.length > (moved.value ? 0 : 1) ? shown.value : undefined))
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

  /** Everybody of whom the picture is sure becomes a click; after the ball they are followed through the play first. */
  function take(): void {
    const work = film.now
    if (canFollow.value) {
      void paths.follow()
      return
    }
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

  return { men, moved, canFollow, paths, notFound, touching, looking, trouble, take, ofTarget }
}
export type FoundMen = ReturnType<typeof useFoundMen>
