import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { client } from '../api/client'
import type { PlaybookItem } from '../api/types'
import { asked } from '../testing/asked'
import { playbookItem as item } from '../testing/fixtures'
import EntryDetail from './EntryDetail.vue'
import { usePlaybook } from './playbookStore'

const router = { push: vi.fn() }
vi.mock('vue-router', async (whole) => ({ ...(await whole<object>()), useRouter: () => router }))

const CALL = { layers: [{ kind: 'front', id: 'anvil', name: 'Anvil' }], pictures: [], points: [], meantFor: [] }

describe('the document in hand', () => {
  beforeEach(() => {
    localStorage.clear()
    router.push.mockClear()
    setActivePinia(createPinia())
    vi.spyOn(client, 'GET').mockResolvedValue({ data: CALL, response: new Response() })
  })
  afterEach(() => vi.restoreAllMocks())
  const detail = async (over: Partial<PlaybookItem> = {}, mayWrite = true) => {
    const wrapper = mount(EntryDetail, {
      props: { item: item(over), mayWrite },
      global: {
        plugins: [asked()],
        stubs: { RouterLink: { template: '<a><slot /></a>' }, CallPicture: true, SketchDrawing: true },
      },
    })
    await flushPromises()
    return wrapper
  }
  const acts = (w: Awaited<ReturnType<typeof detail>>) => w.findAll('.acts > *').map((b) => b.text())

  it('offers of a call what can be done with a call, and nothing to write to who may not', async () => {
    expect(acts(await detail())).toEqual([
      'Line it up',
      '☆ Favourite F',
      'Its rules',
      'Compare',
      'Install card',
      'Duplicate',
    ])
    const player = await detail({}, false)
    expect(acts(player)).not.toContain('Duplicate')
    expect(player.text()).not.toContain('keep as our own')
  })
  it('is a favourite or none any more', async () => {
    const wrapper = await detail({ kind: 'run', id: 'power' })
    expect(acts(wrapper)).toEqual(['Open, and keep as our own', '☆ Favourite F'])
    await wrapper.find('[aria-pressed]').trigger('click')
    expect(acts(wrapper)[1]).toBe('★ A favourite F')
  })
  it('is duplicated under another name; a refused name stays in its field and is said', async () => {
    const playbook = usePlaybook()
    playbook.duplicate = vi.fn(() => Promise.reject(new Error('away')))
    const wrapper = await detail()
    await wrapper.findAll('.acts button').at(-1)!.trigger('click')
    const field = wrapper.find<HTMLInputElement>('.naming input')
    expect(field.element.value).toBe('Anvil Fog two')
    await wrapper.find('form').trigger('submit')
    await flushPromises()
    expect(wrapper.find('.fault').exists()).toBe(true)
    expect(wrapper.find<HTMLInputElement>('.naming input').element.value).toBe('Anvil Fog two')
    playbook.duplicate = vi.fn(() => Promise.resolve('anvil-fog-two'))
    await wrapper.find('form').trigger('submit')
    await flushPromises()
    expect(wrapper.find('.naming').exists()).toBe(false)
    expect(playbook.selectedId).toBe('anvil-fog-two')
  })
  it('has a layer of it kept as our own', async () => {
    const playbook = usePlaybook()
    playbook.lift = vi.fn(() => Promise.resolve())
    const wrapper = await detail()
    await wrapper
      .findAll('.link')
      .find((b) => b.text() === 'keep as our own')!
      .trigger('click')
    expect(wrapper.find('.naming label').text()).toContain('Keep this front as')
    await wrapper.find('.naming input').setValue('Hammer')
    await wrapper.find('form').trigger('submit')
    await flushPromises()
    expect(playbook.lift).toHaveBeenCalledWith(expect.objectContaining({ id: 'anvil-fog' }), 'anvil', 'Hammer')
  })
})
