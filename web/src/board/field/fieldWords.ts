import type { FieldRow, GapRow, Sheet, Spot } from '../../api/types'
import type { Layer } from './layers'
import type { Listed } from '../findings'
import { rectOf, yardLines, type Drawing, type SvgPoint } from './field'
import { LINE, letterSize, type LetterName, type Measure } from './letters'
import { defendersAt, offenceAt } from './marks'
import { apart, type Size, type Wish } from './placing'

/** What can be pointed at on the field, as core names it. */
export interface AskedThing {
  readonly kind: 'MAN' | 'GAP' | 'AREA'
  readonly name: string
}
export interface Line {
  readonly text: string
  readonly letter: LetterName
}
/** Lettering that wants a place: its lines in each form, how it is drawn, and what it answers to. */
export interface Word extends Wish {
  readonly lines: readonly (readonly Line[])[]
  readonly tone: string
  readonly frame?: string
  readonly asks?: AskedThing
  readonly finding?: string
  /** Painted on the grass: left out without a word when something stands on it. */
  readonly silent?: boolean
}
export interface WordsAsked {
  readonly field: FieldRow
  readonly sheet: Sheet
  readonly drawing: Drawing
  readonly layers: readonly Layer[]
  readonly listed: readonly Listed[]
  readonly pointed?: string
  readonly measure: Measure
}

const PAD = 3

/** All lettering of the field in the order of what matters: gaps, findings, force, receivers, leverage, line to gain, areas, paint. */
export function fieldWords(asked: WordsAsked): Word[] {
  const on = (layer: Layer): boolean => asked.layers.includes(layer)
  return [
    ...(on('gaps') ? gaps(asked) : []),
    ...findings(asked),
    ...(on('gaps') ? forces(asked) : []),
    ...numbers(asked),
    ...(on('leverage') ? leverage(asked) : []),
    ...gain(asked),
    ...(on('areas') ? areas(asked) : []),
    ...paint(asked),
  ]
}

function sizeOf(lines: readonly Line[], { measure, drawing }: WordsAsked): Size {
  return {
    width: Math.max(...lines.map((l) => measure(l.text, l.letter, drawing.letter))) + PAD,
    height: lines.reduce((sum, l) => sum + letterSize(l.letter, drawing.letter) * LINE, 0),
  }
}
type Draft = Omit<Word, 'forms' | 'of' | 'near'> & { of?: SvgPoint; near?: number }
function word(asked: WordsAsked, draft: Draft): Word {
  return {
    ...draft,
    forms: draft.lines.map((l) => sizeOf(l, asked)),
    of: draft.of ?? draft.at[0]!,
    near: draft.near ?? Infinity,
  }
}

const FRAME: Record<GapRow['owned'], string | undefined> = {
  once: undefined,
  twice: 'dashed',
  'two-gapped': 'dotted',
  open: 'bust',
}
/** Yards behind the line where gap letters are tried, the nearest first. */
/** Pixels one gap takes of the row at most; a wider owner goes a row lower. */
const MOST_GAP = 24
const GAP_ROWS = [2.45, 2.9, 3.4, 3.9, 4.5, 5.1, 5.8, 6.5]
/** The letter of each gap over its owner, a second owner under the first, side by side in one row. */
function gaps(asked: WordsAsked): Word[] {
  const { sheet, drawing } = asked
  const label = (id: string): string => sheet.jobs.find((j) => j.id === id)?.label ?? id
  const lines = sheet.gaps.map((g): Line[] => {
    const owners = g.owners.map((o, i) => (i ? '+' : '') + label(o))
    const said = owners.length ? owners : [g.said]
    return [{ text: g.letter, letter: 'gap' }, ...said.map((text) => ({ text, letter: 'owner' as const }))]
  })
  const feet = sheet.gaps.map((g) => drawing.fieldToSvg({ x: g.at.x, y: 0 }))
  const width = Math.max(0, ...lines.map((l) => sizeOf(l, asked).width))
  const row = apart(feet, { width: Math.min(width, MOST_GAP), height: 1 })
  const words = sheet.gaps.map((g, i) =>
    word(asked, {
      key: `gap ${g.words}`,
      lines: [lines[i]!],
      at: GAP_ROWS.map((y) => ({ x: row[i]!.x, y: drawing.fieldToSvg({ x: 0, y: -y }).y })),
      of: drawing.fieldToSvg({ x: g.at.x, y: -1.2 }),
      near: 2.4 * drawing.scale,
      must: true,
      tone: 'run',
      frame: FRAME[g.owned],
      asks: { kind: 'GAP', name: g.words },
    }),
  )
  return [...words, ...twoGappers(asked, label)]
}
/** A man who plays both sides of his block is said once, under his gaps. */
function twoGappers(asked: WordsAsked, label: (id: string) => string): Word[] {
  const { sheet, drawing } = asked
  const his = new Map<string, number[]>()
  for (const g of sheet.gaps.filter((g) => g.owned === 'two-gapped'))
    for (const owner of g.owners) his.set(owner, [...(his.get(owner) ?? []), g.at.x])
  return [...his].map(([owner, xs]) => {
    const x = xs.reduce((sum, one) => sum + one, 0) / xs.length
    return word(asked, {
      key: `two-gap ${owner}`,
      lines: [[{ text: `${label(owner)} two-gaps`, letter: 'owner' }]],
      at: GAP_ROWS.map((y) => drawing.fieldToSvg({ x, y: -y - 1.4 })),
      of: drawing.fieldToSvg({ x, y: -2.4 }),
      tone: 'run',
    })
  })
}

