import type { CallItem, Choices, PlayLog, SnapWords } from '../../api/types'
import { DOWNS, HASHES, SIDES, spotName } from '../../board/lineWords'
import { namesAt, type Called } from '../../board/snapNames'
import { phraseAt, plain } from '../../board/snapPhrases'
import { NUMBERS, RESULTS, UNITS } from '../logWords'

/** What there is to be named in a log, by the rules of its game. */
export interface LogNow {
  readonly choices?: Choices
  readonly calls: readonly CallItem[]
  /** Plays of theirs. */
  readonly ran: readonly Called[]
  readonly code: string
}

/** What a cell says of its play. */
export interface CellSaid {
  readonly snap?: Partial<SnapWords>
  /** To the goal line, whatever the yards. */
  readonly goal?: boolean
  readonly log?: Partial<PlayLog>
}
/** Something said, or what there was to say instead. */
export type CellRead = { readonly said: CellSaid } | { readonly why: string } | { readonly asks: string }

export type ColumnId =
  | 'whose'
  | 'quarter'
  | 'drive'
  | 'lead'
  | 'situation'
  | 'down'
  | 'distance'
  | 'spot'
  | 'hash'
  | 'formation'
  | 'side'
  | 'motion'
  | 'call'
  | 'ran'
  | 'ranSide'
  | 'gain'
  | 'result'
  | 'unit'

/** What a column of a log may be. */
export interface LogColumn {
  readonly id: ColumnId
  readonly name: string
  /** What else it is headed by, in plain words. */
  readonly heads: readonly string[]
  /** What cells of names may name; those of figures and phrases have none. */
  readonly names?: (now: LogNow, formation: string) => readonly Called[]
  /** What a name of these says; an empty one that nothing is known. */
  readonly named?: (id: string) => CellSaid
  readonly read: (words: string, now: LogNow, formation: string) => CellRead
  /** Whether no play can do without it. */
  readonly needed?: boolean
  readonly write?: (log: PlayLog, now: LogNow) => string
}

const HASHES_ALSO: Record<string, string[]> = {
  l: ['left', 'lh', 'l hash'],
  m: ['mid', 'center', 'centre'],
  r: ['right', 'rh', 'r hash'],
}
const SIDES_ALSO: Record<string, string[]> = {
  true: ['l', 'lt'],
  false: ['r', 'rt'],
  left: ['l', 'lt'],
  right: ['r', 'rt'],
}
const RESULTS_ALSO: Partial<Record<(typeof RESULTS)[number], string[]>> = {
  tackled: ['rush', 'run', 'tackle', 'gain', 'no gain'],
  'out of bounds': ['oob'],
  complete: ['comp', 'completion'],
  incomplete: ['inc', 'incomp', 'incompletion'],
  sacked: ['sack'],
  intercepted: ['int', 'interception'],
  'fumble lost': ['fumble'],
  scored: ['td', 'touchdown', 'score'],
  penalty: ['pen'],
}
const LEFT_RIGHT: readonly Called[] = ['left', 'right'].map((id) => ({ id, name: id, also: SIDES_ALSO[id] }))
const DEFENCE = /^(?:d|def|defen[cs]e|theirs?|opponent|opp)$/
/** Whether our offence or a kicking team was on the field: so such a column says. */
export const notOurs = (cell: string): boolean => !DEFENCE.test(plain(cell))
const GOAL = /^(?:g|goal|gl|&g)$/
const WHOLE = /^[+-]?\d{1,3}$/

const same = (id: string): Called => ({ id, name: id })
const players = (now: LogNow): number | undefined => now.choices?.codes.find((c) => c.id === now.code)?.players
const nameOf = (id: string | undefined, all: readonly { id: string; name: string }[] | undefined): string =>
  (id && all?.find((one) => one.id === id)?.name) ?? id ?? ''
const formationOf = (now: LogNow, id: string) => now.choices?.formations.find((f) => f.id === id)

/** The one name that some words are: its id, or the name whole or so far that no other fits. */
function only(words: string, names: readonly Called[]): string | undefined {
  const each = words.split(' ')
  const id = each.join('-')
  if (names.some((n) => n.id === id)) return id
  const found = namesAt(each, names)
  return found?.words === each.length && found.names.length === 1 ? found.names[0]!.id : undefined
}

