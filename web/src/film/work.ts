import type { AngleSheet, AngleWork, FeetClick, JobRow, KnownClick, Sheet } from '../api/types'

/** The work on an angle as the server last knew it. */
export function workOf(angle: AngleSheet): AngleWork {
  const { firstFrame, snapFrame, lastFrame, points, marks } = angle
  return { firstFrame, snapFrame, lastFrame, points, marks }
}

export function withPoint(work: AngleWork, click: KnownClick): AngleWork {
  return { ...work, points: [...work.points.filter((p) => p.name !== click.name), click] }
}
export function withoutPoint(work: AngleWork, name: string): AngleWork {
  return { ...work, points: work.points.filter((p) => p.name !== name) }
}
export function withMark(work: AngleWork, click: FeetClick): AngleWork {
  return { ...work, marks: [...work.marks.filter((m) => m.man !== click.man), click] }
}
/** His feet are behind somebody, or are seen after all. */
export function withHidden(work: AngleWork, man: string): AngleWork {
  const turned = work.marks.map((m) => (m.man === man ? { ...m, hidden: m.hidden ? undefined : true } : m))
  return { ...work, marks: turned }
}
export function withoutMark(work: AngleWork, man: string): AngleWork {
  return { ...work, marks: work.marks.filter((m) => m.man !== man) }
}

/** The play goes from one frame to another; the frame at which the ball moves stays between them. */
export function beginsAt(work: AngleWork, frame: number): AngleWork {
  return { ...work, firstFrame: frame, snapFrame: Math.max(frame, work.snapFrame), lastFrame: notBefore(work, frame) }
}
export function endsAt(work: AngleWork, frame: number): AngleWork {
  return {
    ...work,
    firstFrame: Math.min(frame, work.firstFrame),
    snapFrame: Math.min(frame, work.snapFrame),
    lastFrame: frame,
  }
}
export function ballMovesAt(work: AngleWork, frame: number): AngleWork {
  return {
    ...work,
    firstFrame: Math.min(frame, work.firstFrame),
    snapFrame: frame,
    lastFrame: notBefore(work, frame),
  }
}
function notBefore(work: AngleWork, frame: number): number | undefined {
  return work.lastFrame === undefined ? undefined : Math.max(frame, work.lastFrame)
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
export function strangers(work: AngleWork, sheet: Sheet): string[] {
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
  readonly base: AngleWork
  readonly work: AngleWork
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
export function addedTo(theirs: AngleWork, kept: KeptWork): AngleWork {
  const { base, work } = kept
  const frame = <K extends 'firstFrame' | 'snapFrame' | 'lastFrame'>(which: K): AngleWork[K] =>
    work[which] === base[which] ? theirs[which] : work[which]
  return {
    firstFrame: frame('firstFrame'),
    snapFrame: frame('snapFrame'),
    lastFrame: frame('lastFrame'),
    points: merged(base.points, work.points, theirs.points, (p) => p.name),
    marks: merged(base.marks, work.marks, theirs.marks, (m) => m.man),
  }
}
