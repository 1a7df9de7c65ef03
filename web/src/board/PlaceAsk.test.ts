import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { client } from '../api/client'
import type { Spot } from '../api/types'
import { asked } from '../testing/asked'
import { FIELD, job, sheet } from '../testing/fixtures'
import { useBoard } from './boardStore'
import PlaceAsk from './PlaceAsk.vue'

const THERE = { x: 5.2, y: 4 }
const FOUND = [
  { words: 'outside end man 3 x 4', x: 5, y: 4 },
  { words: 'apex #2 and #3 @ 4', x: 5.6, y: 4 },
]
const shown = (): string => document.querySelector('.ant-modal')!.textContent.replace(/\s+/g, ' ')
const button = (words: string): HTMLButtonElement =>
  [...document.querySelectorAll<HTMLButtonElement>('.ant-modal .button')].find((b) => b.textContent.includes(words))!

describe('where a man was put', () => {
  let answers: Record<number, () => Promise<unknown>>
  beforeEach(() => {
    localStorage.clear()
    setActivePinia(createPinia())
    const board = useBoard()
    board.board = { field: FIELD, phases: [sheet([job('nickel', 'NB', 7)])], changes: [] } as never
    board.callSheet = { id: 'otter', roles: [{ id: 'nickel', rungs: [] }] } as never
    answers = { [THERE.x]: () => Promise.resolve({ data: FOUND, response: new Response() }) }
    vi.spyOn(client, 'POST').mockImplementation(((path: string, init: { body: Spot }) =>
      path === '/api/phrases' ? answers[init.body.x]!() : new Promise(() => undefined)) as never)
  })
  afterEach(() => vi.restoreAllMocks())
  async function put(spot: Spot) {
    const wrapper = mount(PlaceAsk, {
      props: { job: 'nickel', spot, mayWrite: true },
      global: { plugins: [asked()] },
      attachTo: document.body,
    })
    await flushPromises()
    return wrapper
  }

  it('is said in words of the language, the nearest first, and is for now or a rung', async () => {
    const wrapper = await put(THERE)
    expect(shown()).toContain('nickel at 5.2 yd right x 4.0 yd deep')
    expect(shown()).toContain('outside end man 3 x 4 5.0 x 4.0')
    button('For now').click()
    expect(useBoard().draft).toEqual({ edits: [], hand: [{ job: 'nickel', phrase: 'outside end man 3 x 4' }] })
    document.querySelectorAll<HTMLInputElement>('.ant-modal input')[1]!.click()
    await flushPromises()
    button('As a rung').click()
    expect(useBoard().draft.edits.map((e) => e.sentence)).toEqual(['align apex #2 and #3 @ 4'])
    expect(useBoard().panel).toBe('rules')
    expect(wrapper.emitted('done')).toHaveLength(2)
    wrapper.unmount()
  })
  it('says when no words are there for it', async () => {
    answers[THERE.x] = () => Promise.resolve({ data: [], response: new Response() })
    const wrapper = await put(THERE)
    expect(shown()).toContain('No phrase of the language says this spot')
    expect(button('For now').disabled).toBe(true)
    wrapper.unmount()
  })
  it('offers words of the last place alone, however late those of the one before come', async () => {
    let late: (found: unknown) => void = () => undefined
    answers[-9] = () => new Promise((done) => (late = done))
    const wrapper = await put({ x: -9, y: 4 })
    await wrapper.setProps({ spot: THERE })
    await flushPromises()
    late({ data: [{ words: 'hash @ 4', x: -9, y: 4 }], response: new Response() })
    await flushPromises()
    expect(shown()).toContain('outside end man 3 x 4')
    expect(shown()).not.toContain('hash @ 4')
    wrapper.unmount()
  })
})
