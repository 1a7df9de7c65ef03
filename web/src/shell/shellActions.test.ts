import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import { useLists } from './lists'
import { placesToGo, shellActions } from './shellActions'

const router = () =>
  createRouter({ history: createMemoryHistory(), routes: [{ path: '/:rest(.*)', component: { template: '<i />' } }] })
const named = (coaches: boolean): string[] =>
  shellActions({
    router: router(),
    coaches: () => coaches,
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
  it('goes to a formation with the call that stands, unless that is of another game', async () => {
    const here = router()
    await here.push('/board?call=fog&against=pro-i&motion=trade&men=x')
    const formation = (id: string, players: number) => ({
      id,
      name: id,
      family: 'gun',
      players,
      personnel: '10',
      receivers: '3x1',
      motions: [],
    })
    const formations = [formation('pro-i', 11), formation('trips', 11), formation('flag', 5)]
    const lists = useLists()
    lists.choices = { codes: [], runs: [], spots: [], formations }
    const goTo = async (name: string, query: object): Promise<void> => {
      placesToGo(lists, here)
        .find((a) => a.label === name)!
        .perform()
      await vi.waitFor(() => expect(here.currentRoute.value.query).toEqual(query))
    }
    await goTo('trips', { call: 'fog', against: 'trips' })
    await goTo('flag', { against: 'flag' })
  })
})
