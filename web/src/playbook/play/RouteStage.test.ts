import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { client } from '../../api/client'
import { useLists } from '../../shell/lists'
import { asked } from '../../testing/asked'
import { callItem, choicesOf, FIELD, formationItem, job, sheet } from '../../testing/fixtures'
import { choose, menu } from '../../testing/menus'
import type { Work } from './playDraft'
import RouteHandles from './RouteHandles.vue'
import RouteStage from './RouteStage.vue'

const man = (name: string, x: number, post = 'eligible') => ({ name, post, feet: { x, y: -1 } })
const BOARD = {
  field: FIELD,
  phases: [
    { ...sheet([job('mike', 'M', 1)]), offence: [man('QB', 0, 'passer'), man('H', 6), man('X', -18), man('Z', 17)] },
  ],
}
const WAY = [
  { x: 17, y: -1 },
  { x: 17, y: 5 },
]
const work = {
  name: 'Book',
  body: { routes: { hitch: { path: ['up 5', 'turn in'] }, out: { path: ['up 10', 'out 5'] } } },
} as unknown as Work

describe('a route on the field', () => {
  const asks: { path: string; body: Record<string, unknown> }[] = []
  beforeEach(() => {
    asks.length = 0
    localStorage.clear()
    setActivePinia(createPinia())
    const lists = useLists()
    lists.choices = choicesOf([formationItem('pro-i'), formationItem('trips')])
    lists.calls = [callItem('anvil')]
    vi.spyOn(client, 'POST').mockImplementation(((path: string, init: { body: Record<string, number> }) => {
      asks.push({ path, body: init.body })
      const data = { '/api/line-ups': BOARD, '/api/route-trials': { way: WAY } }[path]
      if (data) return Promise.resolve({ data, response: new Response() })
      return Promise.resolve(
        init.body.y! < -5
          ? {
              error: { code: 'refused', detail: 'a route goes forward' },
              response: new Response(null, { status: 422 }),
            }
          : { data: { words: 'up 6' }, response: new Response() },
      )
    }) as never)
  })
  afterEach(() => vi.restoreAllMocks())
  async function stage() {
    const drawing = { template: '<div><slot name="over" :drawing="{}" /></div>' }
    const wrapper = mount(RouteStage, {
      props: { work, route: 'hitch', readonly: false },
      global: { plugins: [asked()], stubs: { FieldPicture: drawing, RouteHandles: true } },
    })
    for (let i = 0; i < 3; i++) await flushPromises()
    return wrapper
  }

  it('is run by the widest man of the right, and by whoever is chosen', async () => {
    const wrapper = await stage()
    expect(
      menu(wrapper, 'Man who runs it')
        .props('options')
        .map((o) => o.name),
    ).toEqual(['X', 'Z', 'H'])
    expect(asks.at(-1)).toMatchObject({ path: '/api/route-trials', body: { route: 'hitch', man: 'Z' } })
    await choose(wrapper, 'Man who runs it', 'H')
    await flushPromises()
    expect(asks.at(-1)!.body).toMatchObject({ man: 'H' })
    await choose(wrapper, 'Route that is drawn', 'out')
    expect(wrapper.emitted('look')).toEqual([['out']])
  })
  it('has its corners dragged into words, and says what cannot be run', async () => {
    const wrapper = await stage()
    const handles = wrapper.findComponent(RouteHandles)
    expect(handles.props('way')).toEqual(WAY)
    handles.vm.$emit('move', 1, { x: 17, y: 6 })
    await flushPromises()
    expect(wrapper.emitted('corner')).toEqual([[0, 'up 6']])
    handles.vm.$emit('move', 1, { x: 17, y: -9 })
    await flushPromises()
    expect(wrapper.find('[role=alert]').text()).toBe('a route goes forward')
    expect(wrapper.emitted('corner')).toHaveLength(1)
  })
})
