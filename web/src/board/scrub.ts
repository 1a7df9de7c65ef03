import type { Sheet, Spot } from '../api/types'

function part(from: Spot, to: Spot, t: number): Spot {
  return { x: from.x + (to.x - from.x) * t, y: from.y + (to.y - from.y) * t }
}

/** Everybody on his way from one moment of the motion to the next, straight; who stands in one of them only stays there. */
export function between(from: Sheet, to: Sheet, t: number): Sheet {
  const men = new Map(to.offence.map((m) => [m.name, m.feet]))
  const jobs = new Map(to.jobs.map((j) => [j.id, j.feet]))
  const moved = (feet: Spot | undefined, goal: Spot | undefined): Spot | undefined =>
    feet && goal ? part(feet, goal, t) : feet
  return {
    ...from,
    offence: from.offence.map((m) => ({ ...m, feet: moved(m.feet, men.get(m.name)) ?? m.feet })),
    jobs: from.jobs.map((j) => ({ ...j, feet: moved(j.feet, jobs.get(j.id)), show: undefined })),
  }
}

/** The picture at a moment: 0 is before the motion, each whole number a step of it; undefined at one of the steps. */
export function pictureAt(phases: readonly Sheet[], moment: number): Sheet | undefined {
  const step = Math.floor(moment)
  const from = phases[step]
  const to = phases[step + 1]
  return from && to && moment > step ? between(from, to, moment - step) : undefined
}

/** What a step is called. */
export function stepName(step: number, phases: number): string {
  if (step <= 0) return 'before the motion'
  return step >= phases - 1 ? 'after it' : `step ${step}`
}
