import { computed, type Ref } from 'vue'
import { answer, client } from '../api/client'
import type { FoundFeet } from '../api/types'
import { useFilm } from './filmStore'
import { useByHand, useProposal } from './proposal'
import { frameOf, nextUnmarked, withMark } from './work'

/** Men whom the frame that is shown shows by itself while feet are marked: dashed, and nobody's clicks until he says so. */
export function useFoundMen(frame: Ref<number>) {
  const film = useFilm()
  /** Seconds since the ball. */
  const since = computed(() => {
    const { now, reel } = film
    return now && reel ? (reel.frameTimes[frame.value] ?? 0) - (reel.frameTimes[now.snapFrame] ?? 0) : 0
  })
  const moved = computed(() => since.value > 0)
  /** Saved clicks by which men are told in a frame away from the snap: those at it, and between it and that frame. */
  const told = computed(() => {
    const snap = film.now?.snapFrame
    if (frame.value === snap) return []
    return (film.angle?.marks ?? [])
      .filter((m) => m.frame === undefined || (m.frame > snap! && m.frame < frame.value))
      .map((m) => `${m.man} ${m.frame ?? ''} ${m.xPixels} ${m.yPixels}`)
  })
  /** The angle, the frame that is shown and what tells men in it, where the view is known and men stand or can be followed. */
  const shown = computed(() => {
    const { mode, angle, now, play } = film
    if (mode !== 'mark' || !angle?.calibration || !now || !play) return undefined
    if (since.value < -play.stillBefore || since.value > play.followed) return undefined
    return [angle.id, frame.value, ...told.value].join(' ')
  })
  /** Who is not clicked in the frame that is shown. */
  const open = computed(() => {
    const here = film.now ? frameOf(film.now, frame.value) : undefined
    const marked = new Set(film.now?.marks.filter((m) => m.frame === here).map((m) => m.man))
    return shown.value === undefined ? [] : film.menIn(frame.value).filter((man) => !marked.has(man))
  })
  const byHand = useByHand(computed(() => (moved.value ? shown.value : undefined)))
  const canFollow = computed(() => byHand.canBegin.value && open.value.length > 0)
  const asked = computed(() => (moved.value ? byHand.asked.value : open.value.length > 1 ? shown.value : undefined))
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

  /** Everybody of whom the picture is sure becomes a click; after the ball they are followed to the frame first. */
  function take(): void {
    const work = film.now
    if (canFollow.value) {
      byHand.begin()
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

  return { men, moved, canFollow, notFound, touching, looking, trouble, take, ofTarget }
}
export type FoundMen = ReturnType<typeof useFoundMen>
