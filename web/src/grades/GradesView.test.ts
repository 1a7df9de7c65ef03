import { flushPromises, mount, RouterLinkStub } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { client } from '../api/client'
import { asked } from '../testing/asked'
import GradesView from './GradesView.vue'

const GRADE = {
  reel: 1,
  reelName: 'Stoats, sideline',
  snap: 3,
  mark: '+',
  verdict: 'in his region',
  call: 'Anvil Drizzle',
  callRevision: 0,
}
const MAN = {
  job: 'corner-left',
  toStandard: 1,
  told: 2,
  notTold: 1,
  newest: [
    GRADE,
    {
      ...GRADE,
      snap: 5,
      mark: '-',
      verdict: '1.2 yd too wide',
      overruled: '+',
      note: 'told to by the booth',
      callRevision: 2,
    },
  ],
}
async function view(men: unknown) {
  const page = { items: MAN.newest, page: 0, pages: 1, total: 2 }
  vi.spyOn(client, 'GET').mockImplementation(((path: string) =>
    Promise.resolve({ data: path === '/api/grades' ? men : page, response: new Response() })) as never)
  const wrapper = mount(GradesView, { global: { plugins: [asked()], stubs: { RouterLink: RouterLinkStub } } })
  await flushPromises()
  return wrapper
}

describe('grades', () => {
  beforeEach(() => vi.restoreAllMocks())
  it('say what they are of, and lead to each snap', async () => {
    const wrapper = await view([MAN])
    expect(wrapper.find('h1').text()).toBe("Alignment, 3 grades of 1 man. Of the snaps graded, not a season's rate.")
    expect(wrapper.find('.big').text()).toBe('1 of 2')
    expect(wrapper.findAllComponents(RouterLinkStub).map((l) => l.props('to'))).toEqual([
      '/film/1?snap=3',
      '/film/1?snap=5',
    ])
    expect(wrapper.findAll('.marks .out')).toHaveLength(0)
  })
  it('open with the reason, who overruled what, and the call they were asked by', async () => {
    const wrapper = await view([MAN])
    await wrapper.find('.big').trigger('click')
    await flushPromises()
    const text = wrapper.find('.detail').text()
    for (const said of ['in his region', 'overruled from -: told to by the booth', 'catalogue', 'revision 2'])
      expect(text).toContain(said)
    await wrapper.find('.big').trigger('click')
    expect(wrapper.find('.detail').exists()).toBe(false)
  })
  it('say what to do when there are none', async () => {
    expect((await view([])).text()).toContain('No grades yet.')
  })
})
