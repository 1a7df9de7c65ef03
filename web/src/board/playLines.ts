import type { PlaySheet } from '../api/types'
import type { Picked } from './playsStore'

/** One play to one side, in short: how it comes out for the defence, and why. */
export interface PlayLine {
  readonly play: Picked
  readonly name: string
  readonly side: string
  readonly sign: string
  readonly said: string
  /** Whether it hurts this line-up. */
  readonly hurts: boolean
}
/** Plays of one kind under their heading. */
export interface PlaySection {
  readonly kind: Picked['kind']
  readonly name: string
  /** What the signs mean. */
  readonly hint: string
  readonly lines: readonly PlayLine[]
}

const RUN_SIGNS: Record<string, string> = { offence: '−', even: '=', defence: '+' }
const OPTION_SIGNS: Record<string, string> = { 'two things': '−', 'two for a moment': '=', 'one thing': '+' }

/** Everything the formation can run, under its headings, in the order of the library. */
export function sectionsOf(sheet: PlaySheet, label: (job: string) => string): PlaySection[] {
  const labels = (ids: readonly string[]): string => ids.map(label).join(', ')
  return [
    {
      kind: 'run',
      name: 'Runs',
      hint: '+ the defence wins where the ball goes, = even, − the offence does',
      lines: sheet.runs.map((r) => ({
        play: { kind: 'run', id: r.id, left: r.side === 'left' },
        name: r.name,
        side: r.side,
        sign: RUN_SIGNS[r.outcome] ?? '',
        said: [r.shortBy ? `${r.shortBy} gap short` : '', r.hitters.length ? `free: ${labels(r.hitters)}` : '']
          .filter(Boolean)
          .join('; '),
        hurts: r.hurts,
      })),
    },
    {
      kind: 'pass',
      name: 'Passes',
      hint: 'routes that can be had at once, of all told',
      lines: sheet.passes.map((p) => ({
        play: { kind: 'pass', id: p.id, left: p.side === 'left' },
        name: p.name,
        side: p.side,
        sign: `${p.matched}/${p.routes}`,
        said: p.given ? `gives the ${p.given}` : '',
        hurts: p.hurts,
      })),
    },
    {
      kind: 'option',
      name: 'Options',
      hint: 'a run and a throw on one snap: + nobody is asked two things at once, = for a moment, − the man it reads is',
      lines: sheet.options.map((o) => ({
        play: { kind: 'option', id: o.id, left: o.side === 'left' },
        name: o.name,
        side: o.side,
        sign: OPTION_SIGNS[o.asks] ?? '',
        said: o.key ? `reads ${label(o.key)}${o.both > 0 ? `, both for ${o.both.toFixed(1)} s` : ''}` : 'reads nobody',
        hurts: o.hurts,
      })),
    },
  ]
}

/** What of the sections is looked for: every word in name, side or what is said; or only what hurts. */
export function soughtIn(sections: readonly PlaySection[], find: string, onlyHurting: boolean): PlaySection[] {
  const words = find.toLowerCase().split(/\s+/).filter(Boolean)
  const has = (l: PlayLine): boolean => {
    const text = `${l.name} ${l.side} ${l.said}`.toLowerCase()
    return words.every((w) => text.includes(w)) && (l.hurts || !onlyHurting)
  }
  return sections.map((s) => ({ ...s, lines: s.lines.filter(has) }))
}

export function same(a: Picked | undefined, b: Picked): boolean {
  return a?.kind === b.kind && a.id === b.id && a.left === b.left
}
