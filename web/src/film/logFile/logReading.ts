import { parse, unparse } from 'papaparse'
import type { PlayLog, PlayRow } from '../../api/types'
import { lineWith } from '../../board/lineSaid'
import type { Called } from '../../board/snapNames'
import { plain } from '../../board/snapPhrases'
import { columnOf, COLUMNS, notOurs, sideOf, type CellSaid, type ColumnId, type LogNow } from './logColumns'

/** A table as it came. */
export interface LogTable {
  readonly heads: readonly string[]
  /** Those that say something, by their number in the file. */
  readonly rows: readonly { readonly row: number; readonly cells: readonly string[] }[]
}
/** How the table is to be understood. */
export interface LogMeant {
  /** What each column is; empty for those that are not taken. */
  readonly columns: readonly (ColumnId | '')[]
  /** Which name words are by {@link meantKey}, where somebody said so; an empty one says nothing of the play. */
  readonly names: Record<string, string>
  /** Rows that are left out, by their number in the table. */
  readonly out: ReadonlySet<number>
  /** The play that the first row is. */
  readonly first: number
}
/** A cell that says nothing. */
export interface CellFault {
  /** Of the file. */
  readonly row: number
  readonly column: string
  readonly cell: string
  readonly why: string
}
/** Words that nobody knows, or a thing that rows do not say. */
export interface LogAsks {
  readonly key: string
  readonly column: ColumnId
  readonly words: string
  readonly rows: number
  readonly options: readonly Called[]
  /** What somebody said they are: an id, or empty for nothing. */
  readonly as?: string
  /** A play can do without. */
  readonly spared: boolean
}
export interface RowToTake {
  readonly row: number
  readonly number: number
  /** The play that is there. */
  readonly play?: PlayRow
  readonly log: PlayLog
}
export interface ReadLog {
  readonly rows: readonly RowToTake[]
  readonly faults: readonly CellFault[]
  readonly asks: readonly LogAsks[]
  /** Rows on which somebody else was on the field. */
  readonly notOurs: number
}

export const meantKey = (column: ColumnId, words: string): string => `${column} ${words}`

/** A comma-separated table, or one with another separator; undefined when it has no row of heads with rows under it. */
export function tableOf(text: string): LogTable | undefined {
  const { data } = parse<string[]>(text)
  const said = data.map((cells, i) => ({ row: i + 1, cells })).filter(({ cells }) => cells.some((c) => c.trim()))
  const [heads, ...rows] = said
  // a workbook has zeros in it
  return heads && rows.length && !text.includes('\u0000')
    ? { heads: heads.cells.map((h) => h.trim()), rows }
    : undefined
}

class Reading {
  readonly faults: CellFault[] = []
  readonly asks = new Map<string, LogAsks>()
  readonly rows: RowToTake[] = []
  notOurs = 0

  constructor(
    private readonly table: LogTable,
    private readonly meant: LogMeant,
    private readonly plays: readonly PlayRow[],
    private readonly now: LogNow,
    private readonly blank: PlayLog,
  ) {}

  read(): ReadLog {
    this.table.rows.forEach(({ row, cells }) => this.row(cells, row))
    return { rows: this.rows, faults: this.faults, asks: [...this.asks.values()], notOurs: this.notOurs }
  }

  /** Plays that are there and that rows which were left out are. */
  private passed = 0

  /**
   * A row on which somebody else was on the field is no play, a kick that is left out neither; any other that is left out
   * leaves the play that it is as it stands, so that those after it are theirs.
   */
  private row(cells: readonly string[], row: number): void {
    const whose = this.cell(cells, 'whose')
    if (whose !== undefined && notOurs(whose)) {
      this.notOurs++
      return
    }
    const number = this.meant.first + this.passed + this.rows.length
    if (this.meant.out.has(row)) {
      const kick = !this.cell(cells, 'down') && !this.cell(cells, 'situation')
      const anywhere = this.at('down') >= 0 || this.at('situation') >= 0
      if (!(kick && anywhere) && number <= this.plays.length) this.passed++
      return
    }
    const play = this.plays[number - 1]
    this.rows.push({ row, number, play, log: this.log(cells, row, play) })
  }