/** What was found, numbered as in the list, beside where it is; notes and standing facts only while pointed at. */
function findings({ listed, pointed, field, drawing, ...rest }: WordsAsked): Word[] {
  const asked = { listed, pointed, field, drawing, ...rest }
  return listed
    .filter((l) => l.key === pointed || (['bust', 'weak', 'cannot tell'].includes(l.finding.severity) && !l.muted))
    .map((l) => {
      const where = drawing.fieldToSvg({
        x: Math.max(field.leftSideline + 1, Math.min(field.rightSideline - 1, l.finding.where.x)),
        y: Math.min(l.finding.where.y, drawing.beyond - 1),
      })
      return word(asked, {
        key: `finding ${l.key}`,
        lines: [[{ text: ` ${l.n} `, letter: 'finding' }]],
        at: [{ x: where.x + 18, y: where.y - 18 }],
        of: where,
        near: 40,
        must: true,
        tone: 'finding',
        frame: `finding ${l.finding.severity.replace(' ', '-')}${l.key === pointed ? ' pointed' : ''}`,
        finding: l.key,
      })
    })
}

function forces(asked: WordsAsked): Word[] {
  const { sheet, drawing } = asked
  return sheet.edges.map((e) => {
    const out = e.side === 'left' ? -1 : 1
    const who = e.forces.map((f) => sheet.jobs.find((j) => j.id === f)?.label ?? f).join('+') || 'nobody'
    const at = (x: number, y: number): SvgPoint => drawing.fieldToSvg({ x: e.at.x + out * x, y })
    return word(asked, {
      key: `force ${e.side}`,
      lines: [[{ text: `force: ${who}`, letter: 'word' }]],
      at: [at(3.4, -3.2), at(3.4, -4.2), at(3.4, -5.2), at(5, -2.6), at(5, -4), at(7, -3.2), at(3.4, -6.2), at(9, -4)],
      must: true,
      tone: 'soft',
    })
  })
}

function numbers(asked: WordsAsked): Word[] {
  const { sheet, drawing } = asked
  const at = offenceAt(sheet.offence, drawing)
  const by = 18.5 * drawing.mark
  const turned = drawing.fieldToSvg({ x: 0, y: 1 }).y > drawing.fieldToSvg({ x: 0, y: 0 }).y ? -1 : 1
  return sheet.offence
    .filter((m) => m.number)
    .map((m) => {
      const p = at.get(m.name)!
      return word(asked, {
        key: `number ${m.name}`,
        lines: [[{ text: m.number!, letter: 'number' }]],
        at: [
          { x: p.x, y: p.y + turned * by },
          { x: p.x + by, y: p.y + 6 * turned },
          { x: p.x - by, y: p.y + 6 * turned },
          { x: p.x + by, y: p.y + 14 * turned },
          { x: p.x - by, y: p.y + 14 * turned },
          { x: p.x, y: p.y - turned * by },
        ],
        near: 34 * drawing.mark,
        of: p,
        must: true,
        tone: 'soft',
        asks: { kind: 'MAN', name: m.name },
      })
    })
}

