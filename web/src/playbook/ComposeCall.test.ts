import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { RefusedError } from '../api/client'
import { choose } from '../testing/menus'
import ComposeCall from './ComposeCall.vue'
import { usePlaybook } from './playbookStore'

const push = vi.fn()
vi.mock('vue-router', async (whole) => ({ ...(await whole<object>()), useRouter: () => ({ push }) }))

const item = (kind: string, id: string) => ({ kind, id, name: id, revision: 0, summary: '', kinds: [] })
describe('a new call', () => {
  beforeEach(() => {
    push.mockClear()
    localStorage.clear()
    setActivePinia(createPinia())
    const playbook = usePlaybook()
    vi.spyOn(playbook, 'of').mockImplementation(((kind: string) => [item(kind, `${kind}-one`)]) as never)
  })
  const dialog = () => mount(ComposeCall, { global: { stubs: { AModal: { template: '<div><slot /></div>' } } } })
  it('is made of the parts chosen, without those it may do without, and its rules are opened', async () => {
    const compose = vi.spyOn(usePlaybook(), 'compose').mockResolvedValue('otter-plover')
    const view = dialog()
    await view.find('input').setValue('Otter Plover')
    await choose(view, 'coverage', 'coverage-one')
    await choose(view, 'pressure', 'pressure-one')
    await choose(view, 'movement', '')
    await view.find('form').trigger('submit')
    await flushPromises()
    expect(compose).toHaveBeenCalledWith('Otter Plover', ['anvil', 'coverage-one', 'pressure-one'])
    expect(view.emitted('done')).toHaveLength(1)
    expect(push).toHaveBeenCalledWith('/playbook/call/otter-plover')
  })
  it('is made once however often it is pressed', async () => {
    const compose = vi.spyOn(usePlaybook(), 'compose').mockReturnValue(new Promise(() => {}))
    const view = dialog()
    await view.find('form').trigger('submit')
    await view.find('form').trigger('submit')
    expect(compose).toHaveBeenCalledOnce()
  })
  it('stays open and says which rule does not fit the other part', async () => {
    const problems = [{ document: 'drizzle', where: 'own-1', message: 'nobody is called spur', at: 0, expected: [] }]
    vi.spyOn(usePlaybook(), 'compose').mockRejectedValue(
      new RefusedError({ status: 422, code: 'unfit', detail: 'they do not fit', problems }),
    )
    const view = dialog()
    await view.find('form').trigger('submit')
    await flushPromises()
    expect(view.find('[role=alert]').text()).toBe('drizzle own-1: nobody is called spur')
    expect(view.emitted('done')).toBeUndefined()
  })
})
