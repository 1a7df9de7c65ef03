import type { FeetClick, JobRow, KnownClick, SnapSheet, SnapWork } from '../api/types'

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

/** The next man without a mark after this one; the same when all have one. */
export function nextUnmarked(man: string, order: readonly string[], marks: readonly FeetClick[]): string {
  const marked = new Set(marks.map((m) => m.man))
  const at = order.indexOf(man)
  const after = [...order.slice(at + 1), ...order.slice(0, at)]
  return after.find((m) => !marked.has(m)) ?? man
}
