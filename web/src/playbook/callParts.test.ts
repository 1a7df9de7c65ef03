import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { client } from '../api/client'
import type { CallSheet, PlaybookItem } from '../api/types'
import { asked } from '../testing/asked'
import { FIELD, finding, job, sheet } from '../testing/fixtures'
import CallParts from './CallParts.vue'
import CardPaper from './CardPaper.vue'
import EntryHistory from './EntryHistory.vue'
import { usePlaybook } from './playbookStore'
import StandingSaid from './StandingSaid.vue'

const CALL = {
  name: 'Anvil Fog',
  layers: [
    { kind: 'front', id: 'anvil', name: 'Anvil' },
    { kind: 'coverage', id: 'fog', name: 'Fog' },
  ],
  pictures: ['Empty: mike checks to Anvil Drizzle', 'Anything else: bump'],
  points: ['Corners squat.'],
  meantFor: [{ id: 'trips-open', name: 'Trips open' }],
} as unknown as CallSheet
beforeEach(() => {
  localStorage.clear()
  setActivePinia(createPinia())
})
afterEach(() => vi.restoreAllMocks())

describe('the parts of a call', () => {
  it('say what it is made of, what it does when the picture changes, and against what it is meant', async () => {
    const parts = mount(CallParts, { props: { sheet: CALL, mayWrite: true } })
    expect(parts.findAll('li').map((l) => l.text())).toEqual([
      'front Anvil keep as our own',
      'coverage Fog keep as our own',
      ...CALL.pictures,
    ])
    expect(parts.text()).toContain('Meant for 1 formation')
    await parts.findAll('button')[1]!.trigger('click')
    expect(parts.emitted('lift')).toEqual([[CALL.layers[1]]])
  })
  it('are only looked at by who may not write', () => {
    expect(
      mount(CallParts, { props: { sheet: CALL, mayWrite: false } })
        .find('button')
        .exists(),
    ).toBe(false)
  })
})

describe('the history of a document', () => {
  it('is fetched a page at a time, for documents of ours alone', async () => {
    const get = vi.spyOn(client, 'GET').mockImplementation((_: string, o: { params: { query: { page: number } } }) =>
      Promise.resolve({
        data: {
          items: [{ revision: 2 - o.params.query.page, savedBy: 'marrow', savedAt: '2026-01-02T03:04:05Z' }],
          total: 2,
          pages: 2,
          page: o.params.query.page,
          size: 1,
        },
        response: new Response(),
      }),
    )
    const item = { kind: 'call', id: 'ours', revision: 2 } as PlaybookItem
    const history = mount(EntryHistory, { props: { item }, global: { plugins: [asked()] } })
    await flushPromises()
    expect(history.findAll('li').map((l) => l.text().split(',')[0])).toEqual(['2. marrow'])
    await history.find('button').trigger('click')
    await flushPromises()
    expect(history.findAll('li').map((l) => l.text().split(',')[0])).toEqual(['2. marrow', '1. marrow'])
    get.mockClear()
    mount(EntryHistory, { props: { item: { ...item, revision: 0 } }, global: { plugins: [asked()] } })
    await flushPromises()
    expect(get).not.toHaveBeenCalled()
  })
})

describe('what was said last of a document', () => {
  it('is told with its way back', async () => {
    const playbook = usePlaybook()
    const stood = { install: 'catalogue' as const, published: true, retired: false }
    playbook.said = { kind: 'call', id: 'ours', name: 'Ours', before: stood, now: { ...stood, retired: true } }
    playbook.unsay = vi.fn() as never
    const said = mount(StandingSaid)
    expect(said.text()).toContain('Ours is put away.')
    await said.find('button').trigger('click')
    expect(playbook.unsay).toHaveBeenCalledOnce()
  })
})

describe('the paper of a card', () => {
  it('has every job, what to look out for, what is lived with and the caution', () => {
    const shown = sheet([job('nickel', 'NB', 7)], [finding('weak', 'Nobody reads TB.'), finding('note', 'Late.')])
    const mutes = [{ id: 1, call: 'anvil-fog', finding: 'gaps/Late.', title: 'Late.', reason: 'by design' }]
    const paper = mount(CardPaper, {
      props: { call: CALL, field: FIELD, sheet: shown, mutes: mutes as never, against: 'against Trips open' },
    })
    const text = paper.text().replace(/\s+/g, ' ')
    expect(paper.findAll('tbody tr')).toHaveLength(1)
    for (const words of ['Anvil · Fog', 'align of nickel', 'run of nickel', 'weak Nobody reads TB.', 'Corners squat.'])
      expect(text).toContain(words)
    expect(text).toContain('lived with Late. by design')
    expect(text).toContain('licensed medical staff decide')
    expect(text).not.toContain('Cone map')
  })
})
