import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { client } from '../api/client'
import type { PassSheet, PlaySheet, RunSheet } from '../api/types'
import { finding, job, sheet } from '../testing/fixtures'
import { queries } from '../shell/queries'
import { useBoard } from './boardStore'
import { drawingOf } from './field/field'
import PlayDrawing from './field/PlayDrawing.vue'
import PlaysPanel from './PlaysPanel.vue'
import { usePlays } from './playsStore'

const AGAINST: PlaySheet = {
  verdicts: [],
  findings: [finding('weak', 'nickel is in conflict.', ['nickel'])],
  runs: [
    { id: 'power', name: 'Power', side: 'right', outcome: 'offence', shortBy: 1, hitters: [], hurts: true },
    { id: 'iso', name: 'Iso', side: 'left', outcome: 'defence', shortBy: 0, hitters: ['nickel'], hurts: false },
  ],
  passes: [{ id: 'smash', name: 'Smash', side: 'right', matched: 4, routes: 5, given: 'hitch by Z', hurts: true }],
  options: [
    {
      id: 'zone-bubble',
      name: 'Inside zone with bubble',
      side: 'right',
      key: 'nickel',
      run: { job: 'D gap, force', from: 1.1, to: 1.6 },
      pass: { job: 'curl-flat, bubble by H', from: 1.2, to: 2 },
      both: 0.4,
      asks: 'two things',
      hurts: true,
    },
  ],
  unfit: [{ id: 'zone-read', name: 'Zone read', sides: ['left', 'right'], why: 'needs gun' }],
  protections: [
    {
      name: 'Five-man half slide',
      men: 5,
      rushers: 6,
      free: ['nickel'],
      overloaded: 'left',
      pickups: [{ blocker: 'LG', rusher: 'nickel', how: 'man on man', twist: 'passes the twist on to his neighbour' }],
      oneOnOne: 5,
      seconds: 2.2,
      contain: ['left'],
      windows: ['flat left'],
      slide: 'left',
    },
  ],
  travels: [{ job: 'nickel', yards: 4, seconds: 1.2 }],
  pairs: [{ call: 'Anvil Fog', by: 'nickel', yards: 7.7, men: 4, stance: '' }],
}
const POWER: RunSheet = {
  id: 'power',
  name: 'Power',
  side: 'right',
  point: { x: 3, y: 0 },
  ball: [
    { x: 0, y: -7 },
    { x: 3, y: 0 },
  ],
  ballSeconds: 1.7,
  outcome: 'offence',
  read: ['free'],
  free: [{ job: 'nickel', seconds: 1.5, delay: 'boot', inTime: true }],
  fit: { gaps: 4, inserted: ['LG', 'FB'], left: ['LG'], men: ['nickel'], exchange: ['free'], shortBy: 1 },
  blocks: [
    {
      blockers: ['RT', 'RG'],
      how: 'down',
      defender: 'nickel',
      then: 'free',
      grade: 'easy',
      why: 'two on him at the snap',
      atPoint: true,
      way: [
        { x: 2, y: 0 },
        { x: 2, y: 1 },
      ],
    },
  ],
  doings: [{ man: 'FB', does: 'kick on nickel' }],
  keys: [{ job: 'nickel', whose: 'key', key: 'TE', message: 'down', seconds: 0.4, answer: 'meet the kick' }],
}
const SMASH: PassSheet = {
  id: 'smash',
  name: 'Smash',
  side: 'right',
  throwSeconds: 2.3,
  from: { x: 0, y: -7 },
  fake: { run: 'Power', until: 1 },
  attacks: 'the corner',
  matched: 1,
  given: 'hitch by Z',
  rush: {
    protection: 'Five-man half slide',
    pickups: [{ blocker: 'LG', rusher: 'free', how: 'man on man', twist: '' }],
    beaten: true,
    said: 'nickel is free and there at 2 s (model), before the throw at 2.3 s. Hot: the hitch by Z.',
  },
  keys: [],
  routes: [
    {
      man: 'Z',
      number: '#1 right',
      route: 'hitch',
      way: [
        { x: 16, y: 0 },
        { x: 16, y: 6 },
      ],
      caught: { x: 16, y: 5 },
      seconds: 2.6,
      covers: [],
      had: 'nobody',
      lost: '',
      rub: '',
    },
    {
      man: 'Y',
      number: '#2 right',
      route: 'corner',
      way: [
        { x: 9, y: 0 },
        { x: 9, y: 9 },
      ],
      caught: { x: 20, y: 17 },
      seconds: 3.9,
      covers: [{ job: 'free', by: 'deep', lateSeconds: 0.6 }],
      had: 'late',
      lost: 'inside leverage, breaks out',
      rub: '',
    },
  ],
}

