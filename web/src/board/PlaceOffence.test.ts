import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { client } from '../api/client'
import { useBoard } from './boardStore'
import PlaceOffence from './PlaceOffence.vue'

describe('placing the offence', () => {
  beforeEach(() => {
    vi.restoreAllMocks()
    localStorage.clear()
    setActivePinia(createPinia())
    vi.spyOn(client, 'POST').mockResolvedValue({ data: { phases: [], changes: [] }, response: new Response() })
  })
  function placing(mayWrite = true) {
    const board = useBoard()
    void board.say({ men: 'ol2 TE4 SE-16' })
    return { board, wrapper: mount(PlaceOffence, { props: { mayWrite, man: 'SE' } }) }
  }
  async function keep(wrapper: ReturnType<typeof placing>['wrapper']): Promise<string> {
    await wrapper.find('input').setValue('Otter split')
    await wrapper.find('form').trigger('submit')
    await flushPromises()
    return wrapper.find('[role=status]').text()
  }
  it('keeps it under a name, with what the rules have against it', async () => {
    const { wrapper } = placing()
    vi.spyOn(client, 'GET').mockResolvedValue({ data: { formations: [] }, response: new Response() })
    vi.spyOn(client, 'POST').mockImplementation(((path: string) => {
      const data = path.endsWith('formations') ? against.shift() : { phases: [], changes: [] }
      return Promise.resolve({ data, response: new Response() })
    }) as never)
    const against = [[], ['TE is covered']]
    expect(await keep(wrapper)).toBe('Kept among the formations.')
    expect((wrapper.find('input').element as HTMLInputElement).value).toBe('')
    expect(await keep(wrapper)).toBe('Kept, but not legal: TE is covered.')
  })
  it('keeps the name in the field when it is refused', async () => {
    const { wrapper } = placing()
    const error = { code: 'name-taken', detail: 'there is something named like "Otter split" already' }
    vi.spyOn(client, 'POST').mockResolvedValue({ error, response: new Response(null, { status: 409 }) })
    expect(await keep(wrapper)).toContain('already')
    expect((wrapper.find('input').element as HTMLInputElement).value).toBe('Otter split')
  })
  it('goes back as written, and offers a player no name', async () => {
    const { board, wrapper } = placing(false)
    expect(wrapper.find('input').exists()).toBe(false)
    await wrapper.findAll('button')[0]!.trigger('click')
    expect(board.snap.men).toBeUndefined()
  })
})
