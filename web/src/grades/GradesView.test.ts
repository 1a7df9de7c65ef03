import { flushPromises, mount, RouterLinkStub } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { client } from '../api/client'
import type { GradedMan, ManSheet } from '../api/types'
import { asked } from '../testing/asked'
import { repRow } from '../testing/fixtures'
import GradesView from './GradesView.vue'

const play = (number: number, rep = repRow()) => ({ game: 7, opponent: 'Stoats', play: 10 + number, number, rep })
const MAN: GradedMan = {
  man: 'dunmore',
  name: 'Dunmore',
  number: 54,
  seats: ['mike'],
  plays: 11,
  facets: [
    { facet: 'AL', done: 9, told: 10, notSeen: 1, notAgreed: 0, ofTheCall: 0, percent: 90 },
    { facet: 'ST', done: 0, told: 0, notSeen: 0, notAgreed: 0, ofTheCall: 0 },
    { facet: 'KEY', done: 1, told: 2, notSeen: 0, notAgreed: 1, ofTheCall: 2 },
  ],
  newest: [
    play(3, repRow({ marks: [{ facet: 'AL', mark: '+' }] })),
    play(3, repRow({ grader: 'abara', marks: [{ facet: 'AL', mark: '-' }] })),
    play(
      5,
      repRow({
        marks: [{ facet: 'AL', mark: '=', proposed: '-', measured: 'Out: 1.2 yd wide' }],
        note: 'told to by the booth',
        callRevision: 2,
      }),
    ),
  ],
}
const REPORT: ManSheet = {
  man: 'dunmore',
  plays: 11,
  ended: '5-3',
  against: [
    {
      unit: 'starters',
      plays: 4,
      facets: [{ facet: 'AL', done: 2, told: 4, notSeen: 0, notAgreed: 0, ofTheCall: 0 }],
      ended: '1-3',
    },
    { unit: 'backups', plays: 7, facets: [], ended: '4 positive of 4' },
  ],
  faults: [
    {
      name: 'Pads: high',
      of: 'Linebacker against a block',
      leadsTo: 'driven',
      below: 3,
      told: 9,
      notAgreed: 1,
      learnt: true,
      plays: [{ game: 7, number: 5 }],
    },
  ],
}
async function view(men: unknown) {
  const page = { items: MAN.newest, page: 0, pages: 1, total: 2 }
  vi.spyOn(client, 'GET').mockImplementation(((path: string) =>
    Promise.resolve({
      data: path === '/api/grades' ? men : path.endsWith('/report') ? REPORT : page,
      response: new Response(),
    })) as never)
  const wrapper = mount(GradesView, { global: { plugins: [asked()], stubs: { RouterLink: RouterLinkStub } } })
  await flushPromises()
  return wrapper
}

describe('grades', () => {
  beforeEach(() => vi.restoreAllMocks())
  it('say what they are of, and lead to each play', async () => {
    const wrapper = await view([MAN])
    expect(wrapper.find('h1').text()).toBe(
      "Grades: 11 reps of 1 man. Of the reps graded, not a season's rate. Where two coaches differ.",
    )
    expect(wrapper.find('.big').text()).toBe('54 Dunmore')
    expect(wrapper.findAll('th').map((h) => h.text())).toEqual(['Man', 'Plays', 'AL', 'KEY', 'The last first'])
    const [alignment, key] = wrapper.findAll('.tally').map((t) => t.text().replace(/\s+/g, ' '))
    expect(alignment).toBe('9 of 10 (90 %)1 not told')
    expect(key).toBe('1 of 21 not agreed, 2 of the call')
    expect(wrapper.findAllComponents(RouterLinkStub).map((l) => l.props('to'))).toEqual([
      '/grades/agreement',
      '/film/7/room?play=3',
      '/film/7/room?play=5',
    ])
    expect(wrapper.findAll('.marks .out').map((a) => a.text())).toEqual(['3'])
  })
  it('open with the reason, what was measured, who said it, and the call they were asked by', async () => {
    const wrapper = await view([MAN])
    await wrapper.find('.big').trigger('click')
    await flushPromises()
    const text = wrapper.find('.detail').text().replace(/\s+/g, ' ')
    for (const said of [
      'told to by the booth',
      '(measured -: Out: 1.2 yd wide)',
      'marrow, asked by anvil-drizzle, revision 2',
      'catalogue',
      'Against their starters, 4 plays: 1-3. AL 2 of 4',
      'Against their backups, 7 plays: 4 positive of 4.',
      'Pads: high Linebacker against a block3 of 9, 1 not agreed, not again since: learntdriven5',
    ])
      expect(text).toContain(said)
    await wrapper.find('.big').trigger('click')
    expect(wrapper.find('.detail').exists()).toBe(false)
  })
  it('say what to do when there are none', async () => {
    expect((await view([])).text()).toContain('No grades yet.')
  })
})
