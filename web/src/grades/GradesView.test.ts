import { flushPromises, mount, RouterLinkStub } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Component } from 'vue'
import { client } from '../api/client'
import MyGradesView from '../mine/MyGradesView.vue'
import { asked } from '../testing/asked'
import { MAN, PAGE, UNIT, SNAPS } from '../testing/reports'
import { pareto, shares, type Inks } from './charts'
import GradesView from './GradesView.vue'
import ManView from './ManView.vue'
import UnitView from './UnitView.vue'

const push = vi.fn()
vi.mock('vue-router', () => ({
  useRoute: () => ({ params: { man: 'dunmore', unit: 'all' }, query: {} }),
  useRouter: () => ({ push }),
}))
const INKS: Inks = { ink: '#000', soft: '#555', rule: '#ccc', accent: '#da2' }

async function view(of: Component, answers: Record<string, unknown>) {
  vi.spyOn(client, 'GET').mockImplementation(((path: string) =>
    Promise.resolve({ data: answers[path], response: new Response() })) as never)
  const wrapper = mount(of, {
    global: { plugins: [asked()], stubs: { RouterLink: RouterLinkStub, ReportChart: true, WordMenu: true } },
  })
  await flushPromises()
  return wrapper
}
const words = (wrapper: { text: () => string }): string => wrapper.text().replace(/\s+/g, ' ')