/** A column whose cells name one of several things. */
function names(
  column: Omit<LogColumn, 'read'> & Required<Pick<LogColumn, 'names' | 'named'>>,
): LogColumn & Required<Pick<LogColumn, 'names' | 'named'>> {
  return {
    ...column,
    read(words, now, formation) {
      const id = only(words, column.names(now, formation))
      return id === undefined ? { asks: words } : { said: column.named(id) }
    },
  }
}

/** A column of whole numbers. */
function figures({ what, name, unit, min, max }: (typeof NUMBERS)[number], heads: readonly string[]): LogColumn {
  return {
    id: what,
    name,
    heads,
    read(words) {
      const n = WHOLE.test(words) ? Number(words) : NaN
      return n >= min && n <= max
        ? { said: { log: { [what]: n } } }
        : { why: `is no whole number from ${min} to ${max}${unit && ` ${unit}`}` }
    },
    write: (log) => String(log[what] ?? ''),
  }
}

/** A column of words that mean the same on the snap line. */
function phrases(column: Omit<LogColumn, 'read'>, meant: readonly (keyof SnapWords)[], why: string): LogColumn {
  return {
    ...column,
    read(words) {
      const each = words.split(' ')
      const found = phraseAt(each)
      if (found?.words !== each.length) return { why }
      if ('goal' in found.said)
        return meant.includes('down') ? { said: { snap: { down: found.said.down }, goal: true } } : { why }
      const said = 'snap' in found.said ? found.said.snap : {}
      const keys = Object.keys(said) as (keyof SnapWords)[]
      return keys.length && keys.every((k) => meant.includes(k)) ? { said: { snap: said } } : { why }
    },
  }
}

const SIDE_WORDS = /(?:^| )(left|right|lt|rt|l|r)$/
/** The side that ends the name of a formation: "trips rt" is trips to the right. */
export function sideOf(words: string): { words: string; mirrored?: boolean } {
  const side = SIDE_WORDS.exec(words)
  const rest = side ? words.slice(0, side.index).trim() : ''
  return side && rest ? { words: rest, mirrored: side[1]!.startsWith('l') } : { words }
}

const FORMATION: LogColumn = {
  id: 'formation',
  name: 'formation',
  heads: ['off form', 'form', 'offence', 'offense', 'set', 'off formation'],
  needed: true,
  names: (now) => (now.choices?.formations ?? []).filter((f) => f.players === (players(now) ?? f.players)),
  named: (id) => ({ snap: { formation: id } }),
  read(words, now, formation) {
    const all = FORMATION.names!(now, formation)
    const whole = only(words, all)
    if (whole) return { said: { snap: { formation: whole } } }
    const { words: rest, mirrored } = sideOf(words)
    const id = only(rest, all)
    return id ? { said: { snap: { formation: id, ...(mirrored === undefined ? {} : { mirrored }) } } } : { asks: rest }
  },
  write: (log, now) => nameOf(log.snap.formation, now.choices?.formations),
}

const [QUARTER, DRIVE, LEAD, GAIN] = NUMBERS

