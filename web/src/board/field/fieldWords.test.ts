import { describe, expect, it } from 'vitest'
import type { GapRow, Sheet } from '../../api/types'
import { FIELD, finding, job, sheet } from '../../testing/fixtures'
import { grouped, flat } from '../findings'
import { drawingOf, rectOf } from './field'
import { fieldWords, type Word } from './fieldWords'
import { LETTERS, type Measure } from './letters'
import { defendersAt, menBoxes, offenceAt } from './marks'
import { overlap, place } from './placing'

const measure: Measure = (text, letter, zoom) => text.length * LETTERS[letter].size * 0.5 * zoom
const drawing = drawingOf(FIELD, 'offence', { width: 960, height: 540 })
const base = { field: FIELD, drawing, layers: ['gaps', 'areas'] as const, listed: [], measure }
const words = (over: Partial<Parameters<typeof fieldWords>[0]> & { sheet: Sheet }): Word[] =>
  fieldWords({ ...base, ...over })
const said = (w: Word): string[] => w.lines[0]!.map((l) => l.text)
const nose = job('nose', 'N', 0)
const mike = job('mike', 'M', 1)
const [left] = sheet([]).gaps as [GapRow]

describe('words on the field', () => {
  it('name the owner of a gap under its letter, the second under the first, and frame what is not owned once', () => {
    const gap = (over: Partial<GapRow>): Word =>
      words({ sheet: { ...sheet([nose, mike]), gaps: [{ ...left, ...over }], edges: [] } })[0]!
    expect(said(gap({}))).toEqual(['A', 'N'])
    expect(gap({}).frame).toBeUndefined()
    expect(said(gap({ owned: 'twice', owners: ['nose', 'mike'] }))).toEqual(['A', 'N', '+M'])
    expect(gap({ owned: 'twice' }).frame).toBe('dashed')
    expect(gap({ owned: 'two-gapped' }).frame).toBe('dotted')
    const both = words({ sheet: { ...sheet([nose]), gaps: [{ ...left, owned: 'two-gapped' }], edges: [] } })
    expect(both.map((w) => said(w).join(' '))).toContain('N two-gaps')
    expect(said(gap({ owned: 'open', owners: [], said: 'open' }))).toEqual(['A', 'open'])
    expect(gap({ owned: 'open' }).frame).toBe('bust')
    expect(gap({}).asks).toEqual({ kind: 'GAP', name: 'A gap left' })
  })
  it('say who is the force man of an edge, or that nobody is, and nothing of gaps when that layer is off', () => {
    const force = words({ sheet: sheet([nose]) }).find((w) => w.key.startsWith('force'))!
    expect(said(force)).toEqual(['force: nobody'])
    expect(words({ sheet: sheet([nose]), layers: [] }).filter((w) => /^(gap|force|area)/.test(w.key))).toEqual([])
  })
  it('mark what breaks; a note stands there only while it is pointed at', () => {
    const listed = flat(grouped([finding('bust', 'One.'), finding('note', 'Two.')], []))
    const marks = (pointed?: string): string[] =>
      words({ sheet: sheet([nose]), listed, pointed })
        .filter((w) => w.finding)
        .map((w) => said(w)[0]!.trim())
    expect(marks()).toEqual(['1'])
    expect(marks('gaps/Two.')).toEqual(['1', '2'])
  })
  it('of an area stay in it, wherever a man stands', () => {
    const extent = { xMin: -26, xMax: -12, yMin: 4, yMax: 12 }
    const area = { deep: false, extent, landmark: { x: -20, y: 8 }, owner: 'mike', travelYards: 0, widthYards: 14 }
    const [word] = words({ sheet: { ...sheet([mike]), areas: [{ ...area, words: 'curl-flat' }] } }).filter((w) =>
      w.key.startsWith('area'),
    )
    const rect = rectOf(drawing, extent)
    const half = word!.forms[0]!.width / 2
    expect(word!.at.length).toBeGreaterThan(10)
    for (const { x } of word!.at) {
      expect(x - half).toBeGreaterThanOrEqual(rect.x - 0.01)
      expect(x + half).toBeLessThanOrEqual(rect.x + rect.width + 0.01)
    }
  })
  it('cover neither a man nor each other, and are 12 px or more', () => {
    const men = [-6, -4, -1.2, 0, 1, 4.5, 6, 14].map((x, i) => job(`j${i}`, 'LB', x))
    const shown: Sheet = {
      ...sheet(men),
      offence: [
        { name: 'C', post: 'centre', feet: { x: 0, y: -0.5 } },
        { name: 'QB', post: 'quarterback', feet: { x: 0, y: -1.2 } },
        { name: 'FB', post: 'eligible', feet: { x: 0, y: -4 } },
        { name: 'Z', post: 'eligible', feet: { x: 12, y: -1 }, number: '#1' },
      ],
    }
    const room = { x: 0, y: 0, width: drawing.width, height: drawing.height }
    const taken = menBoxes(shown, drawing)
    const { placed, hidden } = place(words({ sheet: shown }), taken, room)
    expect(hidden).toEqual([])
    placed.forEach((p, i) => {
      expect(taken.some((t) => overlap(p.box, t))).toBe(false)
      expect(placed.slice(i + 1).some((q) => overlap(p.box, q.box))).toBe(false)
    })
    expect(Math.min(...Object.values(LETTERS).map((l) => l.size))).toBeGreaterThanOrEqual(12)
    expect(LETTERS.man.size).toBeGreaterThanOrEqual(14)
  })
})

describe('marks of men', () => {
  it('stand where the men stand, and apart where two would cover each other', () => {
    const close = [job('a', 'A', 0), job('b', 'B', 0.3), job('c', 'C', 10)]
    const at = defendersAt(close, drawing)
    expect(at.get('c')).toEqual(drawing.fieldToSvg({ x: 10, y: 7 }))
    expect(at.get('b')!.x - at.get('a')!.x).toBeCloseTo(23 * drawing.mark)
  })
  it('show a quarterback under centre behind him', () => {
    const men = [
      { name: 'C', post: 'centre' as const, feet: { x: 0, y: -0.5 } },
      { name: 'QB', post: 'quarterback' as const, feet: { x: 0, y: -1 } },
    ]
    const at = offenceAt(men, drawing)
    expect(at.get('QB')!.y - at.get('C')!.y).toBeCloseTo(15 * drawing.mark)
  })
})