describe('grades', () => {
  beforeEach(() => void vi.restoreAllMocks())
  it('say what they are of, and every figure leads to its plays', async () => {
    const wrapper = await view(GradesView, {
      '/api/grades': {
        facets: ['AL', 'KEY'],
        men: [MAN],
        notGraded: [{ man: 'marsh', said: '99 Marsh', snaps: SNAPS }],
      },
    })
    expect(words(wrapper.find('h1'))).toContain("Grades: 11 reps of 1 man. Of the reps graded, not a season's rate.")
    expect(wrapper.find('.big').text()).toBe('54 Dunmore')
    expect(wrapper.findAll('th').map((h) => h.text())).toEqual([
      'Man',
      'On the field',
      'Graded',
      'Score',
      'AL',
      'KEY',
      'The last first',
    ])
    expect(words(wrapper)).toContain('2 of 3')
    expect(words(wrapper)).toContain('On the field and not graded: 99 Marsh 2 of 3')
    const [alignment, key] = wrapper.findAll('.tally').map((t) => t.text().replace(/\s+/g, ' '))
    expect(alignment).toBe('9 of 10 (90 %)1 not told')
    expect(key).toBe('1 of 21 not agreed, 2 of the call')
    const links = wrapper.findAllComponents(RouterLinkStub).map((l) => l.props('to'))
    expect(links).toContainEqual({
      path: '/film/7/room',
      query: { play: '5', list: '7.5-7.2', of: 'Dunmore, KEY' },
    })
    expect(links).toContain('/grades/man/dunmore')
    expect(wrapper.findAll('.marks .out').map((a) => a.text())).toEqual(['3'])
  })
  it('say what to do when there are none', async () => {
    expect((await view(GradesView, { '/api/grades': { facets: [], men: [], notGraded: [] } })).text()).toContain(
      'No grades yet.',
    )
  })
  it('of one man split by whom it was against, count faults and say what was wrong first', async () => {
    const wrapper = await view(ManView, {
      '/api/grades/{man}/report': PAGE,
      '/api/grades/{man}': { items: MAN.newest, page: 0, pages: 1, total: 3 },
    })
    const text = words(wrapper)
    for (const said of [
      '54 Dunmore, mike: 11 plays graded, 5-3; 9 plus, 2 minus (82 %)',
      'On the field: Stoats, 2 of 3 plays (1 run, 1 pass).',
      'Against their starters, 4 plays: 1-3.',
      'Against their backups, 7 plays: 4 positive of 4.',
      'Pads: high Linebacker against a block3 of 9, 1 not agreed, 2 of the call, not again since: learntdriven',
      'better: 4 of 10, then 9 of 10',
      'Stoats, play 5: KEY -, loaf; first wrong: Eyes: only one of them, then Pads: high',
      'What to do instead: eyes to the guard',
      '1 tackles missed',
      '14 yd after contact, on 3 tries measured',
      'was to set up a later play that is not named yet: it counts as a loss',
      'told to by the booth',
      '(measured -: Out: 1.2 yd wide)',
      'marrow, asked by anvil-drizzle, revision 2',
    ])
      expect(text).toContain(said)
    expect(wrapper.findAllComponents(RouterLinkStub).map((l) => l.props('to'))).toContainEqual({
      path: '/film/7/room',
      query: { play: '5', list: '7.5-8.2', of: 'Pads: high' },
    })
    expect(wrapper.findAll('nav a').map((a) => a.attributes('href'))).toEqual([
      '/api/grades/dunmore/sheet.pdf',
      '/api/grades/dunmore/sheet.csv',
    ])
  })
  it('of a unit name who has a fault, and whose explosive play it was', async () => {
    const wrapper = await view(UnitView, { '/api/units/{unit}/grades': UNIT })
    const text = words(wrapper)
    for (const said of [
      ': 20 reps on 11 plays',
      'Stoats, play 5, 34 yd: Dunmore lost his job first, his alone is below standard',
      'Dunmore 3',
      'Stoats, play 5, Dunmore: KEY -, loaf',
      '1 of 2 checks missed',
      '0 of 1 not all set at the snap',
      '2.40 s to the first pressure: the median of 1, from 2.00 to 3.00 s',
    ])
      expect(text).toContain(said)
    expect(wrapper.findComponent({ name: 'ReportChart' }).exists()).toBe(true)
  })
  it("are a player's own, and lead to no film", async () => {
    const wrapper = await view(MyGradesView, { '/api/mine/grades': PAGE })
    expect(words(wrapper)).toContain('54 Dunmore: 11 plays graded')
    expect(words(wrapper)).toContain('What to do instead: eyes to the guard')
    expect(wrapper.findAllComponents(RouterLinkStub).map((l) => l.props('to'))).toEqual(['/mine'])
    const none = await view(MyGradesView, { '/api/mine/grades': undefined })
    expect(none.text()).toContain('Nothing of yours is graded yet')
  })
  it('are drawn as bars by how often, with what share they are of all', () => {
    const option = pareto(UNIT.sheet.faults, INKS)
    expect(option.series).toMatchObject([{ data: [3, 3] }, { data: [75, 100] }])
    expect(option.yAxis).toMatchObject({ data: ['Pads: high', 'Hip: behind'], inverse: true })
  })
  it('name no share of fewer than eight plays, in a chart neither', async () => {
    const [trend] = PAGE.sheet.trends
    const few = {
      ...trend!,
      points: [
        { ...trend!.points[0]!, done: 2, told: 6, percent: undefined, low: undefined, high: undefined },
        trend!.points[1]!,
      ],
    }
    expect(shares(few, INKS).series).toMatchObject([{ data: [null, 90] }, { data: ['-', [60, 60, 60, 98]] }])
    const wrapper = await view(ManView, {
      '/api/grades/{man}/report': { ...PAGE, sheet: { ...PAGE.sheet, trends: [few] } },
      '/api/grades/{man}': { items: [], page: 0, pages: 1, total: 0 },
    })
    const trends = wrapper.find('[aria-label="From game to game"]')
    expect(trends.findComponent({ name: 'ReportChart' }).exists()).toBe(false)
    expect(words(trends)).toContain('Terns 2 of 6; Stoats 9 of 10, 60 to 98 %')
  })
  it('are drawn from game to game with the interval of each', () => {
    const option = shares(PAGE.sheet.trends[0]!, INKS)
    expect(option.series).toMatchObject([
      { data: [40, 90] },
      {
        data: [
          [17, 17, 17, 69],
          [60, 60, 60, 98],
        ],
      },
    ])
  })
})
