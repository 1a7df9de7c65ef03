import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { client } from '../../api/client'
import type { SnapRun } from '../../api/types'
import { queries } from '../../shell/queries'
import { job, sheet, snapRow } from '../../testing/fixtures'
import { useSession } from '../../shell/session'
import { useBoard } from '../boardStore'
import { usePlays } from '../playsStore'
import { useBeside } from './besideStore'
import OwnPlace from './OwnPlace.vue'
import RunClock from './RunClock.vue'
import RunIt from './RunIt.vue'
import { useRunning } from './runStore'
import WayDrawing from './WayDrawing.vue'
import WhatBeats from './WhatBeats.vue'

type Kind = SnapRun['kinds'][number]
function kind(id: Kind['id'], whose: Kind['whose'], name: string, unit: string, step: number): Kind {
  return {
    id,
    whose,
    name,
    unit,
    step,
    amount: 1,
    signed: false,
    men: whose === 'receivers' ? [] : ['mike', 'nose'],
    routes: [],
  }
}
const RUN: SnapRun = {
  play: 'power',
  name: 'Power',
  side: 'right',
  said: 'Of 200 snaps (model) the offence gains 4.2 yd on the average.',
  outcome: {
    seeds: 200,
    mean: 4.2,
    median: 4,
    low: 2,
    high: 6,
    shares: [
      { words: 'no gain', share: 0.25 },
      { words: '1 to 3 yd', share: 0.75 },
    ],
    holds: 0.5,
    moves: 0.1,
  },
  watch: [
    { seed: 3, words: 'a typical one', gain: 4 },
    { seed: 9, words: 'the worst for it', gain: 20 },
  ],
  snap: snapRow(),
  faults: [],
  kinds: [
    kind('LATE', 'anybody', 'is off late by', 'ticks of 0.05 s', 1),
    kind('FALSE_STEP', 'defence', 'takes a false step of', 'yd', 0.5),
    { ...kind('MOVED_RIGHT', 'defence', 'lines up to the right by', 'yd', 0.5), signed: true },
    {
      ...kind('SHOWS', 'defence', 'still stands where he shows and goes home late by', 'ticks of 0.05 s', 1),
      men: ['nose'],
    },
    { ...kind('ROUTE', 'receivers', 'runs instead the', '', 0), routes: ['go', 'smash-corner'] },
  ],
}
const BEATS = Array.from({ length: 10 }, (_, i) => ({
  play: i ? `run-${i}` : 'power',
  kind: i === 1 ? 'pass' : 'run',
  name: i ? `Run ${i}` : 'Power',
  side: 'right',
  mean: 9 - i,
  holds: i / 10,
  explosive: 0,
  why: 'The block.',
}))
const MENDS = {
  tried: 60,
  mends: [
    {
      edits: [{ rung: 'anvil-fog/mike/repair-1', sentence: 'when 1 receivers on my side: run B gap' }],
      better: { mean: 2, holds: 0.8, said: 'The call holds in 80 % instead of 50 %.' },
      costs: [],
      men: 1,
    },
  ],
}
const CALLS = [
  { call: 'anvil-drizzle', mean: 2, holds: 0.7, explosive: 0, why: 'Held.' },
  { call: 'anvil-fog', mean: 4.2, holds: 0.5, explosive: 0.1, why: 'The block.' },
]
const BESIDE = {
  call: 'anvil-drizzle',
  outcome: RUN.outcome,
  said: 'Of 200 snaps (model) the offence gains 2.0 yd on the average.',
  snap: { ...snapRow(), men: ['QB', 'TB', 'nose'] },
  difference: { mean: 2.2, least: 1, most: 3.4, said: 'The first call gives up 2.2 yd more on the average.' },
}
const MEN = [
  { id: 'mike', name: 'mike' },
  { id: 'TB', name: 'TB' },
]
interface Asked {
  play: string
  faults: unknown[]
  seed?: number
}

