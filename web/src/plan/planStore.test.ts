import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { client } from '../api/client'
import type { PlanCell, SnapWords } from '../api/types'
import { tally, usePlan } from './planStore'

const cell = (standing: PlanCell['standing'], meant = true): PlanCell => ({
  formation: 'pro-i',
  standing,
  busts: standing === 'breaks' ? 1 : 0,
  weak: 0,
  asked: 1,
  cost: 0,
  meant,
})
const SNAP: SnapWords = { formation: 'pro-i', mirrored: false, code: 'hs', hash: 'm', toGoal: 38, down: 2, distance: 7 }
const CALLS = ['a', 'b', 'c'].map((id) => ({ id, name: id }))

describe('plan audit', () => {
  beforeEach(() => {
    vi.restoreAllMocks()
    localStorage.clear()
    setActivePinia(createPinia())
  })
  it('counts cells, of all and of those a call is meant for', () => {
    const rows = [{ call: CALLS[0]!, cells: [cell('breaks', false), cell('leaks'), cell('holds'), cell('holds')] }]
    expect(tally(rows, false).map((t) => t.cells)).toEqual([1, 0, 1, 2])
    expect(tally(rows, true).map((t) => t.cells)).toEqual([0, 0, 1, 2])
  })
  it('asks two calls at a time, keeps their order, and then asks what the plan asks to learn', async () => {
    const post = vi.spyOn(client, 'POST').mockImplementation(((path: string) =>
      Promise.resolve({
        data: path.endsWith('loads') ? { roles: [], calls: [] } : { call: 'x', cells: [cell('holds')] },
        response: new Response(),
      })) as never)
    const plan = usePlan()
    await plan.audit(CALLS, ['pro-i'], SNAP)
    expect(post.mock.calls.map((c) => String(c[0]))).toEqual([
      '/api/plan-audits',
      '/api/plan-audits',
      '/api/plan-audits',
      '/api/teaching-loads',
    ])
    expect(plan.done).toBe(3)
    expect(plan.rows.map((r) => r.call.id)).toEqual(['a', 'b', 'c'])
    expect(plan.running).toBe(false)
    expect(plan.load).toEqual({ roles: [], calls: [] })
  })
  it('stops where it is when cancelled', async () => {
    const plan = usePlan()
    let asked = 0
    vi.spyOn(client, 'POST').mockImplementation((() => {
      if (++asked === 3) plan.cancel()
      return Promise.resolve({ data: { call: 'x', cells: [cell('holds')] }, response: new Response() })
    }) as never)
    await plan.audit(CALLS, ['pro-i'], SNAP)
    expect(asked).toBe(3)
    expect(plan.rows).toHaveLength(1)
    expect(plan.running).toBe(false)
  })
  it('says what was refused and keeps what it has', async () => {
    let asked = 0
    vi.spyOn(client, 'POST').mockImplementation((() =>
      Promise.resolve(
        ++asked === 1
          ? { data: { call: 'a', cells: [cell('holds')] }, response: new Response() }
          : {
              error: { code: 'not-found', detail: 'the call b is not there' },
              response: new Response(null, { status: 404 }),
            },
      )) as never)
    const plan = usePlan()
    await plan.audit(CALLS, ['pro-i'], SNAP)
    expect(plan.trouble).toBe('the call b is not there')
    expect(plan.rows).toHaveLength(1)
  })
})
