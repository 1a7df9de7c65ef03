import { computed, ref, type Ref } from 'vue'
import { useFilm } from './filmStore'
import { otherwise } from './marks'
import { useGrades, type Facet, type GradeMark } from './gradeStore'

/** A criterion of a rubric. */
export interface Ticked {
  rubric: string
  criterion: string
}
export interface Grading {
  /** The facet that the next key marks. */
  facet: Ref<Facet>
  /** The criterion that it marks, within technique. */
  criterion: Ref<Ticked | undefined>
  choose: (facet: Facet, criterion?: Ticked) => void
  /** Whether it is known what was said of the play before: nothing is marked until it is. */
  ready: () => boolean
  walk: (by: number) => void
  mark: (mark: GradeMark | undefined) => void
  confirm: () => void
  /** Technique as a whole, yes to what is proposed, and the next man: one key for a man of whom all else is measured. */
  whole: (technique: GradeMark) => void
  /** Yes to what is proposed, to standard what of his job is not; the next man. */
  didHisJob: () => void
  /** A facet of the man in hand is not as proposed; said again, another mark, and after the last as proposed after all. */
  otherwise: (facet: Facet) => void
}

/** Marks the man in hand facet by facet, technique criterion by criterion; a yes goes on to the next man who has no grade. */
export function useGrading(): Grading {
  const film = useFilm()
  const grades = useGrades()
  const facet = ref<Facet>('AL')
  const criterion = ref<Ticked>()
  const order = computed(() => grades.facets.map((f) => f.facet))

  function man(): string | undefined {
    return film.jobs.some((j) => j.id === film.target) ? film.target : undefined
  }
  /** All that can be marked of him, in the order it is walked through. */
  function places(): { facet: Facet; criterion?: Ticked }[] {
    return order.value.flatMap((f) => [{ facet: f }, ...(f === 'TE' ? criteria() : [])])
  }
  function criteria(): { facet: Facet; criterion: Ticked }[] {
    return grades
      .rubrics(man() ?? '')
      .flatMap((r) =>
        r.criteria
          .filter((c) => c.facet === 'TE')
          .map((c) => ({ facet: 'TE' as const, criterion: { rubric: r.id, criterion: c.id } })),
      )
  }
  function choose(to: Facet, within?: Ticked): void {
    facet.value = to
    criterion.value = within
  }
  function walk(by: number): void {
    const all = places()
    const { rubric, criterion: id } = criterion.value ?? {}
    const at = all.findIndex(
      (p) => p.facet === facet.value && p.criterion?.rubric === rubric && p.criterion?.criterion === id,
    )
    const next = all[Math.max(0, Math.min(all.length - 1, at + by))]
    if (next) choose(next.facet, next.criterion)
  }
  function mark(given: GradeMark | undefined): void {
    const job = man()
    if (!job) return
    const now = criterion.value
    if (now) grades.tick(job, now.rubric, now.criterion, given)
    else grades.mark(job, facet.value, given)
    if (given && (now ? grades.tickOf(job, now.rubric, now.criterion) : grades.markOf(job, facet.value))) walk(1)
  }
  function confirm(): void {
    const job = man()
    if (job) grades.confirm(job)
    next(job)
  }
  function didHisJob(): void {
    const job = man()
    if (job) grades.didHisJob(job)
    next(job)
  }
  /** The next man who has no grade. */
  function next(job: string | undefined): void {
    const ids = film.jobs.map((j) => j.id)
    const at = ids.indexOf(job ?? '')
    const round = [...ids.slice(at + 1), ...ids.slice(0, Math.max(0, at))]
    film.target = round.find((id) => !grades.graded(id)) ?? round[0] ?? film.target
    choose(order.value[0] ?? 'AL')
  }
  function whole(technique: GradeMark): void {
    const job = man()
    if (!job) return
    if (grades.markOf(job, 'TE') !== technique) grades.mark(job, 'TE', technique)
    confirm()
  }
  function notAsProposed(of: Facet): void {
    const job = man()
    if (!job) return
    const proposed = grades.proposed(job).find((p) => p.facet === of)?.mark
    grades.mark(job, of, otherwise(proposed, grades.markOf(job, of)))
  }
  return {
    facet,
    criterion,
    otherwise: notAsProposed,
    choose,
    ready: () => !!grades.found,
    walk,
    mark,
    confirm,
    didHisJob,
    whole,
  }
}
