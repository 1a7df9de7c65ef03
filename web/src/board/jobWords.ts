import type { JobRow, PartRow } from '../api/types'

export const part = (job: JobRow, name: string): PartRow => job.parts.find((p) => p.part === name)!

/** A lateral x depth pair stays on one line. */
export const tight = (words: string): string =>
  words.replaceAll(' x ', '\u00a0x\u00a0').replaceAll(' @ ', '\u00a0@\u00a0')

/** The rungs behind place, run and pass, each once, with the facts that held; the rules panel has the rest. */
export function because(job: JobRow): { rung: string; facts: string }[] {
  const seen = new Map<string, string>()
  for (const name of ['align', 'run', 'pass']) {
    for (const reason of part(job, name).because)
      seen.set(
        reason.rung,
        reason.facts
          .filter((f) => f.answer === 'yes')
          .map((f) => f.fact)
          .join(', '),
      )
  }
  return [...seen].map(([rung, facts]) => ({ rung, facts }))
}
