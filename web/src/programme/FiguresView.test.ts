import { flushPromises, mount, type VueWrapper } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { client } from '../api/client'
import { useSession } from '../shell/session'
import { asked } from '../testing/asked'
import FiguresView from './FiguresView.vue'

const query: Record<string, string> = {}
vi.mock('vue-router', async (whole) => ({
  ...(await whole<object>()),
  useRoute: () => ({ query }),
  onBeforeRouteLeave: () => undefined,
}))

const figure = (id: string, what: string, value: number) => ({
  id,
  what,
  value,
  ships: value,
  unit: 'yd',
  least: 0,
  most: 28,
  source: 'model',
})
const GROUPS = [
  { id: 'rush', name: 'Rush', figures: [figure('rush-line', 'where rushers stand', 7)] },
  { id: 'deep', name: 'Deep', figures: [figure('deep-depth', 'how deep a third is', 14.256)] },
  { id: 'snap-details', name: 'Small', figures: [figure('zones-far', 'how far he runs', 6)] },
]
async function opened(mayWrite: boolean): Promise<VueWrapper> {
  const pinia = createPinia()
  setActivePinia(pinia)
  useSession().me = { mayWrite } as never
  const view = mount(FiguresView, { global: { plugins: [pinia, asked()], stubs: { HouseTabs: true } } })
  await flushPromises()
  return view
}

describe('what the engine measures by', () => {
  beforeEach(() => {
    query.find = ''
    vi.spyOn(client, 'GET').mockResolvedValue({
      data: { version: 3, own: {}, groups: GROUPS } as never,
      response: new Response(),
    })
  })
  it('is listed with its unit, counted, and found by the address or by typing; small ones are opened', async () => {
    query.find = 'rushers'
    const view = await opened(false)
    expect(view.find('[role=status]').text()).toContain('1 figure.')
    expect(view.find('td.number').text()).toBe('7 yd')
    await view.find('input').setValue('')
    expect(view.find('[role=status]').text()).toContain('3 figures.')
    expect(view.findAll('td.number').map((t) => t.text())).toEqual(['7 yd', '14.256 yd'])
    await view.find('[aria-expanded=false]').trigger('click')
    expect(view.findAll('td.number')).toHaveLength(3)
    expect(view.find('.main').exists()).toBe(false)
  })
  it('is set by who may, within its bounds, over the version that was read', async () => {
    const put = vi.spyOn(client, 'PUT').mockResolvedValue({
      data: {
        version: 4,
        own: { 'rush/rush-line': 5 },
        groups: [{ ...GROUPS[0]!, figures: [{ ...GROUPS[0]!.figures[0]!, value: 5 }] }],
      } as never,
      response: new Response(),
    })
    const view = await opened(true)
    const line = view.find('td input')
    await line.setValue('40')
    expect(view.find('[role=alert]').text()).toBe('It is from 0 to 28 yd.')
    expect(view.find('.main').attributes('disabled')).toBeDefined()
    expect(view.find('.main').text()).toBe('1 cannot be set so')
    await line.setValue('5')
    expect(view.find('.main').text()).toBe('Put 1 in force')
    await view.find('.main').trigger('click')
    await flushPromises()
    expect(put.mock.calls[0]![1]).toMatchObject({
      params: { header: { 'If-Match': '"3"' } },
      body: { figures: { 'rush/rush-line': 5 } },
    })
    expect(view.find('.sound').text()).toContain('In force')
    expect(view.text()).toContain('Ships as 7 yd.')
    expect(view.find('.main').text()).toBe('Nothing changed')
  })
  it('keeps what is typed when somebody was before him, and puts it over theirs', async () => {
    const put = vi
      .spyOn(client, 'PUT')
      .mockRejectedValueOnce({ problem: { status: 412, detail: 'somebody was before' } })
    const view = await opened(true)
    await view.find('td input').setValue('5')
    await view.find('.main').trigger('click')
    await flushPromises()
    expect(view.find('td input').element).toHaveProperty('value', '5')
    vi.spyOn(client, 'GET').mockResolvedValue({
      data: { version: 9, own: { 'deep/deep-depth': 12 }, groups: GROUPS } as never,
      response: new Response(),
    })
    await view
      .findAll('button')
      .find((b) => b.text() === 'Load them anew')!
      .trigger('click')
    await flushPromises()
    expect(view.find('.main').text()).toBe('Put 1 in force')
    put.mockResolvedValue({ data: { version: 10, own: {}, groups: GROUPS } as never, response: new Response() })
    await view.find('.main').trigger('click')
    await flushPromises()
    expect(put.mock.calls.at(-1)![1]).toMatchObject({
      params: { header: { 'If-Match': '"9"' } },
      body: { figures: { 'rush/rush-line': 5, 'deep/deep-depth': 12 } },
    })
  })
})
