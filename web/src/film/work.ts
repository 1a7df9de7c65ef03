import type { AngleSheet, AngleWork, FeetClick, JobRow, KnownClick, SeenAt, Sheet } from '../api/types'

/** The work on an angle as the server last knew it. */
export function workOf(angle: AngleSheet): AngleWork {
  const { firstFrame, snapFrame, lastFrame, points, marks, seen, drawn } = angle
  return { firstFrame, snapFrame, lastFrame, points, marks, seen, drawn }
}

/** A click at a frame; what is clicked at the snap stays there when the snap is marked anew. */
type Clicked = FeetClick | KnownClick
export function clickedAt(work: Pick<AngleWork, 'snapFrame'>, click: Clicked): number {
  return click.frame ?? work.snapFrame
}
/** How a frame is kept with a click. */
export function frameOf(work: AngleWork, frame: number): number | undefined {
  return frame === work.snapFrame ? undefined : frame
}
const sameFrame = (a: Clicked, b: { frame?: number }): boolean => a.frame === b.frame

export function withPoint(work: AngleWork, click: KnownClick): AngleWork {
  return { ...work, points: [...withoutPoint(work, click.name, click.frame).points, click] }
}
export function withoutPoint(work: AngleWork, name: string, frame?: number): AngleWork {
  return { ...work, points: work.points.filter((p) => p.name !== name || !sameFrame(p, { frame })) }
}
export function withMark(work: AngleWork, click: FeetClick): AngleWork {
  return { ...work, marks: [...withoutMark(work, click.man, click.frame).marks, click] }
}
/** His feet are behind somebody, or are seen after all. */
export function withHidden(work: AngleWork, man: string, frame?: number): AngleWork {
  const turned = work.marks.map((m) =>
    m.man === man && sameFrame(m, { frame }) ? { ...m, hidden: m.hidden ? undefined : true } : m,
  )
  return { ...work, marks: turned }
}
export function withoutMark(work: AngleWork, man: string, frame?: number): AngleWork {
  return { ...work, marks: work.marks.filter((m) => m.man !== man || !sameFrame(m, { frame })) }
}
/** Takes a man off every frame. */
export function withoutMan(work: AngleWork, man: string): AngleWork {
  return {
    ...work,
    marks: work.marks.filter((m) => m.man !== man),
    seen: work.seen.filter((s) => s.man !== man),
  }
}
/** Takes a known place off every frame. */
export function withoutPlace(work: AngleWork, name: string): AngleWork {
  return { ...work, points: work.points.filter((p) => p.name !== name) }
}
const sameThing = (a: SeenAt, b: SeenAt): boolean => a.what === b.what && a.man === b.man
/** Something happens in a frame; said again of the same frame, it does not. */
export function withSeen(work: AngleWork, one: SeenAt): AngleWork {
  const before = work.seen.find((s) => sameThing(s, one))
  const rest = work.seen.filter((s) => s !== before)
  return { ...work, seen: before?.frame === one.frame ? rest : [...rest, one] }
}

/** The play goes from one frame to another; the frame at which the ball moves stays between them. */
export function beginsAt(work: AngleWork, frame: number): AngleWork {
  const cut = { ...work, firstFrame: frame, lastFrame: notBefore(work, frame) }
  return snappedAt(cut, Math.max(frame, work.snapFrame))
}
export function endsAt(work: AngleWork, frame: number): AngleWork {
  const cut = { ...work, firstFrame: Math.min(frame, work.firstFrame), lastFrame: frame }
  return snappedAt(cut, Math.min(frame, work.snapFrame))
}
export function ballMovesAt(work: AngleWork, frame: number): AngleWork {
  const cut = { ...work, firstFrame: Math.min(frame, work.firstFrame), lastFrame: notBefore(work, frame) }
  return snappedAt(cut, frame)
}
/** What was clicked at the snap goes with it; who was clicked in that frame besides is one with it. */
function snappedAt(work: AngleWork, frame: number): AngleWork {
  const once = <T extends Clicked>(clicks: readonly T[], name: (click: T) => string): T[] => {
    const there = new Set(clicks.filter((c) => c.frame === undefined).map(name))
    return clicks
      .filter((c) => c.frame !== frame || !there.has(name(c)))
      .map((c) => (c.frame === frame ? { ...c, frame: undefined } : c))
  }
  return {
    ...work,
    snapFrame: frame,
    points: once(work.points, (p) => p.name),
    marks: once(work.marks, (m) => m.man),
  }
}
function notBefore(work: AngleWork, frame: number): number | undefined {
  return work.lastFrame === undefined ? undefined : Math.max(frame, work.lastFrame)
}

/** Who the ball is among those who are clicked. */
export const BALL = 'ball'

/**
 * Who to click, in an order that helps: the ball, from which all is measured, then the offence the asked places lean on,
 * left to right, then the defenders in field order.
 */
export function menToMark(
  jobs: readonly JobRow[],
  offence: readonly { name: string; feet: { x: number } }[],
): string[] {
  const leaned = new Set(jobs.flatMap((j) => j.from))
  return [
    BALL,
    ...offence
      .filter((m) => leaned.has(m.name))
      .sort((a, b) => a.feet.x - b.feet.x)
      .map((m) => m.name),
    ...jobs.map((j) => j.id),
  ]
}

/** Marks of men whom this call and formation do not have: the log was changed after they were marked. */
export function strangers(work: AngleWork, sheet: Sheet): string[] {
  const here = new Set([BALL, ...sheet.jobs.map((job) => job.id), ...sheet.offence.map((m) => m.name)])
  return [...new Set(work.marks.map((m) => m.man))].filter((man) => !here.has(man))
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

/** Kept work as it was written down, or none. */
export function keptWork(text: string | null): KeptWork | undefined {
  if (!text) return undefined
  const kept = JSON.parse(text) as Partial<KeptWork>
  return kept.work && kept.base && typeof kept.version === 'number' ? (kept as KeptWork) : undefined
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
    points: merged(base.points, work.points, theirs.points, (p) => `${p.name} ${p.frame ?? ''}`),
    marks: merged(base.marks, work.marks, theirs.marks, (m) => `${m.man} ${m.frame ?? ''}`),
    // what was kept before moments were marked has none
    seen: merged(base.seen ?? [], work.seen ?? [], theirs.seen, (s) => `${s.what} ${s.man ?? ''}`),
    // a drawing is not moved: another one is drawn
    drawn: merged(base.drawn ?? [], work.drawn ?? [], theirs.drawn, (d) => JSON.stringify(d)),
  }
}
