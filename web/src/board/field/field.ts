import type { FieldRow, Spot } from '../../api/types'

declare const unit: unique symbol
/** Yards in the play frame: x to the offence's right, y downfield. */
export type Yards = number & { readonly [unit]?: 'yards' }
/** Units of the drawing. */
export interface SvgPoint {
  readonly x: number
  readonly y: number
}
export type ViewFrom = 'offence' | 'defence'

/** Yards shown behind the line of scrimmage, and the least and most beyond it. */
export const BEHIND = 8.6
export const BEYOND = { least: 19, most: 30 } as const
/** Yards that are seen before a ball that is followed. */
const BEFORE_BALL = 13
/** Pixels a yard where the room is not known yet: in tests, and before the first paint. */
const USUAL_SCALE = 16
/** Yards outside each sideline. */
const MARGIN = 1
/** Marks of men and their letters grow with the field, within what can be read and told apart. */
const MARK = { perScale: 1 / 15.8, least: 0.86, most: 1.6 } as const
const LETTER = { perScale: 1 / 17, least: 0.86, most: 1.35 } as const

export interface Drawing {
  readonly width: number
  readonly height: number
  /** Pixels a yard. */
  readonly scale: number
  /** What marks of men, drawn in units, are enlarged by. */
  readonly mark: number
  /** What lettering is enlarged by. */
  readonly letter: number
  /** Yards shown beyond the line of scrimmage, and behind it: less than nothing when the picture has gone downfield. */
  readonly beyond: number
  readonly behind: number
  fieldToSvg(spot: Spot): SvgPoint
  svgToField(point: SvgPoint): Spot
}
export interface Room {
  readonly width: number
  readonly height: number
}

function between(value: number, bounds: { least: number; most: number }): number {
  return Math.max(bounds.least, Math.min(bounds.most, value))
}

/**
 * The one conversion each way between play-frame yards and the drawing. The drawing is as large as its room and one of
 * its units is a pixel, so that lettering is the size it says; a high room shows more of the field. Where a ball is to be
 * followed the picture goes downfield with it.
 */
export function drawingOf(field: FieldRow, from: ViewFrom, room?: Room, follow = 0): Drawing {
  const yardsWide = field.rightSideline - field.leftSideline + 2 * MARGIN
  const scale = room?.width ? Math.min(room.width / yardsWide, room.height / (BEHIND + BEYOND.least)) : USUAL_SCALE
  const still = room?.width ? between(room.height / scale - BEHIND, BEYOND) : BEYOND.least
  const along = Math.max(0, follow + BEFORE_BALL - still)
  const [beyond, behind] = [still + along, BEHIND - along]
  const width = yardsWide * scale
  const height = (behind + beyond) * scale
  const fieldToSvg = (spot: Spot): SvgPoint => {
    const x = (spot.x - field.leftSideline + MARGIN) * scale
    const y = (beyond - spot.y) * scale
    return from === 'offence' ? { x, y } : { x: width - x, y: height - y }
  }
  const svgToField = (point: SvgPoint): Spot => {
    const p = from === 'offence' ? point : { x: width - point.x, y: height - point.y }
    return { x: p.x / scale + field.leftSideline - MARGIN, y: beyond - p.y / scale }
  }
  const mark = between(scale * MARK.perScale, MARK)
  const letter = between(scale * LETTER.perScale, LETTER)
  return { width, height, scale, mark, letter, beyond, behind, fieldToSvg, svgToField }
}

/** Yard lines every five yards of the field that fall in the picture, with the number painted on each ten. */
export function yardLines(
  toGoal: number,
  beyond: number = BEYOND.least,
  behind: number = BEHIND,
): { y: number; painted: string | null; goal: boolean }[] {
  const lines = []
  for (let y = -Math.floor(behind); y <= beyond; y++) {
    const left = toGoal - y
    if (left % 5 === 0 && left >= -10 && left <= 110) {
      const near = Math.min(left, 100 - left)
      lines.push({ y, painted: left % 10 === 0 && near > 0 ? String(near) : null, goal: left === 0 || left === 100 })
    }
  }
  return lines
}

/** A rectangle of the drawing between two field corners, whichever way the drawing is turned. */
export function rectOf(
  drawing: Drawing,
  box: { xMin: number; xMax: number; yMin: number; yMax: number },
): { x: number; y: number; width: number; height: number } {
  const a = drawing.fieldToSvg({ x: box.xMin, y: box.yMax })
  const b = drawing.fieldToSvg({ x: box.xMax, y: box.yMin })
  return { x: Math.min(a.x, b.x), y: Math.min(a.y, b.y), width: Math.abs(a.x - b.x), height: Math.abs(a.y - b.y) }
}

/** The way of a movement: sideways first, then through. */
export function pathOf(from: SvgPoint, to: SvgPoint): string {
  const bend = { x: from.x + (to.x - from.x) * 0.75, y: from.y + (to.y - from.y) * 0.35 }
  return `M${from.x} ${from.y}Q${bend.x} ${bend.y} ${to.x} ${to.y}`
}
