import { computed, ref, type Ref } from 'vue'
import type { AngleSheet, AngleWork, FilmedPlay } from '../api/types'
import { frameOf, withoutPoint } from './work'

/** Which known place of the field is clicked next: the one that was chosen, else the best by core that is not clicked yet. */
export function useKnownPlaces(of: {
  play: Ref<FilmedPlay | undefined>
  angle: Ref<AngleSheet | undefined>
  now: Ref<AngleWork | undefined>
  set: (work: AngleWork) => void
}) {
  const chosen = ref<string>()
  /** In the order in which they are best clicked: those that the picture shows, then all others. */
  const places = computed(() => {
    const next = of.angle.value?.nextPlaces ?? []
    const all = of.play.value?.known.map((k) => k.name) ?? []
    return [...next, ...all.filter((name) => !next.includes(name))]
  })
  function placeIn(shown: number): string | undefined {
    const work = of.now.value
    if (!work) return undefined
    const frame = frameOf(work, shown)
    const there = new Set(work.points.filter((p) => p.frame === frame).map((p) => p.name))
    return chosen.value ?? places.value.find((name) => !there.has(name))
  }
  /** Takes a known place in hand; one that was clicked is clicked anew. */
  function choosePlace(name: string, shown?: number): void {
    const work = of.now.value
    const frame = work && shown !== undefined ? frameOf(work, shown) : undefined
    if (work?.points.some((p) => p.name === name && p.frame === frame)) of.set(withoutPoint(work, name, frame))
    chosen.value = name
  }
  function walkPlace(by: number, shown: number): void {
    chosen.value = stepped(places.value, placeIn(shown), by)
  }
  return { placeIn, choosePlace, walkPlace, leave: () => (chosen.value = undefined) }
}

/** The next of a list, round its end; the first or last when none of it is in hand. */
export function stepped<T>(all: readonly T[], now: T | undefined, by: number): T | undefined {
  return all[(all.indexOf(now as T) + by + all.length) % all.length]
}
