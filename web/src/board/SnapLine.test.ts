import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { client } from '../api/client'
import { useBoard } from './boardStore'
import SnapLine from './SnapLine.vue'

function line() {
  const board = useBoard()
  board.choices = {
    codes: [{ id: 'hs', name: 'high school', players: 11 }],
    formations: [
      { id: 'pro-i', name: 'Pro I', family: 'two backs', players: 11, motions: [{ id: 'trade', name: 'trade' }] },
      { id: 'trips-open', name: 'Trips open', family: 'trips', players: 11, motions: [] },
    ],
    runs: [],
  }
  board.calls = [
    { id: 'anvil-drizzle', name: 'Anvil Drizzle' },
    { id: 'anvil-fog', name: 'Anvil Fog' },
  ] as never
  return { board, wrapper: mount(SnapLine, { attachTo: document.body }) }
}
async function type(wrapper: ReturnType<typeof line>['wrapper'], words: string): Promise<void> {
  await (wrapper.vm as unknown as { open(): Promise<void> }).open()
  await wrapper.find('input').setValue(words)
  await wrapper.find('form').trigger('submit')
  await flushPromises()
}

describe('the snap line', () => {
  beforeEach(() => {
    vi.restoreAllMocks()
    localStorage.clear()
    document.body.innerHTML = ''
    setActivePinia(createPinia())
    vi.spyOn(client, 'GET').mockResolvedValue({ data: {}, response: new Response() })
    vi.spyOn(client, 'POST').mockResolvedValue({ data: { phases: [], changes: [] }, response: new Response() })
  })
  it('says the snap as one sentence and changes a word at a time', async () => {
    const { board, wrapper } = line()
    expect(wrapper.find('h1').text().replace(/\s+/g, ' ')).toContain('we call')
    await wrapper.find('[aria-label="Strong side"]').setValue('true')
    expect(board.snap.mirrored).toBe(true)
    await wrapper.find('[aria-label=Motion]').setValue('trade')
    expect(board.snap.motion).toBe('trade')
    await wrapper.find('[aria-label=Motion]').setValue('')
    expect(board.snap.motion).toBeUndefined()
  })
  it('never asks for more yards than there are to the goal', async () => {
    const { board, wrapper } = line()
    await wrapper.find('[aria-label=Distance]').setValue('10')
    await wrapper.find('[aria-label="Ball spot"]').setValue('4')
    expect(board.snap.toGoal).toBe(4)
    expect(board.snap.distance).toBe(4)
    const last = wrapper.findAll('[aria-label=Distance] option').at(-1)!
    expect(last.text()).toBe('goal')
  })
  it('reads typed words in any order, the call among them', async () => {
    const { board, wrapper } = line()
    const chosen = vi.spyOn(board, 'chooseCall').mockResolvedValue()
    await type(wrapper, 'fog 3&7 trips left r 12')
    expect(board.snap).toMatchObject({
      formation: 'trips-open',
      mirrored: true,
      hash: 'r',
      toGoal: 12,
      down: 3,
      distance: 7,
    })
    expect(chosen).toHaveBeenCalledWith('anvil-fog')
    expect(wrapper.find('input').exists()).toBe(false)
  })
  it('keeps what it could not read in the field, and says what it takes', async () => {
    const { board, wrapper } = line()
    await type(wrapper, 'trips zebra')
    expect(wrapper.find('[role=alert]').text()).toContain('not understood: zebra')
    expect((wrapper.find('input').element as HTMLInputElement).value).toBe('trips zebra')
    expect(board.snap.formation).toBe('trips-open')
    await wrapper.find('input').trigger('keydown', { key: 'Escape' })
    expect(wrapper.find('h1').exists()).toBe(true)
  })
})
