import type { ChartRole, RosterSheet } from '../api/types'

type PlayerRow = RosterSheet['players'][number]
type LineRow = RosterSheet['chart'][number]
type PairRow = RosterSheet['staying'][number]

/** Size and quickness as far as taken. */
export function measured(p: PlayerRow): string {
  return [p.weight ? `${p.weight} lb` : '', p.shuttle ? `${p.shuttle.toFixed(2)} s` : ''].filter(Boolean).join(', ')
}

const player = (sheet: RosterSheet, id: string): PlayerRow | undefined => sheet.players.find((p) => p.id === id)

/** Men as a coach writes them: numbers, with the name where two wear one. */
export function saidMen(sheet: RosterSheet, ids: string[]): string {
  return ids
    .map((id) => player(sheet, id))
    .filter((p) => p !== undefined)
    .map((p) => (sheet.players.filter((o) => o.number === p.number).length > 1 ? p.name : String(p.number)))
    .join(', ')
}

/** The same men with size and quickness, to set beside the slot. */
export function fittedMen(sheet: RosterSheet, ids: string[]): string {
  return ids
    .map((id) => player(sheet, id))
    .filter((p) => p !== undefined)
    .map((p) => [`${p.number} ${p.name}`, measured(p)].filter(Boolean).join(' '))
    .join(' · ')
}

/** Reads numbers or names, separated by commas or blanks between numbers; says what it cannot find or tell apart. */
export function men(sheet: RosterSheet, words: string): { players: string[]; trouble: string } {
  const players: string[] = []
  for (const word of words
    .split(/,|(?<=\d)\s+(?=\d)/)
    .map((w) => w.trim())
    .filter(Boolean)) {
    const found = sheet.players.filter(
      (p) =>
        String(p.number) === word ||
        p.name.toLowerCase() === word.toLowerCase() ||
        `${p.number} ${p.name}`.toLowerCase() === word.toLowerCase(),
    )
    if (found.length === 0) return { players, trouble: `nobody is ${word}; write a number or a name of the squad` }
    if (found.length > 1)
      return { players, trouble: `${word} is ${found.map((p) => p.name).join(' and ')}; write the name` }
    if (!players.includes(found[0]!.id)) players.push(found[0]!.id)
  }
  return { players, trouble: '' }
}

/** A key that nobody has. */
export function freshId(sheet: RosterSheet): string {
  let n = sheet.players.length + 1
  while (sheet.players.some((p) => p.id === `man-${n}`)) n++
  return `man-${n}`
}

const isFor = (line: LineRow, role: string, special: boolean): boolean =>
  line.role === role && line.personnel.length > 0 === special

/** Who is listed for a role: in general, or against special personnel. */
export function listed(sheet: RosterSheet, role: string, special: boolean): string[] {
  return sheet.chart.find((l) => isFor(l, role, special))?.players ?? []
}

/** The line to change; a new one when there is none. */
export function lineOf(sheet: RosterSheet, role: string, special: boolean): LineRow {
  let line = sheet.chart.find((l) => isFor(l, role, special))
  if (!line) {
    line = { role, personnel: [], players: [] }
    sheet.chart.push(line)
    line = sheet.chart[sheet.chart.length - 1]!
  }
  return line
}

/** Men whom no line lists. */
export function notOnChart(sheet: RosterSheet): Set<string> {
  const on = new Set(sheet.chart.flatMap((l) => l.players))
  return new Set(sheet.players.filter((p) => !on.has(p.id)).map((p) => p.id))
}

/** How a pair that starts with this role may stay; sides as the offence sees them. */
export function pairChoices(
  pairs: PairRow[],
  role: string,
  roles: readonly ChartRole[],
): { value: string; words: string }[] {
  const said = (id: string): string => roles.find((r) => r.id === id)?.name ?? id
  return pairs
    .filter((p) => p.right === role)
    .flatMap((p) =>
      p.left === p.right
        ? [{ value: `${p.right}|${p.left}`, words: 'stay: first right, second left' }]
        : [
            { value: `${p.right}|${p.left}`, words: `stay: he right, ${said(p.left)} left` },
            { value: `${p.left}|${p.right}`, words: `stay: he left, ${said(p.left)} right` },
          ],
    )
}

export function pairChoice(sheet: RosterSheet, role: string): string {
  const pair = sheet.staying.find((p) => p.right === role || p.left === role)
  return pair ? `${pair.right}|${pair.left}` : ''
}

/** A role is of one pair only: the new pair takes the place of any that names either man. */
export function setPair(sheet: RosterSheet, role: string, value: string): void {
  const [right, left] = value.split('|')
  sheet.staying = sheet.staying.filter((p) => ![p.right, p.left].some((r) => r === role || r === right || r === left))
  if (right && left) sheet.staying.push({ right, left })
}

/** What a man may play. */
export const BODIES: Record<string, string> = { E: 'Ends', T: 'Inside linemen', LB: 'Backers', DB: 'Backs' }

/** The number in a field; none when it is empty. */
export function typedNumber(event: Event): number | undefined {
  const value = (event.target as HTMLInputElement).valueAsNumber
  return Number.isNaN(value) ? undefined : value
}
