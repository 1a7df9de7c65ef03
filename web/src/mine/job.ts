import type { JobRow, Sheet } from '../api/types'

/** One line of a job as a player reads it. */
export interface Told {
  readonly what: string
  readonly words: string
}

const PARTS = [
  ['align', 'Stand'],
  ['stance', 'Stance'],
  ['key', 'Read'],
  ['run', 'Run'],
  ['pass', 'Pass'],
  ['move', 'On the snap'],
  ['show', 'Show first'],
  ['technique', 'How'],
] as const

/** The job that a man of the roster has in a line-up; none when he is not on the field. */
export function jobOf(sheet: Sheet | undefined, man: string): JobRow | undefined {
  return sheet?.jobs.find((j) => j.player?.id === man)
}

/** What he is told, in the order he needs it; what his call says nothing about is left out. */
export function told(job: JobRow): Told[] {
  return PARTS.flatMap(([part, what]) => {
    const row = job.parts.find((p) => p.part === part)
    return row?.shown && row.shown !== 'none' ? [{ what, words: row.shown }] : []
  })
}
