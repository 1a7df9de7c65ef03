import { computed, type Ref } from 'vue'
import { answer, client } from '../api/client'
import type { KnownClick } from '../api/types'
import { useFilm } from './filmStore'
import { useByHand, useProposal } from './proposal'
import { frameOf, withPoint } from './work'

/** Who has clicked so many needs no more. */
const ENOUGH = 8

/** Known places that the frame that is shown shows by itself while it is calibrated. */
export function useFoundPlaces(frame: Ref<number>) {
  const film = useFilm()
  const at = computed(() => (film.now ? frameOf(film.now, frame.value) : undefined))
  const clicked = computed(() => film.now?.points.filter((p) => p.frame === at.value) ?? [])
  /** Clicks that are saved: what is found goes with them. */
  const saved = computed(() => film.angle?.points.filter((p) => p.frame === at.value) ?? [])
  const shown = computed(() => {
    const { mode, angle } = film
    if (mode !== 'calibrate' || !angle || clicked.value.length >= ENOUGH) return undefined
    if (angle.tripod === 0 && !angle.calibration) return undefined
    return [angle.id, frame.value, ...saved.value.map((p) => `${p.name} ${p.xPixels} ${p.yPixels}`)].join(' ')
  })
  const turned = computed(() => at.value !== undefined)
  const byHand = useByHand(computed(() => (turned.value ? shown.value : undefined)))
  const asked = computed(() => (turned.value ? byHand.asked.value : shown.value))
  const { here, looking, trouble } = useProposal(asked, (signal) =>
    answer(
      client.GET('/api/games/{game}/plays/{play}/angles/{angle}/places', {
        params: {
          path: { game: film.game!.id, play: film.play!.id, angle: film.angle!.id },
          query: { frame: frame.value },
        },
        signal,
      }),
    ),
  )
  const answered = computed(() => (here.value?.key === asked.value ? here.value?.answer : undefined))
  /** Those that are not clicked. */
  const places = computed<KnownClick[]>(() => {
    const done = new Set(clicked.value.map((p) => p.name))
    return answered.value?.places.filter((p) => !done.has(p.name)) ?? []
  })
  const nothing = computed(() => answered.value !== undefined && answered.value.places.length === 0)
  /** Nothing, because the field looks the same from its other side. */
  const eitherWay = computed(() => answered.value?.eitherWay === true)

  /** Every one of them becomes a click; in a frame away from the snap they are looked for first. */
  function take(): void {
    if (byHand.canBegin.value && places.value.length === 0) byHand.begin()
    if (!film.now || places.value.length === 0) return
    film.set(
      places.value.reduce(
        (so, { name, xPixels, yPixels }) => withPoint(so, { name, xPixels, yPixels, frame: at.value }),
        film.now,
      ),
    )
  }
  return { places, canBegin: byHand.canBegin, nothing, eitherWay, looking, trouble, take }
}
export type FoundPlaces = ReturnType<typeof useFoundPlaces>
