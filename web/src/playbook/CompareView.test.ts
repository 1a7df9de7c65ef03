import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import { client } from '../api/client'
import { useLists } from '../shell/lists'
import { job, sheet, SPOTS } from '../testing/fixtures'
import { asked } from '../testing/asked'
import { choose } from '../testing/menus'
import CompareView from './CompareView.vue'

const FIELD = {
  code: 'hs',
  leftSideline: -26,
  rightSideline: 26,
  leftHash: -9,
  rightHash: 9,
  numbersBottom: 7,
  numbersTop: 9,
  toGoal: 38,
  endLine: 48,
  distance: 7,
  painted: true,
}
const COMPARISON = {
  field: FIELD,
  firstName: 'Anvil Drizzle',
  secondName: 'Chisel Fog',
  first: sheet([job('nickel', 'NB', 7), job('free', 'FS', 2)]),
  second: sheet([job('sam', 'S', 5), job('free', 'FS', 2)]),
  rows: [
    { job: 'nickel', label: 'NB', part: 'align', first: 'outside end man 3 x 5', second: '' },
    { job: 'sam', label: 'S', part: 'align', first: '', second: '9 technique' },
  ],
}

async function view(post = vi.fn().mockResolvedValue({ data: COMPARISON, response: new Response() })) {
  localStorage.clear()
  setActivePinia(createPinia())
  const lists = useLists()
  lists.choices = { spots: SPOTS, codes: [], formations: [], runs: [{ id: 'power', name: 'Power' }] }
  lists.calls = [
    { id: 'anvil-drizzle', name: 'Anvil Drizzle', players: 11, revision: 0, kinds: [], meantFor: [] },
    { id: 'chisel-fog', name: 'Chisel Fog', players: 11, revision: 0, kinds: [], meantFor: [] },
  ] as never
  vi.spyOn(client, 'POST').mockImplementation(post)
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [
      { path: '/playbook/compare', component: CompareView },
      { path: '/:rest(.*)', component: { template: '<i />' } },
    ],
  })
  await router.push('/playbook/compare?first=anvil-drizzle&second=chisel-fog')
  const wrapper = mount(CompareView, { global: { plugins: [router, asked()] } })
  await flushPromises()
  return { wrapper, router, post }
}

describe('two calls side by side', () => {
  beforeEach(() => vi.restoreAllMocks())
  afterEach(() => vi.restoreAllMocks())
  it('asks for both on one snap and shows each part that differs, man by man', async () => {
    const { wrapper, post } = await view()
    expect(post.mock.calls[0]![1].body).toMatchObject({ first: 'anvil-drizzle', second: 'chisel-fog' })
    expect(wrapper.text()).toContain('outside end man 3 x 5')
    expect(wrapper.text()).toContain('9 technique')
    expect(wrapper.findAll('svg.field')).toHaveLength(2)
  })
  it('says why it cannot compare', async () => {
    const refuse = vi.fn().mockResolvedValue({
      error: { code: 'not-found', detail: 'the call chisel-fog is not there' },
      response: new Response(null, { status: 404 }),
    })
    const { wrapper } = await view(refuse)
    expect(wrapper.find('[role=alert]').text()).toContain('the call chisel-fog is not there')
  })
  it('runs one play at both and shows the blocks side by side', async () => {
    const power = {
      id: 'power',
      name: 'Power',
      side: 'right',
      point: { x: 3, y: 0 },
      ballSeconds: 1.7,
      outcome: 'even',
      read: [],
      free: [{ job: 'free', seconds: 1.5, delay: 'none', inTime: true }],
      doings: [],
      keys: [],
      fit: { gaps: 4, inserted: ['FB', 'LG'], left: ['LG'], men: ['nickel'], exchange: [], shortBy: 1 },
      blocks: [
        {
          blockers: ['FB'],
          how: 'kick',
          defender: 'nickel',
          grade: 'fair',
          why: 'in the open',
          atPoint: true,
          from: { x: 0, y: -4 },
          to: { x: 7, y: 5 },
        },
      ],
    }
    const post = vi.fn().mockImplementation((path: string) =>
      Promise.resolve({
        data: path.endsWith('blocking-comparisons') ? { first: power } : COMPARISON,
        response: new Response(),
      }),
    )
    const { wrapper } = await view(post)
    await choose(wrapper, 'Run', 'power')
    await flushPromises()
    expect(wrapper.text()).toContain('FB and LG arrive')
    expect(wrapper.text()).toContain('1 short')
    expect(wrapper.text()).toContain('in time')
    expect(wrapper.text()).toContain('cannot run it to that side')
  })
})
