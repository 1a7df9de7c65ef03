import type { FeetClick, JobRow, KnownClick, Sheet, SnapSheet, SnapWork } from '../api/types'

/** The work on a snap as the server last knew it. */
export function workOf(sheet: SnapSheet): SnapWork {
  return { snapFrame: sheet.snapFrame, log: sheet.log, points: sheet.points, marks: sheet.marks }
}

export function withPoint(work: SnapWork, click: KnownClick): SnapWork {
  return { ...work, points: [...work.points.filter((p) => p.name !== click.name), click] }
}
export function withoutPoint(work: SnapWork, name: string): SnapWork {
  return { ...work, points: work.points.filter((p) => p.name !== name) }
}
export function withMark(work: SnapWork, click: FeetClick): SnapWork {
  return { ...work, marks: [...work.marks.filter((m) => m.man !== click.man), click] }
}
export function withoutMark(work: SnapWork, man: string): SnapWork {
  return { ...work, marks: work.marks.filter((m) => m.man !== man) }
}

/** Men to click, in an order that helps: first the offence the asked places lean on, left to right, then the defenders in field order. */
export function menToMark(
  jobs: readonly JobRow[],
  offence: readonly { name: string; feet: { x: number } }[],
): string[] {
  const leaned = new Set(jobs.flatMap((j) => j.from))
  return [
    ...offence
      .filter((m) => leaned.has(m.name))
      .sort((a, b) => a.feet.x - b.feet.x)
      .map((m) => m.name),
    ...jobs.map((j) => j.id),
  ]
}

/** Marks of men whom this call and formation do not have: the log was changed after they were marked. */
export function strangers(work: SnapWork, sheet: Sheet): string[] {
  const here = new Set([...sheet.jobs.map((job) => job.id), ...sheet.offence.map((m) => m.name)])
  return work.marks.map((m) => m.man).filter((man) => !here.has(man))
}

/** The next man without a mark after this one; the same when all have one. */
export function nextUnmarked(man: string, order: readonly string[], marks: readonly FeetClick[]): string {
  const marked = new Set(marks.map((m) => m.man))
  const at = order.indexOf(man)
  const after = [...order.slice(at + 1), ...order.slice(0, at)]
  return after.find((m) => !marked.has(m)) ?? man
}

/** Work that could not be saved, with what it was begun on. */
export interface KeptWork {
  readonly version: number
  readonly base: SnapWork
  readonly work: SnapWork
}

/** Clicks of one list by what was clicked: theirs, with what I added, moved and took away since the base. */
function merged<T>(base: readonly T[], mine: readonly T[], theirs: readonly T[], key: (click: T) => string): T[] {
  const byKey = (clicks: readonly T[]): Map<string, string> => new Map(clicks.map((c) => [key(c), JSON.stringify(c)]))
  const was = byKey(base)
  const now = byKey(mine)
  const kept = theirs.filter((c) => !was.has(key(c)) || now.has(key(c)))
  const changed = mine.filter((c) => was.get(key(c)) !== JSON.stringify(c))
  const moved = new Set(changed.map(key))
  return [...kept.filter((c) => !moved.has(key(c))), ...changed]
}

/** Mine added to theirs: nobody's clicks are lost, and what both changed stands as I have it. */
export function addedTo(theirs: SnapWork, kept: KeptWork): SnapWork {
  const { base, work } = kept
  const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b)
  return {
    snapFrame: work.snapFrame === base.snapFrame ? theirs.snapFrame : work.snapFrame,
    log: same(work.log, base.log) ? theirs.log : work.log,
    points: merged(base.points, work.points, theirs.points, (p) => p.name),
    marks: merged(base.marks, work.marks, theirs.marks, (m) => m.man),
  }
}
