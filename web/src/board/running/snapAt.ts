import type { Sheet, SnapRow, Spot } from '../../api/types'

/** Where a man is at a moment between ticks, straight from one to the next. */
function spotAt(track: readonly number[], tick: number): Spot {
  const last = track.length / 2 - 1
  const from = Math.min(last, Math.floor(tick))
  const to = Math.min(last, from + 1)
  const part = tick - from
  const on = (axis: 0 | 1): number => track[2 * from + axis]! * (1 - part) + track[2 * to + axis]! * part
  return { x: on(0), y: on(1) }
}

/** The line-up with everybody where he is at a moment of the snap. */
export function pictureOf(sheet: Sheet, snap: SnapRow, tick: number): Sheet {
  const spots = new Map(snap.men.map((man, i) => [man, spotAt(snap.tracks[i]!, tick)]))
  return {
    ...sheet,
    offence: sheet.offence.map((m) => ({ ...m, feet: spots.get(m.name) ?? m.feet })),
    // no keys, places or lines: this is what happens, not what is told
    jobs: sheet.jobs.map((j) => ({ ...j, feet: spots.get(j.id) ?? j.feet, show: undefined, key: undefined })),
  }
}

/** Where the ball is at a moment, and the way it has come. */
export function ballOf(snap: SnapRow, tick: number): { at: Spot; way: Spot[] } {
  const at = spotAt(snap.ball, tick)
  const way = Array.from({ length: Math.floor(tick) + 1 }, (_, t) => spotAt(snap.ball, t))
  return { at, way: [...way, at] }
}

/** The way of every man up to a tick, in the order of the men. */
export function waysTo(snap: SnapRow, tick: number): Spot[][] {
  return snap.tracks.map((track) => Array.from({ length: tick + 1 }, (_, t) => spotAt(track, t)))
}

/** So long a look is drawn after a key has shown something, ticks. */
const LOOKS = 8

/** Who has just seen something of whom, where both are now. */
export function looksAt(snap: SnapRow, tick: number): { from: Spot; to: Spot }[] {
  const at = (man: string): Spot => spotAt(snap.tracks[snap.men.indexOf(man)]!, tick)
  return snap.events
    .filter((e) => !e.main && e.whom && e.tick <= tick && e.tick > tick - LOOKS)
    .map((e) => ({ from: at(e.man), to: at(e.whom!) }))
}

/** The ticks at which something happened that is told, each once. */
export function moments(snap: SnapRow): number[] {
  return [...new Set(snap.events.filter((e) => e.main).map((e) => e.tick))]
}

/** Who could be thrown to at a moment. */
export function openAt(snap: SnapRow, tick: number): string[] {
  const now = Math.floor(tick)
  return snap.windows.filter((w) => w.from <= now && now <= w.to).map((w) => w.man)
}

/** A gap that has just gone from one man to another is marked so long, ticks. */
const FRESH = 10

/** Where each gap is at a moment, who has it then, and whether that has just changed. */
export function gapsAt(snap: SnapRow, tick: number): { letter: string; x: number; men: string[]; fresh: boolean }[] {
  const now = Math.floor(tick)
  const near = (at: number): boolean => at > 0 && at <= now && now < at + FRESH
  return snap.gaps.map((g) => ({
    letter: g.letter,
    x: g.x[Math.min(now, g.x.length - 1)] ?? 0,
    men: g.held.filter((h) => h.from <= now && now <= h.to).map((h) => h.man),
    fresh: g.held.some((h) => near(h.from) || near(h.to + 1)),
  }))
}
