import type { Body } from '../play/written'

/** A criterion as its document has it: id, facet, name, good, fault, what the fault leads to. */
export type Row = [string, string, string, string, string, string]

const rowOf = (cells: unknown): Row => {
  const texts = Array.isArray(cells) ? cells.map(String) : []
  return [0, 1, 2, 3, 4, 5].map((i) => texts[i] ?? '') as Row
}
export const rowsOf = (body: Body): Row[] =>
  Array.isArray(body.criteria) ? (body.criteria as unknown[]).map(rowOf) : []

/** A row with one cell changed. A new row takes its id from its name, once; that of an older one stays, for its grades. */
export function withCell(rows: readonly Row[], at: number, cell: number, words: string): Row[] {
  return rows.map((row, i) => {
    if (i !== at) return row
    const next = [...row] as Row
    next[cell] = words
    return next
  })
}
export function withoutRow(rows: readonly Row[], at: number): Row[] {
  return rows.filter((_, i) => i !== at)
}
/** One place up or down: rows stand in the order in which they happen. */
export function moved(rows: readonly Row[], at: number, by: number): Row[] {
  const to = at + by
  if (to < 0 || to >= rows.length) return [...rows]
  const next = [...rows]
  ;[next[at], next[to]] = [next[to]!, next[at]!]
  return next
}
/** A row more, with an id that no other has. */
export function added(rows: readonly Row[]): Row[] {
  const ids = new Set(rows.map((r) => r[0]))
  let n = rows.length + 1
  while (ids.has(`criterion-${n}`)) n++
  return [...rows, [`criterion-${n}`, 'TE', '', '', '', '']]
}