describe('plays against a line-up', () => {
  beforeEach(() => {
    localStorage.clear()
    setActivePinia(createPinia())
    vi.spyOn(client, 'GET').mockResolvedValue({ data: [], response: new Response() })
    vi.spyOn(client, 'POST').mockImplementation(((path: string) =>
      Promise.resolve({
        data: path.endsWith('audits')
          ? AGAINST
          : path.endsWith('/options')
            ? { line: AGAINST.options[0], run: POWER, pass: SMASH }
            : path.endsWith('/blockings')
              ? POWER
              : SMASH,
        response: new Response(),
      })) as never)
  })
  afterEach(() => {
    vi.restoreAllMocks()
    queries.clear()
  })

  async function panel() {
    const lineup = sheet([job('nickel', 'NB', 7), job('free', 'FS', 2)], [finding('note', 'One.')])
    const board = useBoard()
    const plays = usePlays()
    board.board = { phases: [lineup] } as never
    expect(plays.findings.map((f) => f.title)).toEqual(['One.'])
    await nextTick()
    await plays.settled()
    await flushPromises()
    return { plays, wrapper: mount(PlaysPanel, { props: { lineup } }) }
  }
  it('come a moment after the line-up and take its findings over', async () => {
    const { plays, wrapper } = await panel()
    expect(plays.findings.map((f) => f.title)).toEqual(['nickel is in conflict.'])
    expect(wrapper.findAll('.lines li').map((l) => l.text())).toEqual([
      '−Power right1 gap short',
      '+Iso leftfree: NB',
      '4/5Smash rightgives the hitch by Z',
      '−Inside zone with bubble rightreads NB, both for 0.4 s',
    ])
    expect(wrapper.find('details').text()).toContain('Zone read needs gun')
  })
  it('are found by their words, and those that hurt alone', async () => {
    const { wrapper } = await panel()
    const names = () => wrapper.findAll('.line b').map((b) => b.text())
    await wrapper.find('input[type=checkbox]').setValue(true)
    expect(names()).toEqual(['Power', 'Smash', 'Inside zone with bubble'])
    await wrapper.find('input[type=search]').setValue('hitch right')
    expect(names()).toEqual(['Smash'])
    await wrapper.find('input[type=search]').setValue('wishbone')
    expect(wrapper.text()).toContain('None such.')
  })
  it('are walked; the picked run shows its blocks, who is free and who must come over', async () => {
    const { wrapper } = await panel()
    await (wrapper.vm as unknown as { walk(by: number): Promise<void> }).walk(1)
    await flushPromises()
    const text = wrapper.find('.blocks').text()
    for (const said of [
      'LG and FB arrive',
      '1 short',
      'FS must come over',
      'RT + RG down',
      'then FS',
      'left to be read',
      'holds for the boot',
      'in time',
      'FB kick on nickel',
      'TE (key): down at 0.4 s',
      'meet the kick',
    ])
      expect(text).toContain(said)
  })
  it('bring the mutes of their call along, once a call, and show the play picked last', async () => {
    const get = vi.mocked(client.GET)
    const { plays } = await panel()
    expect(get.mock.calls.filter((c) => String(c[0]) === '/api/mutes')).toHaveLength(1)
    useBoard().board = { phases: [sheet([job('nickel', 'NB', 7)], [])] } as never
    await nextTick()
    await plays.settled()
    await flushPromises()
    expect(get.mock.calls.filter((c) => String(c[0]) === '/api/mutes')).toHaveLength(1)
    const answers: ((run: RunSheet) => void)[] = []
    vi.mocked(client.POST).mockImplementation(
      (() => new Promise((done) => answers.push((data) => done({ data, response: new Response() })))) as never,
    )
    void plays.pick({ kind: 'run', id: 'power', left: false })
    await flushPromises()
    void plays.pick({ kind: 'run', id: 'iso', left: true })
    await flushPromises()
    answers[1]!({ ...POWER, id: 'iso', name: 'Iso' })
    await flushPromises()
    answers[0]!(POWER)
    await flushPromises()
    expect(plays.run?.name).toBe('Iso')
    useBoard().callId = 'anvil-fog'
    await flushPromises()
    expect(plays.mutes).toEqual([])
  })
  it('answer a key that was pressed while they were asked', async () => {
    const { plays, wrapper } = await panel()
    useBoard().board = { phases: [sheet([job('nickel', 'NB', 7)], [])] } as never
    await flushPromises()
    expect(plays.sheet).toBeUndefined()
    const walked = (wrapper.vm as unknown as { walk(by: number): Promise<void> }).walk(1)
    await walked
    await flushPromises()
    expect(plays.picked).toEqual({ kind: 'run', id: 'power', left: false })
    expect(plays.run?.name).toBe('Power')
  })
  it('show each route with who has it, late, lost or nobody', async () => {
    const { wrapper } = await panel()
    await wrapper.find('[data-kind=pass] .line').trigger('click')
    await flushPromises()
    const text = wrapper.find('[aria-label=Routes]').text()
    for (const said of [
      '1 of 2 routes can be had at once',
      'gives the hitch by Z',
      'thrown at 2.3 s from 0 x 7 yd, Power until 1.0 s, against the corner',
      'nobody',
      'nickel is free and there at 2 s (model), before the throw at 2.3 s. Hot: the hitch by Z.',
      'LG has FS, man on man',
      'FS by deep, 0.6 s late',
      'inside leverage, breaks out',
    ])
      expect(text).toContain(said)
  })
  it('say what an option asks of the man it reads, with its blocks and its routes', async () => {
    const { plays, wrapper } = await panel()
    await wrapper.find('[data-kind=option] .line').trigger('click')
    await flushPromises()
    const text = wrapper.find('[aria-label=Option]').text()
    for (const said of ['D gap, force, 1.1 to 1.6 s', 'bubble by H, 1.2 to 2.0 s', 'for 0.4 s (model)'])
      expect(text).toContain(said)
    expect(wrapper.find('[aria-label=Blocks]').exists() && wrapper.find('[aria-label=Routes]').exists()).toBe(true)
    expect(plays.run?.id).toBe('power')
    await wrapper.find('[data-kind=option] .line').trigger('click')
    expect(wrapper.find('[aria-label=Blocks]').exists()).toBe(false)
  })
  it('tell the rush against each protection and what gives the call away', async () => {
    const { wrapper } = await panel()
    expect(wrapper.find('[aria-label=Rush]').text()).toContain(
      'NB free, too many from the left, 5 one on one; first man there in 2.2 s (gun, model). Contain only left. Left open: flat left.',
    )
    expect(wrapper.find('[aria-label=Tells]').text()).toContain('Told from Anvil Fog by NB, 7.7 yd; 4 men in all')
  })
  it('are drawn: a bar a block, a way a route, a cross where nobody is', () => {
    const drawing = drawingOf(
      {
        code: 'hs',
        leftSideline: -26,
        rightSideline: 26,
        leftHash: -9,
        rightHash: 9,
        numbersBottom: 7,
        numbersTop: 9,
        toGoal: 38,
        endLine: 48,
        distance: 7,
        painted: true,
      },
      'offence',
    )
    const run = mount(PlayDrawing, { props: { drawing, run: POWER } })
    expect([run.findAll('path.block').length, run.findAll('path.ball').length]).toEqual([1, 1])
    const pass = mount(PlayDrawing, { props: { drawing, pass: SMASH } })
    expect([pass.findAll('.way').length, pass.findAll('.open').length, pass.findAll('.caught').length]).toEqual([
      2, 1, 1,
    ])
  })
})