/** In the order in which they are written. */
export const COLUMNS: readonly LogColumn[] = [
  {
    id: 'whose',
    name: 'who was on the field',
    heads: ['odk', 'side of ball', 'side of the ball', 'possession', 'whose ball'],
    read: () => ({ said: {} }),
  },
  figures(QUARTER!, ['qtr', 'q']),
  figures(DRIVE!, ['drive', 'series']),
  figures(LEAD!, ['lead', 'margin', 'score diff']),
  phrases(
    { id: 'situation', name: 'down and distance', heads: ['down & distance', 'd&d', 'dd', 'situation'] },
    ['down', 'distance'],
    'is no down and distance such as 3rd and 6',
  ),
  {
    id: 'down',
    name: 'down',
    heads: ['dn'],
    needed: true,
    read(words) {
      const found = /^([1-4])(?:st|nd|rd|th)?$/.exec(words)
      return found
        ? { said: { snap: { down: Number(found[1]) } } }
        : { why: 'is no down from 1 to 4: a kick or a try is no play to defend, leave it out' }
    },
    write: (log) => nameOf(String(log.snap.down), DOWNS),
  },
  {
    id: 'distance',
    name: 'distance',
    heads: ['dist', 'ytg', 'to go', 'yards to go'],
    needed: true,
    read(words) {
      const n = /^\d{1,2}$/.test(words) ? Number(words) : 0
      if (GOAL.test(words)) return { said: { goal: true } }
      return n > 0 ? { said: { snap: { distance: n } } } : { why: 'is no distance from 1 to 99 yd, nor goal' }
    },
    write: (log) => (log.snap.distance === log.snap.toGoal ? 'goal' : String(log.snap.distance)),
  },
  phrases(
    {
      id: 'spot',
      name: 'ball on',
      heads: ['yard ln', 'yard line', 'yardline', 'yl', 'spot', 'yards to goal', 'ball spot'],
      needed: true,
      write: (log, now) => spotName(log.snap.toGoal, now.choices),
    },
    ['toGoal'],
    'is no spot: own 35 or -35 is on their own side, our 35, +35 or 35 on ours',
  ),
  names({
    id: 'hash',
    name: 'hash',
    heads: ['hash mark'],
    needed: true,
    names: () => HASHES.map((h) => ({ ...h, also: HASHES_ALSO[h.id] })),
    named: (id) => ({ snap: { hash: id } }),
    write: (log) => nameOf(log.snap.hash, HASHES),
  }),
  FORMATION,
  names({
    id: 'side',
    name: 'strong side',
    heads: ['strength', 'off str', 'str', 'strong'],
    names: () => SIDES.map((s) => ({ ...s, also: SIDES_ALSO[s.id] })),
    named: (id) => (id ? { snap: { mirrored: id === 'true' } } : {}),
    write: (log) => nameOf(String(log.snap.mirrored), SIDES),
  }),
  names({
    id: 'motion',
    name: 'motion',
    heads: ['off motion', 'shift'],
    names: (now, formation) => formationOf(now, formation)?.motions ?? [],
    named: (id) => ({ snap: { motion: id || undefined } }),
    write: (log, now) => nameOf(log.snap.motion, formationOf(now, log.snap.formation)?.motions),
  }),
  names({
    id: 'call',
    name: 'our call',
    heads: ['call', 'def call', 'they were told', 'defence', 'defense'],
    needed: true,
    names: (now) =>
      now.calls.filter((c) => c.players === (players(now) ?? c.players)).map((c) => ({ ...c, also: c.kinds })),
    named: (id) => ({ log: { call: id } }),
    write: (log, now) => nameOf(log.call, now.calls),
  }),
  names({
    id: 'ran',
    name: 'they ran',
    heads: ['off play', 'concept', 'play call'],
    names: (now) => now.ran,
    named: (id) => ({ log: { theirPlay: id || undefined } }),
    write: (log, now) => nameOf(log.theirPlay, now.ran),
  }),
  names({
    id: 'ranSide',
    name: 'to the side',
    heads: ['play dir', 'direction', 'dir', 'play direction'],
    names: () => LEFT_RIGHT,
    named: (id) => ({ log: { theirSide: (id || undefined) as PlayLog['theirSide'] } }),
    write: (log) => log.theirSide ?? '',
  }),
  figures(GAIN!, ['gn/ls', 'gain', 'gain/loss', 'yards', 'yds', 'gn']),
  names({
    id: 'result',
    name: 'it ended',
    heads: ['result', 'play result'],
    names: () => RESULTS.map((r) => ({ ...same(r), also: RESULTS_ALSO[r] })),
    named: (id) => ({ log: { result: (id || undefined) as PlayLog['result'] } }),
    write: (log) => log.result ?? '',
  }),
  names({
    id: 'unit',
    name: 'against their',
    heads: ['unit', 'their unit'],
    names: () => UNITS.map(same),
    named: (id) => ({ log: { unit: (id || undefined) as PlayLog['unit'] } }),
    write: (log) => log.unit ?? '',
  }),
]

export const columnOf = (id: ColumnId): LogColumn => COLUMNS.find((c) => c.id === id)!

/** What a column is, by its head; each of them once, the first that fits. */
export function columnsBy(heads: readonly string[], kept: Record<string, ColumnId | ''> = {}): (ColumnId | '')[] {
  const taken = new Set<ColumnId>()
  return heads.map((head) => {
    const words = plain(head)
    const id =
      kept[words] ??
      COLUMNS.find((c) => c.name.toLowerCase() === words || c.id === words || c.heads.includes(words))?.id ??
      ''
    if (!id || taken.has(id)) return ''
    taken.add(id)
    return id
  })
}
