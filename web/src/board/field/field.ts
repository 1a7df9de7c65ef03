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

/** Drawing units per yard. */
export const SCALE = 16
/** Yards shown behind and beyond the line of scrimmage. */
export const BEHIND = 8.6
export const BEYOND = 19

export interface Drawing {
  readonly width: number
  readonly height: number
  fieldToSvg(spot: Spot): SvgPoint
  svgToField(point: SvgPoint): Spot
}

/** The one conversion each way between play-frame yards and the drawing. */
export function drawingOf(field: FieldRow, from: ViewFrom): Drawing {
  const margin = 1
  const width = (field.rightSideline - field.leftSideline + 2 * margin) * SCALE
  const height = (BEHIND + BEYOND) * SCALE
  const fieldToSvg = (spot: Spot): SvgPoint => {
    const x = (spot.x - field.leftSideline + margin) * SCALE
    const y = (BEYOND - spot.y) * SCALE
    return from === 'offence' ? { x, y } : { x: width - x, y: height - y }
  }
  const svgToField = (point: SvgPoint): Spot => {
    const p = from === 'offence' ? point : { x: width - point.x, y: height - point.y }
    return { x: p.x / SCALE + field.leftSideline - margin, y: BEYOND - p.y / SCALE }
  }
  return { width, height, fieldToSvg, svgToField }
}

/** Yard lines every five yards of the field that fall in the picture, with the number painted on each ten. */
export function yardLines(toGoal: number): { y: number; painted: string | null; goal: boolean }[] {
  const lines = []
  for (let y = -Math.floor(BEHIND); y <= BEYOND; y++) {
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

/** The nearest spot round a point that covers none of the marks; the first tried lies up and to the right. */
export function freeSpot(round: SvgPoint, marks: readonly (SvgPoint & { reach: number })[]): SvgPoint {
  for (let radius = 18; radius < 120; radius += 8) {
    for (let turn = 0; turn < 12; turn++) {
      const angle = -Math.PI / 4 - (turn % 2 ? -1 : 1) * Math.ceil(turn / 2) * (Math.PI / 6)
      const p = { x: round.x + radius * Math.cos(angle), y: round.y + radius * Math.sin(angle) }
      if (!marks.some((m) => Math.abs(m.x - p.x) < m.reach && Math.abs(m.y - p.y) < m.reach)) return p
    }
  }
  return round
}
