import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import { useLists } from './lists'
import { placesToGo, shellActions } from './shellActions'

const router = () =>
  createRouter({ history: createMemoryHistory(), routes: [{ path: '/:rest(.*)', component: { template: '<i />' } }] })
const named = (mayWrite: boolean): string[] =>
  shellActions({
    router: router(),
    mayWrite: () => mayWrite,
    turnPaper: vi.fn(),
    signOut: vi.fn(),
    palette: vi.fn(),
    help: vi.fn(),
  })
    .filter((a) => a.enabled())
    .map((a) => a.label)

describe('what can be done everywhere', () => {
  beforeEach(() => setActivePinia(createPinia()))
  it('offers a player his job and nothing that is a coach’s', () => {
    expect(named(false)).toEqual(expect.arrayContaining(['My job', 'Board', 'Plan']))
    expect(named(false).filter((n) => ['Film', 'Grades', 'Roster', 'Figures'].includes(n))).toEqual([])
  })
  it('offers a coach everything but a player’s page', () => {
    expect(named(true)).toEqual(expect.arrayContaining(['Film', 'Grades', 'Roster', 'Figures']))
    expect(named(true)).not.toContain('My job')
  })
  it('goes to a formation with the call that stands, and without what was of the formation before', async () => {
    const here = router()
    await here.push('/board?call=fog&against=pro-i&motion=trade&men=x')
    const lists = useLists()
    lists.choices = {
      codes: [],
      runs: [],
      spots: [],
      formations: [
        { id: 'trips', name: 'Trips', family: 'gun', players: 11, personnel: '10', receivers: '3x1', motions: [] },
      ],
    }
    placesToGo(lists, here)[0]!.perform()
    await vi.waitFor(() => expect(here.currentRoute.value.query).toEqual({ call: 'fog', against: 'trips' }))
  })
})
