import type { FindingRow, JobRow, Muted } from '../api/types'

/** A finding as the panel lists it: its number on the field, and the mute of a coach who lives with it. */
export interface Listed {
  readonly finding: FindingRow
  /** What makes it the same finding when the list is made anew. */
  readonly key: string
  readonly n: number
  readonly muted?: Muted
}
export interface Group {
  readonly severity: string
  readonly listed: readonly Listed[]
}
/** Findings as they come, worst first; what is muted comes last, under its own head. Numbers run through, so that list and field agree. */
export function grouped(findings: readonly FindingRow[], mutes: readonly Muted[]): Group[] {
  const muteOf = (f: FindingRow): Muted | undefined => mutes.find((m) => m.finding === f.key)
  const open = findings.filter((f) => !muteOf(f))
  const quiet = findings.filter((f) => muteOf(f))
  let n = 0
  const groups: Group[] = [...new Set(open.map((f) => f.severity))].map((severity) => ({
    severity,
    listed: open.filter((f) => f.severity === severity).map((finding) => ({ finding, key: finding.key, n: ++n })),
  }))
  groups.push({
    severity: 'muted',
    listed: quiet.map((finding) => ({ finding, key: finding.key, n: ++n, muted: muteOf(finding) })),
  })
  return groups.filter((g) => g.listed.length)
}

const HEADS: Record<string, string> = {
  bust: 'bust: a play for nothing',
  weak: 'weak: costs ground',
  'cannot tell': 'cannot tell',
  note: 'note: worth knowing',
  fact: 'standing facts: what it gives and leans on',
  muted: 'muted: lived with',
}
/** What stands over a group: its severity and what it costs. */
export function headOf(group: Group): string {
  return HEADS[group.severity] ?? group.severity
}

export function flat(groups: readonly Group[]): Listed[] {
  return groups.flatMap((g) => g.listed)
}

/** "1 bust · 2 weak · 3 notes"; standing facts are not counted with what breaks. */
export function countWords(groups: readonly Group[]): string {
  return groups
    .map(
      (g) =>
        `${g.listed.length} ${g.severity}${(g.severity === 'bust' || g.severity === 'note') && g.listed.length > 1 ? 's' : ''}`,
    )
    .join(' · ')
}

/** The next in a list, round the end; the first when none is picked. */
export function next<T>(list: readonly T[], at: number, by: number): number {
  return list.length === 0 ? -1 : at < 0 ? (by > 0 ? 0 : list.length - 1) : (at + by + list.length) % list.length
}

/** The short label of a job, or its id when it is not in the line-up. */
export function labelled(jobs: () => readonly JobRow[]): (id: string) => string {
  return (id) => jobs().find((j) => j.id === id)?.label ?? id
}