describe('a run that is run', () => {
  let asked: Asked[]
  let beats: typeof BEATS
  let besides: unknown[]
  let answers: (body: Asked) => unknown
  beforeEach(async () => {
    localStorage.clear()
    document.body.innerHTML = ''
    setActivePinia(createPinia())
    queries.clear()
    // who asks for less motion stands at the end at once: no frame has to be waited for
    vi.stubGlobal('matchMedia', (query: string) => ({
      matches: query.includes('reduce'),
      addEventListener: () => undefined,
      removeEventListener: () => undefined,
    }))
    asked = []
    beats = BEATS
    besides = []
    answers = () => ({ data: RUN, response: new Response() })
    const runs = [{ id: 'power', name: 'Power', side: 'right', outcome: 'even', shortBy: 0, hitters: [], hurts: false }]
    const audit = { verdicts: [], findings: [], runs, passes: [], options: [], unfit: [], protections: [] }
    vi.spyOn(client, 'GET').mockResolvedValue({ data: [], response: new Response() })
    vi.spyOn(client, 'POST').mockImplementation(((path: string, init: { body: Asked }) => {
      if (path === '/api/snap-runs/worst') return Promise.resolve({ data: beats, response: new Response() })
      if (path === '/api/snap-runs/mends') return Promise.resolve({ data: MENDS, response: new Response() })
      if (path === '/api/snap-runs/calls') return Promise.resolve({ data: CALLS, response: new Response() })
      if (path === '/api/snap-runs/beside') {
        besides.push(init.body)
        return Promise.resolve({ data: BESIDE, response: new Response() })
      }
      if (path === '/api/line-ups')
        return Promise.resolve({
          data: { phases: [sheet([job('nose', 'N', 0)])], changes: [] },
          response: new Response(),
        })
      if (path === '/api/snap-runs') {
        asked.push(init.body)
        return Promise.resolve(answers(init.body))
      }
      const data = path === '/api/audits' ? audit : { id: 'power', name: 'Power' }
      return Promise.resolve({ data, response: new Response() })
    }) as never)
    const board = useBoard()
    board.callId = 'anvil-fog'
    const men = [{ name: 'TB', post: 'eligible', feet: { x: 0, y: -7 } }]
    const field = { leftSideline: -26.7, rightSideline: 26.7 }
    board.board = { phases: [{ ...sheet([job('mike', 'M', 1)]), offence: men }], changes: [], field } as never
    const plays = usePlays()
    await vi.waitFor(() => expect(plays.asking).toBe(false))
    await plays.pick({ kind: 'run', id: 'power', left: false })
    await flushPromises()
  })
  afterEach(() => {
    vi.restoreAllMocks()
    vi.unstubAllGlobals()
  })
  async function runIt() {
    const running = useRunning()
    const wrapper = mount(RunIt, { props: { men: MEN, selected: 'mike' }, attachTo: document.body })
    expect(wrapper.text()).toContain('Run it')
    expect(asked).toEqual([])
    await wrapper.find('button').trigger('click')
    await flushPromises()
    return { running, wrapper }
  }

  it('says the range, how often so much, and why; a link of the cause is its moment', async () => {
    const { running, wrapper } = await runIt()
    expect(asked[0]).toMatchObject({ play: 'power', left: false, faults: [] })
    expect(wrapper.text()).toContain(RUN.said)
    expect(wrapper.findAll('.shares tr').map((r) => r.text())).toEqual(['no gain25 %', '1 to 3 yd75 %'])
    expect(wrapper.text()).toContain('Why: the block')
    expect(running.tick).toBe(2)
    await wrapper.find('ol button').trigger('click')
    expect(running.tick).toBe(1)
    expect(running.picture?.jobs[0]?.feet).toEqual({ x: 1, y: 3 })
  })
  it('shows another snap, and asks what if a man did otherwise', async () => {
    const { wrapper } = await runIt()
    await wrapper.findAll('.watch button')[1]!.trigger('click')
    await flushPromises()
    expect(asked.at(-1)?.seed).toBe(9)
    answers = () => ({
      data: {
        ...RUN,
        faults: [{ man: 'mike', kind: 'LATE', said: 'Mike is off late by 3 ticks of 0.05 s' }],
        without: { mean: 2, least: 1, most: 3, said: 'With it the offence gains 2 yd more.' },
      },
      response: new Response(),
    })
    await wrapper.find('input[aria-label="is off late by, ticks of 0.05 s"]').setValue(3)
    await flushPromises()
    expect(asked.at(-1)).toMatchObject({ seed: 9, faults: [{ man: 'mike', kind: 'LATE', amount: 3 }] })
    expect(wrapper.text()).toContain('Mike is off late by 3 ticks of 0.05 s')
    expect(wrapper.text()).toContain('With it the offence gains 2 yd more.')
    expect(wrapper.text()).toContain('between 1.0 yd and 3.0 yd')
    await wrapper
      .findAll('button')
      .find((b) => b.text() === 'take out')!
      .trigger('click')
    await flushPromises()
    expect(wrapper.text()).not.toContain('take out')
    expect(wrapper.text()).not.toContain('With it')
  })
  it('says in the words of the server why it is not run', async () => {
    answers = () => ({ error: { detail: 'triple is an option.' }, response: new Response(null, { status: 422 }) })
    const { wrapper } = await runIt()
    await vi.waitFor(() => expect(wrapper.find('[role=alert]').text()).toBe('triple is an option.'))
  })
  it('has a way back from a fault that is refused', async () => {
    const { running, wrapper } = await runIt()
    answers = () => ({ error: { detail: 'TB can only be late.' }, response: new Response(null, { status: 422 }) })
    await wrapper.find('input[type=number]').setValue(3)
    await vi.waitFor(() => expect(wrapper.find('[role=alert]').text()).toBe('TB can only be late.'))
    answers = () => ({ data: RUN, response: new Response() })
    await wrapper
      .findAll('button')
      .find((b) => b.text() === 'Take out what was put in')!
      .trigger('click')
    await flushPromises()
    expect(running.faults).toEqual([])
    expect(wrapper.text()).toContain(RUN.said)
    expect(wrapper.find('[role=alert]').exists()).toBe(false)
  })
  it('is watched tick by tick and ends with another play', async () => {
    const { running } = await runIt()
    const clock = mount(RunClock, { attachTo: document.body })
    expect(clock.find('.time').text()).toBe('0.10 s')
    expect(clock.find('[role=status]').text()).toBe('TB is through the line.')
    await clock.find('[role=slider]').trigger('keydown', { key: 'ArrowLeft' })
    expect(clock.find('.time').text()).toBe('0.05 s')
    running.step(-5)
    await flushPromises()
    expect(clock.find('.time').text()).toBe('0.00 s')
    running.go()
    expect(running.tick).toBe(2)
    running.go()
    expect(running.tick).toBe(0)
    await usePlays().pick(undefined)
    await flushPromises()
    expect(running.on).toBe(false)
    expect(running.picture).toBeUndefined()
  })
  it('draws where everybody came from, and who looks at whom, on the layers that say so', () => {
    const drawing = { fieldToSvg: (spot: { x: number; y: number }) => spot } as never
    const drawn = (layers: ('paths' | 'sight lines')[]) =>
      mount(WayDrawing, { props: { snap: snapRow(), tick: 2, drawing, layers } })
    expect(drawn([]).html()).not.toMatch(/polyline|<line/)
    expect(drawn(['paths']).findAll('polyline')).toHaveLength(3)
    expect(drawn(['paths']).find('polyline').attributes('points')).toBe('0.0,-1.0 0.0,-2.0 0.0,-3.0')
    expect(drawn(['sight lines']).findAll('line')).toHaveLength(1)
  })
  it('is found among all that beats the call, worst first', async () => {
    const wrapper = mount(WhatBeats, { attachTo: document.body })
    expect(wrapper.text()).toBe('What beats it?')
    await wrapper.find('button').trigger('click')
    await flushPromises()
    expect(wrapper.findAll('tbody tr')).toHaveLength(8)
    expect(wrapper.find('tbody tr').text()).toContain('Power right')
    expect(wrapper.find('tbody tr').text()).toMatch(/0 %.*9\.0 yd/)
    await wrapper.find('tbody button').trigger('click')
    expect(wrapper.emitted('pick')).toEqual([[{ kind: 'run', id: 'power', left: false }]])
    await wrapper.findAll('tbody tr')[1]!.find('button').trigger('click')
    expect(wrapper.emitted('pick')![1]).toEqual([{ kind: 'pass', id: 'run-1', left: false }])
    await wrapper.findAll('button').at(-1)!.trigger('click')
    expect(wrapper.findAll('tbody tr')).toHaveLength(10)
  })
  it('is run again at the smallest changes that mend it, and one of them is applied as one step', async () => {
    const wrapper = mount(WhatBeats, { attachTo: document.body })
    await wrapper.find('button').trigger('click')
    await flushPromises()
    expect(wrapper.text(), 'a reader changes no call').not.toContain('What mends it?')
    useSession().me = { mayWrite: true } as never
    await flushPromises()
    await wrapper.findAll('tbody tr')[0]!.findAll('button')[1]!.trigger('click')
    await flushPromises()
    expect(wrapper.find('.mends').text()).toContain('mike when 1 receivers on my side: run B gap')
    expect(wrapper.find('.mends').text()).toContain('One man learns something else. The call holds in 80 %')
    await wrapper.find('.mends .button').trigger('click')
    expect(useBoard().draft.edits).toEqual(MENDS.mends[0]!.edits)
  })
  it('is run at the other calls, and at one of them in step', async () => {
    const { running, wrapper } = await runIt()
    const at = wrapper.find('[aria-label="At other calls"]')
    await at.find('button').trigger('click')
    await flushPromises()
    expect(at.findAll('tbody tr').map((r) => r.text())).toEqual([
      expect.stringMatching(/anvil-drizzle.*Held.*70 %2.0 yd/),
      expect.stringMatching(/on the board.*50 %4.2 yd/),
    ])
    await at.find('tbody button').trigger('click')
    await flushPromises()
    const beside = useBeside()
    expect(besides[0]).toMatchObject({ call: 'anvil-drizzle', first: { play: 'power', seed: 3 } })
    expect(at.text()).toContain('The first call gives up 2.2 yd more')
    running.stand(1)
    expect(beside.picture?.jobs[0]?.feet, 'in step').toEqual({ x: 1, y: 3 })
    await at.find('tbody button').trigger('click')
    expect(beside.row).toBeUndefined()
  })
  it('runs it again with a defender dragged, in half yards', async () => {
    const { running } = await runIt()
    running.stand(0)
    running.move('mike', { x: 2.7, y: 4 })
    await flushPromises()
    expect(asked.at(-1)?.faults).toEqual([
      { man: 'mike', kind: 'MOVED_RIGHT', amount: 1.5 },
      { man: 'mike', kind: 'MOVED_DEEP', amount: -1 },
    ])
    running.put('mike', 'MOVED_DEEP', 0)
    expect(running.faults).toHaveLength(1)
  })
  it('is seen from his own place until he acts, and told when he is asked', async () => {
    RUN.snap.events.splice(2, 0, {
      tick: 1,
      what: 'TOLD',
      man: 'mike',
      said: 'Mike acts on flow to me.',
      place: { x: 0, y: 0 },
      main: false,
    })
    const { running } = await runIt()
    const own = mount(OwnPlace, { attachTo: document.body })
    running.seeFrom('mike')
    await flushPromises()
    expect(running.tick).toBe(1)
    expect(own.text()).toContain('what do you do?')
    expect(own.text()).not.toContain('flow to me')
    expect(own.findAll('.attacker text').map((t) => t.text())).toContain('TB')
    running.step(5)
    expect(running.tick, 'he does not see what comes').toBe(1)
    await own.find('button').trigger('click')
    expect(own.text()).toContain('flow to me')
    expect(running.tick).toBe(2)
  })
  it('says so when no play is run from there', async () => {
    beats = []
    const wrapper = mount(WhatBeats)
    await wrapper.find('button').trigger('click')
    await flushPromises()
    expect(wrapper.text()).toBe('No play is run from this formation yet.')
  })
})
