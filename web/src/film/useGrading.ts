import { computed, ref, type Ref } from 'vue'
import { useFilm } from './filmStore'
import { useGrades, type Facet, type GradeMark } from './gradeStore'

export interface Grading {
  /** The facet that the next key marks. */
  facet: Ref<Facet>
  /** Whether it is known what was said of the play before: nothing is marked until it is. */
  ready: () => boolean
  walk: (by: number) => void
  mark: (mark: GradeMark | undefined) => void
  confirm: () => void
}

/** Marks the man in hand facet by facet; a yes goes on to the next man who has no grade. */
export function useGrading(): Grading {
  const film = useFilm()
  const grades = useGrades()
  const facet = ref<Facet>('AL')
  const order = computed(() => grades.facets.map((f) => f.facet))

  function walk(by: number): void {
    const at = order.value.indexOf(facet.value)
    facet.value = order.value[Math.max(0, Math.min(order.value.length - 1, at + by))] ?? facet.value
  }
  function man(): string | undefined {
    return film.jobs.some((j) => j.id === film.target) ? film.target : undefined
  }
  function mark(given: GradeMark | undefined): void {
    const job = man()
    if (!job) return
    grades.mark(job, facet.value, given)
    if (given && grades.markOf(job, facet.value)) walk(1)
  }
  function confirm(): void {
    const job = man()
    if (job) grades.confirm(job)
    const ids = film.jobs.map((j) => j.id)
    const at = ids.indexOf(job ?? '')
    const round = [...ids.slice(at + 1), ...ids.slice(0, Math.max(0, at))]
    film.target = round.find((id) => !grades.graded(id)) ?? round[0] ?? film.target
    facet.value = order.value[0] ?? 'AL'
  }
  return { facet, ready: () => !!grades.found, walk, mark, confirm }
}
