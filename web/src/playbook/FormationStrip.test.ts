import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { client } from '../api/client'
import type { StripCell } from '../api/types'
import { asked } from '../testing/asked'
import FormationStrip from './FormationStrip.vue'

const cell = (formation: string, rung: string | undefined, over: Partial<StripCell> = {}): StripCell => ({
  formation,
  name: formation,
  family: 'two backs',
  sketch: { offence: [], defence: [], ways: [] },
  fired: rung ? [{ part: 'align', rung }] : [],
  silent: rung ? [] : ['align: nobody: no #3'],
  illegal: [],
  busts: 0,
  meant: true,
  ...over,
})
const CELLS = [
  cell('pro-i', 'drizzle/corner/man'),
  cell('trips', 'drizzle/corner/man'),
  cell('nub', 'drizzle/corner/nub', { busts: 2 }),
  cell('odd', undefined, { illegal: ['5 men are off the line'] }),
]
const PROPS = {
  call: 'anvil-drizzle',
  revision: 0,
  edits: [],
  role: 'corner',
  onCoverSide: true,
  part: 'align',
  picked: 'pro-i',
}

beforeEach(() => {
  vi.useFakeTimers()
  vi.spyOn(client, 'POST').mockResolvedValue({ data: CELLS, response: new Response() })
})
afterEach(() => {
  vi.restoreAllMocks()
  vi.useRealTimers()
})

describe('the formation strip', () => {
  it('marks each formation by the rung that speaks, counts them, and says where none does', async () => {
    const strip = mount(FormationStrip, { props: PROPS, global: { plugins: [asked()] } })
    await vi.advanceTimersByTimeAsync(100)
    await flushPromises()
    expect(strip.findAll('li')).toHaveLength(4)
    expect(strip.find('.tally').text()).toContain('drizzle/corner/man 2')
    expect(strip.find('.tally').text()).toContain('nothing speaks 1')
    expect(strip.findAll('li')[2]!.text()).toContain('2 busts')
    expect(strip.findAll('li')[3]!.text()).toContain('no #3')
    expect(strip.findAll('li')[3]!.text()).toContain('not legal')
  })
  it('asks again when a sentence changes and hands on the formation clicked', async () => {
    const strip = mount(FormationStrip, { props: PROPS, global: { plugins: [asked()] } })
    await vi.advanceTimersByTimeAsync(100)
    await strip.setProps({ edits: [{ rung: 'drizzle/corner/man', sentence: 'align over #1, inside, 1 x 5' }] })
    await vi.advanceTimersByTimeAsync(100)
    await flushPromises()
    expect(client.POST).toHaveBeenCalledTimes(2)
    await strip.findAll('button')[1]!.trigger('click')
    expect(strip.emitted('pick')).toEqual([['trips']])
  })
  it('is there again at once when the same man is looked at a second time', async () => {
    const kept = { props: PROPS, global: { plugins: [asked()] } }
    const first = mount(FormationStrip, kept)
    await vi.advanceTimersByTimeAsync(100)
    await flushPromises()
    first.unmount()
    const again = mount(FormationStrip, kept)
    expect(again.findAll('li')).toHaveLength(4)
    await vi.advanceTimersByTimeAsync(100)
    await flushPromises()
    expect(again.findAll('li')).toHaveLength(4)
  })
})
