import { describe, expect, it } from 'vitest'
import type { PlanCell } from '../api/types'
import { arranged, secondsLeft } from './order'

const COST = { breaks: 100, leaks: 10, unknown: 10, holds: 0 }
const cell = (formation: string, standing: PlanCell['standing']): PlanCell => ({
  formation,
  standing,
  cost: COST[standing],
  busts: standing === 'breaks' ? 1 : 0,
  weak: standing === 'leaks' ? 1 : 0,
  asked: 1,
  meant: true,
})
const formations = [{ id: 'pro' }, { id: 'trips' }]
const rows = [
  { call: { id: 'fog', name: 'Fog' }, cells: [cell('pro', 'holds'), cell('trips', 'leaks')] },
  { call: { id: 'eel', name: 'Eel' }, cells: [cell('pro', 'holds'), cell('trips', 'breaks')] },
]

describe('the order of the matrix', () => {
  it('is the playbook’s until worst is asked for', () => {
    const shown = arranged(rows, formations, false)
    expect(shown.rows.map((r) => r.call.id)).toEqual(['fog', 'eel'])
    expect(shown.formations).toEqual(formations)
  })
  it('has the costliest call and formation first, and cells follow their formation', () => {
    const shown = arranged(rows, formations, true)
    expect(shown.formations.map((f) => f.id)).toEqual(['trips', 'pro'])
    expect(shown.rows.map((r) => r.call.id)).toEqual(['eel', 'fog'])
    expect(shown.rows[0]!.cells.map((c) => c.formation)).toEqual(['trips', 'pro'])
  })
  it('leaves out cells of formations that are not looked at', () => {
    expect(arranged(rows, [{ id: 'pro' }], true).rows[0]!.cells).toHaveLength(1)
  })
  it('tells the seconds left by what was done', () => {
    expect(secondsLeft(0, 8, 0)).toBeUndefined()
    expect(secondsLeft(2, 8, 1)).toBe(3)
    expect(secondsLeft(8, 8, 4)).toBe(0)
  })
})