function leverage(asked: WordsAsked): Word[] {
  const spots = defendersAt(asked.sheet.jobs, asked.drawing)
  const by = 20 * asked.drawing.mark
  return asked.sheet.jobs
    .filter((j) => j.leverage && j.feet)
    .map((j) => {
      const p = spots.get(j.id)!
      return word(asked, {
        key: `leverage ${j.id}`,
        lines: [[{ text: j.leverage!, letter: 'word' }]],
        at: [
          { x: p.x, y: p.y - by },
          { x: p.x, y: p.y + by },
          { x: p.x + 2 * by, y: p.y },
          { x: p.x - 2 * by, y: p.y },
        ],
        tone: 'ink',
      })
    })
}

function gain(asked: WordsAsked): Word[] {
  const { field, drawing } = asked
  const seen = field.distance > -drawing.behind && field.distance <= drawing.beyond
  if (field.distance >= field.toGoal || !seen) return []
  const lines = [[{ text: 'line to gain', letter: 'word' as const }]]
  const half = sizeOf(lines[0]!, asked).width / 2
  const edges = [field.leftSideline, field.rightSideline].map((x) => drawing.fieldToSvg({ x, y: field.distance }))
  const [left, right] = edges[0]!.x < edges[1]!.x ? edges : [edges[1]!, edges[0]!]
  const spots = [right!.x - half - 4, left!.x + half + 4, right!.x - 3 * half, left!.x + 3 * half]
  return [
    word(asked, {
      key: 'line to gain',
      lines,
      at: spots.flatMap((x) => [-9, 10].map((y) => ({ x, y: left!.y + y * drawing.letter }))),
      tone: 'rush',
    }),
  ]
}

/** Share of an area's width and height where its words are tried, the middle first. */
const ACROSS = [0, -0.12, 0.12, -0.24, 0.24, -0.34, 0.34]
const DOWN = [0, -0.14, 0.14, -0.28, 0.28, -0.4, 0.4]
/** Words of an area keep so far from its edges, pixels. */
const EDGE = 4
function areas(asked: WordsAsked): Word[] {
  const { sheet, drawing } = asked
  return sheet.areas.map((a) => {
    const rect = rectOf(drawing, a.extent)
    const top = Math.max(2, rect.y)
    const height = Math.min(drawing.height - 2, rect.y + rect.height) - top
    const middle = { x: rect.x + rect.width / 2, y: top + height / 2 }
    const wide = `${a.widthYards.toFixed(0)} yd wide`
    const letter = 'word' as const
    const forms = [
      [{ text: `${a.words}, ${wide}`, letter }],
      [
        { text: a.words, letter },
        { text: wide, letter },
      ],
      [{ text: a.words, letter }],
    ]
    // words stay in their area, off its edges, as far as it is wide enough for them
    const room = rect.width - 2 * EDGE
    const fitting = forms.filter((f) => sizeOf(f, asked).width <= room)
    const lines = fitting.length ? fitting : forms.slice(-1)
    const reach = Math.max(0, (room - sizeOf(lines[0]!, asked).width) / 2)
    const inArea = (x: number): number => Math.min(Math.max(x, middle.x - reach), middle.x + reach)
    return word(asked, {
      key: `area ${a.owner} ${a.words}`,
      lines,
      at: DOWN.flatMap((down) =>
        ACROSS.map((across) => ({ x: inArea(middle.x + across * rect.width), y: middle.y + down * height })),
      ),
      tone: a.deep ? 'deep' : 'under',
      asks: { kind: 'AREA', name: a.owner },
    })
  })
}

function paint(asked: WordsAsked): Word[] {
  const { field, drawing } = asked
  if (!field.painted) return []
  const middle = (field.numbersBottom + field.numbersTop) / 2
  const spot = (x: number, y: number): Spot => ({ x, y })
  return yardLines(field.toGoal, drawing.beyond, drawing.behind)
    .filter((l) => l.painted)
    .flatMap((l) =>
      [field.leftSideline + middle, field.rightSideline - middle].map((x) =>
        word(asked, {
          key: `paint ${l.y} ${x}`,
          lines: [[{ text: l.painted!, letter: 'painted' }]],
          at: [drawing.fieldToSvg(spot(x, l.y))],
          tone: 'painted',
          silent: true,
        }),
      ),
    )
}
