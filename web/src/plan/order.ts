import type { PlanCell } from '../api/types'
import type { PlanRow } from './planStore'

export const ORDERS = [
  { id: 'book', name: "in the playbook's order" },
  { id: 'worst', name: 'worst first' },
]

const sum = (cells: readonly PlanCell[]): number => cells.reduce((total, c) => total + c.cost, 0)

/** Calls and formations as the matrix shows them; the costliest first when asked so. Cells follow their formation. */
export function arranged<F extends { id: string }>(
  rows: readonly PlanRow[],
  formations: readonly F[],
  worstFirst: boolean,
): { rows: PlanRow[]; formations: F[] } {
  const costOf = new Map(
    formations.map((f) => [f.id, sum(rows.flatMap((r) => r.cells.filter((c) => c.formation === f.id)))]),
  )
  const columns = worstFirst ? [...formations].sort((a, b) => costOf.get(b.id)! - costOf.get(a.id)!) : [...formations]
  const lines = rows.map((r) => ({
    ...r,
    cells: columns.flatMap((f) => r.cells.filter((c) => c.formation === f.id)),
  }))
  return {
    formations: columns,
    rows: worstFirst ? lines.sort((a, b) => sum(b.cells) - sum(a.cells)) : lines,
  }
}

/** Seconds that are likely left when so many of all took so long; none before the first. */
export function secondsLeft(done: number, all: number, seconds: number): number | undefined {
  return done ? Math.ceil(((all - done) * seconds) / done) : undefined
}
