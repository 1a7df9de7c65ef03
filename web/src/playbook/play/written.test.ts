import { describe, expect, it } from 'vitest'
import {
  motionRows,
  motionsBack,
  needsApart,
  needsTogether,
  routeRows,
  routesBack,
  rows,
  rowsBack,
  withValue,
} from './written'

describe('a play as it is written', () => {
  it('keeps men in their order, leaves out who is nobody, and takes the later of two for one man', () => {
    const blocks = { 'tight end': 'down', tackle: 'down', 'guard other side': 'pull lead' }
    expect(rowsBack(rows(blocks))).toEqual(blocks)
    expect(Object.keys(rowsBack(rows(blocks)))).toEqual(Object.keys(blocks))
    const list = [...rows(blocks), { who: ' ', told: 'zone' }, { who: 'tackle', told: 'pull force' }]
    expect(rowsBack(list)).toEqual({ ...blocks, tackle: 'pull force' })
  })

  it('writes no value that says nothing, but keeps an empty need', () => {
    const body = { needs: 'not empty', point: 'A', leaves: 'back edge' }
    expect(withValue(body, 'leaves', '')).toEqual({ needs: 'not empty', point: 'A' })
    expect(withValue(body, 'paths', [])).toEqual(body)
    expect(withValue(body, 'needs', '')).toEqual({ ...body, needs: '' })
    expect(body.leaves).toBe('back edge')
  })

  it('reads routes and writes them back as they were', () => {
    const body = {
      routes: {
        hitch: { path: ['straight @ 6', 'in 0.5 @ 5'], breaks: 1.4, ends: 'settle' },
        go: { path: ['straight @ 22'], ends: 'run' },
      },
    }
    expect(routesBack(routeRows(body))).toEqual(body.routes)
  })

  it('reads motions and writes them back; a new one gets an id of its name', () => {
    const body = { motions: [{ id: 'jet', name: 'slot jets', speed: 7, steps: ['H-1.5/3', 'H5/3'] }] }
    expect(motionsBack(motionRows(body))).toEqual(body.motions)
    const fresh = { id: '', name: 'Flanker comes in', shift: true, speed: 0, steps: 'Z6/1.5, then Z4/1.5' }
    expect(motionsBack([fresh])).toEqual([
      { id: 'flanker-comes-in', name: 'Flanker comes in', shift: true, steps: ['Z6/1.5', 'Z4/1.5'] },
    ])
    expect(motionsBack([{ ...fresh, name: ' ' }])).toEqual([])
  })
  it('takes needs apart and puts them together as they were meant', () => {
    const all = 'gun and not empty and (H-back on either side or wing on either side or two backs)'
    expect(needsApart(all)).toEqual(['gun', 'not empty', '(H-back on either side or wing on either side or two backs)'])
    expect(needsTogether(needsApart(all))).toBe(all)
    // the bracket opens on a word of its own and closes two at once
    expect(needsApart('gun and (a and (b or c)) and d')).toEqual(['gun', '(a and (b or c))', 'd'])
    expect(needsApart('')).toEqual([])
    expect(needsTogether([])).toBe('')
  })
  it('keeps needs of which one is enough together, in brackets among others', () => {
    const either = 'gun and not empty or (two backs or three backs)'
    expect(needsApart(either)).toEqual([either])
    expect(needsTogether([either])).toBe(either)
    expect(needsTogether([either, 'tight end on my side'])).toBe(`(${either}) and tight end on my side`)
  })
})
