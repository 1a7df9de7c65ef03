import { describe, expect, it } from 'vitest'
import type { FieldRow } from '../../api/types'
import { drawingOf, pathOf, rectOf, yardLines } from './field'

const field: FieldRow = {
  code: 'hs',
  leftSideline: -17.78,
  rightSideline: 35.55,
  leftHash: 0,
  rightHash: 17.77,
  numbersBottom: 7,
  numbersTop: 9,
  toGoal: 38,
  endLine: 48,
  distance: 7,
  painted: true,
}

describe('field', () => {
  it('draws a way from the man to where he goes', () => {
    expect(pathOf({ x: 0, y: 10 }, { x: 20, y: 0 })).toBe('M0 10Q15 6.5 20 0')
  })
  it('goes from yards to the drawing and back, from both ends', () => {
    for (const from of ['offence', 'defence'] as const) {
      const drawing = drawingOf(field, from)
      for (const spot of [
        { x: 0, y: 0 },
        { x: -12.3, y: 7 },
        { x: 30, y: -5 },
      ]) {
        const back = drawing.svgToField(drawing.fieldToSvg(spot))
        expect(back.x).toBeCloseTo(spot.x)
        expect(back.y).toBeCloseTo(spot.y)
      }
    }
  })
  it('puts the defence on top and the right to the right when seen from behind the offence, and turns both about', () => {
    const offence = drawingOf(field, 'offence')
    const defence = drawingOf(field, 'defence')
    expect(offence.fieldToSvg({ x: 0, y: 10 }).y).toBeLessThan(offence.fieldToSvg({ x: 0, y: 0 }).y)
    expect(defence.fieldToSvg({ x: 0, y: 10 }).y).toBeGreaterThan(defence.fieldToSvg({ x: 0, y: 0 }).y)
    expect(defence.fieldToSvg({ x: 5, y: 0 }).x).toBeLessThan(defence.fieldToSvg({ x: 0, y: 0 }).x)
  })
  it('is as large as its room, a pixel a unit, and shows more of the field in a high one', () => {
    const low = drawingOf(field, 'offence', { width: 980, height: 490 })
    const high = drawingOf(field, 'offence', { width: 980, height: 560 })
    expect(low.width).toBeCloseTo(980)
    expect(high.height).toBeCloseTo(560)
    expect(high.beyond).toBeGreaterThan(low.beyond)
    expect(drawingOf(field, 'offence', { width: 2000, height: 490 }).scale).toBeCloseTo(490 / 27.6)
    expect(drawingOf(field, 'offence', { width: 300, height: 200 }).letter).toBe(0.86)
  })
  it('gives rectangles of positive size in both views', () => {
    for (const from of ['offence', 'defence'] as const) {
      const rect = rectOf(drawingOf(field, from), { xMin: -2, xMax: 3, yMin: 1, yMax: 4 })
      expect(rect.width).toBeCloseTo(80)
      expect(rect.height).toBeCloseTo(48)
    }
  })
  it('knows where the painted lines are', () => {
    expect(yardLines(38).map((l) => l.y)).toEqual([-7, -2, 3, 8, 13, 18])
    expect(
      yardLines(38)
        .filter((l) => l.painted)
        .map((l) => [l.y, l.painted]),
    ).toEqual([
      [-2, '40'],
      [8, '30'],
      [18, '20'],
    ])
    expect(yardLines(4).find((l) => l.goal)?.y).toBe(4)
    expect(yardLines(97).filter((l) => l.goal)).toHaveLength(1)
  })
})