  private log(cells: readonly string[], row: number, play: PlayRow | undefined): PlayLog {
    const old = play?.log ?? this.blank
    const before = this.faults.length
    const all: CellSaid[] = []
    let formation = old.snap.formation
    for (const column of COLUMNS) {
      const words = plain(this.cell(cells, column.id) ?? '')
      if (!words && (play || !this.lacks(column.id, all))) continue
      const said = this.said(column.id, words, row, cells, formation)
      if (said?.snap?.formation) formation = said.snap.formation
      if (said) all.push(said)
    }
    const snap = Object.assign({}, ...all.map((s) => s.snap)) as NonNullable<CellSaid['snap']>
    const more = Object.assign({}, ...all.map((s) => s.log)) as Partial<PlayLog>
    const line = lineWith(
      { snap: old.snap, call: old.call, choices: this.now.choices, calls: this.now.calls },
      { snap, call: more.call, goal: all.some((s) => s.goal) },
    )
    if (this.faults.length === before)
      line.unread.forEach((why) => this.faults.push({ row, column: '', cell: '', why: `cannot be: ${why}` }))
    const revision = more.call === undefined ? old.revision : this.now.calls.find((c) => c.id === more.call)?.revision
    return { ...old, ...more, snap: line.snap, call: line.call, revision }
  }

  /** Whether a new play still needs to be told what this column tells. */
  private lacks(id: ColumnId, said: readonly CellSaid[]): boolean {
    if (!columnOf(id).needed) return false
    if (id === 'down') return !said.some((s) => s.snap?.down)
    if (id === 'distance') return !said.some((s) => s.snap?.distance ?? s.goal)
    return true
  }

  private said(
    id: ColumnId,
    words: string,
    row: number,
    cells: readonly string[],
    formation: string,
  ): CellSaid | undefined {
    const column = columnOf(id)
    const fault = (why: string): undefined =>
      void this.faults.push({ row, column: this.head(id) ?? column.name, cell: this.cell(cells, id) ?? '', why })
    if (!words && !column.names)
      return fault(id === 'down' ? 'says no down: a kick or a try is left out' : 'is not said')
    const read = words ? column.read(words, this.now, formation) : { asks: '' }
    if ('said' in read) return read.said
    if ('why' in read) return fault(read.why)
    const key = meantKey(id, id === 'motion' ? `${formation} ${read.asks}` : read.asks)
    const options = column.names!(this.now, formation)
    const name = this.meant.names[key]
    const known = name !== undefined && (options.some((o) => o.id === name) || (!name && !column.needed))
    const rows = (this.asks.get(key)?.rows ?? 0) + 1
    this.asks.set(key, {
      key,
      column: id,
      words: read.asks,
      rows,
      options,
      as: known ? name : undefined,
      spared: !column.needed,
    })
    // the side at the end of a formation's name is told whatever the name is
    return known ? this.withSide(id, words, column.named!(name)) : undefined
  }

  private withSide(id: ColumnId, words: string, said: CellSaid): CellSaid {
    const mirrored = id === 'formation' && words ? sideOf(words).mirrored : undefined
    return mirrored === undefined ? said : { ...said, snap: { ...said.snap, mirrored } }
  }

  private at(id: ColumnId): number {
    return this.meant.columns.indexOf(id)
  }
  private head(id: ColumnId): string | undefined {
    return this.table.heads[this.at(id)]
  }
  private cell(cells: readonly string[], id: ColumnId): string | undefined {
    return cells[this.at(id)]?.trim()
  }
}

/**
 * What a table says of the plays of a game: of those that are there, and of new ones after them. An empty cell leaves
 * what is there; a new play must be told its down, distance, spot, hash, formation and call.
 *
 * @param blank the log of a play of which nothing is known
 */
export function readLog(
  table: LogTable,
  meant: LogMeant,
  plays: readonly PlayRow[],
  now: LogNow,
  blank: PlayLog,
): ReadLog {
  return new Reading(table, meant, plays, now, blank).read()
}

/** A log as a table that reads back as itself. */
export function logTable(plays: readonly PlayRow[], now: LogNow): string {
  const columns = COLUMNS.filter((c) => c.write)
  return unparse(
    {
      fields: ['number', ...columns.map((c) => c.name)],
      data: plays.map((p) => [p.number, ...columns.map((c) => c.write!(p.log, now))]),
    },
    { escapeFormulae: /^[=@\t\r]/ },
  )
}
