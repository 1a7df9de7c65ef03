import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { client } from '../api/client'
import { useBoard } from './boardStore'
import { useLists } from '../shell/lists'
import SnapLine from './SnapLine.vue'
import { SPOTS } from '../testing/fixtures'
import { choose, menu } from '../testing/menus'

function line() {
  const board = useBoard()
  const lists = useLists()
  lists.choices = {
    spots: SPOTS,
    codes: [{ id: 'hs', name: 'high school', players: 11 }],
    formations: [
      {
        id: 'pro-i',
        name: 'Pro I',
        family: 'two backs',
        players: 11,
        personnel: '21',
        receivers: '2x1',
        motions: [{ id: 'trade', name: 'trade' }],
      },
      {
        id: 'trips-open',
        name: 'Trips open',
        family: 'trips',
        players: 11,
        personnel: '10',
        receivers: '3x1',
        motions: [],
      },
    ],
    runs: [],
  }
  lists.calls = [
    { id: 'anvil-drizzle', name: 'Anvil Drizzle', players: 11, revision: 0, kinds: [], meantFor: [] },
    { id: 'anvil-fog', name: 'Anvil Fog', players: 11, revision: 0, kinds: [], meantFor: [] },
    { id: 'awl-fog', name: 'Awl Fog', players: 11, revision: 0, kinds: [], meantFor: [] },
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
    await choose(wrapper, 'Strong side', 'true')
    expect(board.snap.mirrored).toBe(true)
    await choose(wrapper, 'Motion', 'trade')
    expect(board.snap.motion).toBe('trade')
    await choose(wrapper, 'Motion', '')
    expect(board.snap.motion).toBeUndefined()
  })
  it('never asks for more yards than there are to the goal', async () => {
    const { board, wrapper } = line()
    await choose(wrapper, 'Distance', '10')
    await choose(wrapper, 'Ball spot', '4')
    expect(board.snap.toGoal).toBe(4)
    expect(board.snap.distance).toBe(4)
    const last = menu(wrapper, 'Distance').props('options').at(-1)!
    expect(last.name).toBe('goal')
  })
  it('A2: shows what will be, takes it whole, and goes back to what was', async () => {
    const { board, wrapper } = line()
    const was = { ...board.snap }
    await (wrapper.vm as unknown as { open(): Promise<void> }).open()
    await wrapper.find('input').setValue('anvil fog 3&7 trips open left r 12')
    expect(wrapper.find('[role=status]').text().replace(/\s+/g, ' ')).toContain(
      'high school · ball on our 12, right hash · 3rd and 7 · Trips open left with no motion — we call Anvil Fog',
    )
    expect(board.snap).toEqual(was)
    await wrapper.find('form').trigger('submit')
    await flushPromises()
    expect(board.snap).toMatchObject({ formation: 'trips-open', mirrored: true, hash: 'r', toGoal: 12, distance: 7 })
    expect(board.callId).toBe('anvil-fog')
    expect(wrapper.find('input').exists()).toBe(false)
    await wrapper.find('.back').trigger('click')
    await flushPromises()
    expect(board.snap).toEqual(was)
    expect(board.callId).toBe('anvil-drizzle')
  })
  it('A2: applies nothing while a word is not understood, and keeps the text', async () => {
    const { board, wrapper } = line()
    await type(wrapper, 'trips open zebra')
    expect(wrapper.find('[role=status]').text()).toContain('not understood: zebra')
    expect((wrapper.find('input').element as HTMLInputElement).value).toBe('trips open zebra')
    expect(board.snap.formation).toBe('pro-i')
    await wrapper.find('input').trigger('keydown', { key: 'Escape' })
    expect(wrapper.find('h1').exists()).toBe(true)
  })
  it('A2: offers names that fit equally; the one chosen takes the place of the words', async () => {
    const { board, wrapper } = line()
    await type(wrapper, 'fog 12')
    expect(board.callId).toBe('anvil-drizzle')
    const offers = wrapper.findAll('.preview .button')
    expect(offers.map((o) => o.text())).toEqual(['Anvil Fog', 'Awl Fog'])
    await offers[1]!.trigger('click')
    await wrapper.find('form').trigger('submit')
    await flushPromises()
    expect(board.callId).toBe('awl-fog')
    expect(board.snap.toGoal).toBe(12)
  })
  it('A3: no letter or arrow changes a word; Z goes back by every change', async () => {
    const { board, wrapper } = line()
    const call = wrapper.find<HTMLElement>('[data-menu=Call]')
    call.element.focus()
    for (const key of ['m', 'ArrowDown']) await call.trigger('keydown', { key })
    expect(call.attributes('data-value')).toBe('anvil-drizzle')
    expect(call.attributes('aria-expanded')).toBe('false')
    await choose(wrapper, 'Formation', 'trips-open')
    await choose(wrapper, 'Hash', 'r')
    await board.lineBack()
    expect(board.snap).toMatchObject({ formation: 'trips-open', hash: 'm' })
    await board.lineBack()
    expect(board.snap.formation).toBe('pro-i')
    expect(board.mayGoBack).toBe(false)
  })
})
