import { describe, expect, it } from 'vitest'
import { motionRows, motionsBack, needsOf, routeRows, routesBack, rows, rowsBack, withValue } from './written'

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
  it('has needs one by one, also those an older document says in one', () => {
    expect(needsOf({ needs: ['gun', 'one back or two backs'] })).toEqual(['gun', 'one back or two backs'])
    expect(needsOf({ needs: 'gun and one back' })).toEqual(['gun and one back'])
    expect(needsOf({ needs: '' })).toEqual([])
    expect(needsOf({})).toEqual([])
    expect(withValue({ needs: ['gun'] }, 'needs', [])).toEqual({ needs: [] })
  })
})
