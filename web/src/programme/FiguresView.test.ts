import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { client } from '../api/client'
import { asked } from '../testing/asked'
import FiguresView from './FiguresView.vue'

const query: Record<string, string> = {}
vi.mock('vue-router', async (whole) => ({ ...(await whole<object>()), useRoute: () => ({ query }) }))

const figure = (id: string, what: string, value: number) => ({
  id,
  what,
  value,
  unit: 'yd',
  least: 0,
  most: 28,
  source: 'model',
})
describe('what the engine measures by', () => {
  beforeEach(() => {
    vi.spyOn(client, 'GET').mockResolvedValue({
      data: [
        { id: 'rush', name: 'Rush', figures: [figure('rush-line', 'where rushers stand', 7)] },
        { id: 'deep', name: 'Deep', figures: [figure('deep-depth', 'how deep a third is', 14.256)] },
      ],
      response: new Response(),
    })
  })
  it('is listed with its unit, counted, and found by the address or by typing', async () => {
    query.find = 'rushers'
    const view = mount(FiguresView, { global: { plugins: [asked()], stubs: { HouseTabs: true } } })
    await flushPromises()
    expect(view.find('[role=status]').text()).toContain('1 figure that')
    expect(view.find('td.number').text()).toBe('7 yd')
    await view.find('input').setValue('')
    expect(view.find('[role=status]').text()).toContain('2 figures that')
    expect(view.findAll('td.number')[1]!.text()).toBe('14.26 yd')
    expect(view.findAll('[scope=rowgroup]').map((h) => h.text())).toEqual(['Rush', 'Deep'])
  })
})
