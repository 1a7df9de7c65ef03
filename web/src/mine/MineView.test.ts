import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { client } from '../api/client'
import { useActions } from '../shell/actions/registry'
import { queries } from '../shell/queries'
import { asked } from '../testing/asked'
import { callItem, FIELD, formationItem, job, sheet, SPOTS } from '../testing/fixtures'
import MineView from './MineView.vue'

const call = (id: string, words: string) => callItem(id, 11, { words, meantFor: ['pro-i'] })
const CALLS = [call('fog', 'two deep'), call('frost', 'four deep'), call('gale', 'three deep')]
const HIS = { ...job('nickel', 'NB', 7), player: { id: 'lind', said: '31 Lind', measured: '', notes: [] } }
const board = (jobs: ReturnType<typeof job>[]) => ({ field: FIELD, phases: [sheet(jobs)] })
let me: object | undefined

describe("a player's own page", () => {
  beforeEach(() => {
    localStorage.clear()
    queries.clear()
    setActivePinia(createPinia())
    me = { id: 'lind', number: 31, name: 'Lind' }
    const answers: Record<string, () => unknown> = {
      '/api/choices': () => ({
        formations: [formationItem('pro-i')],
        codes: [{ id: 'hs', name: 'high school', players: 11 }],
        spots: SPOTS,
      }),
      '/api/calls': () => CALLS,
      '/api/playbook': () => CALLS.slice(0, 2).map((c) => ({ kind: 'call', id: c.id, install: 'plan', kinds: [] })),
      '/api/roster/mine': () => me,
    }
    vi.spyOn(client, 'GET').mockImplementation(((path: string) =>
      Promise.resolve({ data: answers[path]?.(), response: new Response() })) as never)
    vi.spyOn(client, 'POST').mockImplementation(((_: string, o: { body: { call: string } }) =>
      Promise.resolve({
        data: board(o.body.call === 'frost' ? [job('mike', 'M', 1)] : [HIS]),
        response: new Response(),
      })) as never)
  })
  afterEach(() => vi.restoreAllMocks())
  const page = async () => {
    const wrapper = mount(MineView, { global: { plugins: [asked()], stubs: { FieldPicture: true } } })
    await flushPromises()
    await flushPromises()
    return wrapper
  }
  const text = (w: Awaited<ReturnType<typeof page>>) => w.text().replace(/\s+/g, ' ')

  it('says which man he is, his job on the first call of the week, and his place on each of them', async () => {
    const wrapper = await page()
    expect(text(wrapper)).toContain('31 Lind, nickel')
    expect(wrapper.find('dl').text()).toContain('align of nickel')
    const week = wrapper.findAll('nav li').map((l) => l.text().replace(/\s+/g, ' '))
    expect(week).toEqual(['fog nickel: align of nickel', 'frost not on the field'])
  })
  it('walks the calls of the week by keys, and says so where he is not on the field', async () => {
    const wrapper = await page()
    useActions()
      .found()
      .find((a) => a.id === 'next')!
      .perform()
    await flushPromises()
    expect(wrapper.find('[aria-current=true]').text()).toContain('frost')
    expect(text(wrapper)).toContain('You are not on the field on frost against this formation.')
  })
  it('says what to do when nobody told which man he is', async () => {
    me = undefined
    expect(text(await page())).toContain('No coach has said yet which man of the roster you are.')
  })
})
