import type { SvgPoint } from './field'

/** A rectangle of the drawing by its corner and size. */
export interface Box {
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
}
export interface Size {
  readonly width: number
  readonly height: number
}

/** Something that wants a place on the drawing: in order of preference its forms, largest first, and their middles. */
export interface Wish {
  readonly key: string
  readonly forms: readonly Size[]
  readonly at: readonly SvgPoint[]
  /** What it belongs to; a line leads there when it stands far off. */
  readonly of: SvgPoint
  /** How far from what it belongs to it needs no line. */
  readonly near: number
  /** Looked for round its first place until there is room, rather than left out. */
  readonly must?: boolean
}

export interface Placed<W extends Wish> {
  readonly wish: W
  readonly form: number
  readonly box: Box
  readonly at: SvgPoint
  readonly leader: boolean
}
export interface Placement<W extends Wish> {
  readonly placed: readonly Placed<W>[]
  readonly hidden: readonly W[]
}

export function boxAt(middle: SvgPoint, size: Size): Box {
  return { x: middle.x - size.width / 2, y: middle.y - size.height / 2, ...size }
}
export function overlap(a: Box, b: Box): boolean {
  return a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height
}
function within(box: Box, room: Box): boolean {
  return (
    box.x >= room.x &&
    box.y >= room.y &&
    box.x + box.width <= room.x + room.width &&
    box.y + box.height <= room.y + room.height
  )
}

const TURNS = 12
const STEP = 7
const FURTHEST = 150
/** Places in widening rings round a point, the first up and to the right. */
function* rings(round: SvgPoint): Generator<SvgPoint> {
  for (let radius = STEP; radius < FURTHEST; radius += STEP) {
    for (let turn = 0; turn < TURNS; turn++) {
      const angle = -Math.PI / 4 - (turn % 2 ? -1 : 1) * Math.ceil(turn / 2) * ((2 * Math.PI) / TURNS)
      yield { x: round.x + radius * Math.cos(angle), y: round.y + radius * Math.sin(angle) }
    }
  }
}
function* tries(wish: Wish): Generator<{ form: number; at: SvgPoint }> {
  for (const [form] of wish.forms.entries()) {
    for (const at of wish.at) yield { form, at }
  }
  if (!wish.must) return
  for (const at of rings(wish.at[0]!)) yield { form: wish.forms.length - 1, at }
}

/**
 * Gives each wish the first of its places that covers nothing placed before it and nothing taken; wishes come in the
 * order of what matters. What finds none is hidden, to be counted and told.
 */
export function place<W extends Wish>(wishes: readonly W[], taken: readonly Box[], room: Box): Placement<W> {
  const full: Box[] = [...taken]
  const placed: Placed<W>[] = []
  const hidden: W[] = []
  for (const wish of wishes) {
    const found = firstFree(wish, full, room)
    if (!found) {
      hidden.push(wish)
      continue
    }
    full.push(found.box)
    placed.push({ wish, ...found, leader: Math.hypot(found.at.x - wish.of.x, found.at.y - wish.of.y) > wish.near })
  }
  return { placed, hidden }
}
function firstFree(wish: Wish, full: readonly Box[], room: Box) {
  for (const { form, at } of tries(wish)) {
    const box = boxAt(at, wish.forms[form]!)
    if (within(box, room) && !full.some((other) => overlap(box, other))) return { form, at, box }
  }
  return undefined
}

const ROUNDS = 40
/**
 * Marks that would cover each other, moved apart as little as it takes so that no two middles are nearer than a size
 * in both directions; who stands left of whom or deeper is kept. What does not collide stays where it is.
 */
export function apart(middles: readonly SvgPoint[], size: Size): SvgPoint[] {
  const now = middles.map((m) => ({ x: m.x, y: m.y }))
  for (let round = 0; round < ROUNDS; round++) {
    let moved = false
    for (let i = 0; i < now.length; i++) {
      for (let j = i + 1; j < now.length; j++)
        moved = push(now[i]!, now[j]!, wayOf(middles[i]!, middles[j]!, size), size) || moved
    }
    if (!moved) break
  }
  return now
}
const TOUCH = 0.01
interface Movable {
  x: number
  y: number
}
/** Which way the second is to leave the first: sideways or in depth, whichever they already stand apart more. */
function wayOf(a: SvgPoint, b: SvgPoint, size: Size): { sideways: boolean; sign: number } {
  const sideways = Math.abs(b.x - a.x) * size.height >= Math.abs(b.y - a.y) * size.width
  return { sideways, sign: (sideways ? b.x < a.x : b.y < a.y) ? -1 : 1 }
}
/** True when they were too near and were pushed. */
function push(a: Movable, b: Movable, { sideways, sign }: ReturnType<typeof wayOf>, size: Size): boolean {
  const clear = Math.abs(b.x - a.x) >= size.width - TOUCH || Math.abs(b.y - a.y) >= size.height - TOUCH
  if (clear) return false
  if (sideways) {
    const by = (size.width - sign * (b.x - a.x)) / 2
    a.x -= sign * by
    b.x += sign * by
  } else {
    const by = (size.height - sign * (b.y - a.y)) / 2
    a.y -= sign * by
    b.y += sign * by
  }
  return true
}
