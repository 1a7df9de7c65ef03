import { flushPromises, mount, RouterLinkStub } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { client } from '../api/client'
import type { TwoCoaches } from '../api/types'
import { asked } from '../testing/asked'
import AgreementView from './AgreementView.vue'

const TWO: TwoCoaches = {
  first: 'abara',
  second: 'marrow',
  topics: [
    { topic: { of: '', what: 'AL' }, name: 'AL', both: 40, same: 40 },
    { topic: { of: '', what: 'TE' }, name: 'TE', both: 40, same: 39 },
    { topic: { of: '', what: 'KEY' }, name: 'KEY', both: 40, same: 31, kappa: 0.417, weighted: -0.05 },
    { topic: { of: 'edge-run', what: 'hip' }, name: 'Hip', both: 40, same: 38, kappa: 0.8, weighted: 0.85 },
  ],
  differences: [
    {
      game: 7,
      opponent: 'Stoats',
      play: 12,
      number: 2,
      job: 'mike',
      man: '45 Pell',
      topic: { of: '', what: 'KEY' },
      name: 'KEY',
      firstMark: '-',
      secondMark: '=',
    },
  ],
}
async function view(pairs: TwoCoaches[]) {
  vi.spyOn(client, 'GET').mockResolvedValue({ data: pairs, response: new Response() })
  const wrapper = mount(AgreementView, { global: { plugins: [asked()], stubs: { RouterLink: RouterLinkStub } } })
  await flushPromises()
  return wrapper
}

describe('agreement', () => {
  beforeEach(() => void vi.restoreAllMocks())
  it('shows what two coaches agree on least first, and leads to each mark they differ in', async () => {
    const wrapper = await view([TWO])
    expect(wrapper.findAll('tbody tr').map((r) => r.findAll('td').map((d) => d.text()))).toEqual([
      ['KEY', '31 of 40', '0.42', '−0.05'],
      ['Hip', '38 of 40', '0.80', '0.85'],
      ['TE', '39 of 40', 'not told: one of them gave one mark only', 'not told: one of them gave one mark only'],
      ['AL', '40 of 40', 'all alike', 'all alike'],
    ])
    expect(wrapper.find('li').text().replace(/\s+/g, ' ')).toBe(
      'Stoats, play 2 45 Pell KEY: abara says -, marrow says =. - stands = stands',
    )
    expect(wrapper.find('h3').text()).toBe('1 mark to be talked about')
    expect(wrapper.findAllComponents(RouterLinkStub).map((l) => l.props('to'))).toContain('/film/7/room?play=2')
  })
  it('says which mark stands, and leaves it open again', async () => {
    const put = vi.spyOn(client, 'PUT').mockResolvedValue({ data: {}, response: new Response() })
    const wrapper = await view([TWO])
    await wrapper.findAll('li button')[1]!.trigger('click')
    expect(put.mock.calls[0]![1]).toMatchObject({
      params: { path: { game: 7, play: 12, job: 'mike' }, header: { 'If-Match': '"0"' } },
      body: { topic: { of: '', what: 'KEY' }, mark: '=' },
    })
    const gone = vi.spyOn(client, 'DELETE').mockResolvedValue({ data: {}, response: new Response() })
    const [open] = TWO.differences
    const settled = { ...open!, settled: { mark: '=' as const, by: 'marrow', at: '2026-01-01', version: 3 } }
    const later = await view([{ ...TWO, differences: [settled] }])
    expect(later.find('h3').text()).toBe('0 marks to be talked about, 1 settled')
    expect(later.find('li').text()).toContain('= stands, said marrow')
    await later.find('li button').trigger('click')
    expect(gone.mock.calls[0]![1]).toMatchObject({
      params: { header: { 'If-Match': '"3"' }, query: { of: '', what: 'KEY' } },
    })
  })
  it('says how there comes to be something', async () => {
    expect((await view([])).text()).toContain('Let a second one grade plays')
  })
})
