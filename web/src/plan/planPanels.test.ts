import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import type { PlanCell } from '../api/types'
import { formationItem } from '../testing/fixtures'
import WordMenu from '../words/WordMenu.vue'
import LearnPanel from './LearnPanel.vue'
import PlanCellPanel from './PlanCellPanel.vue'
import PlanSentence from './PlanSentence.vue'
import { usePlan } from './planStore'

const CELL = {
  formation: 'trips-open',
  standing: 'breaks',
  motion: 'across',
  meant: false,
  asked: 6,
  worst: 'Nobody has #3.',
  reason: 'Three are on one side.',
} as unknown as PlanCell
const FORMATIONS = [{ ...formationItem('trips-open', 11, ['across']), name: 'Trips open' }]

describe('a cell of the plan', () => {
  it('says the worst of it, after which motion, and that the call was not meant for it', async () => {
    const panel = mount(PlanCellPanel, { props: { call: 'Anvil Fog', cell: CELL, formations: FORMATIONS } })
    const text = panel.text().replace(/\s+/g, ' ')
    expect(text).toContain('Anvil Fog against Trips open')
    expect(text).toContain('breaks after across, worst of 6 phases; the call is not meant for it.')
    expect(text).toContain('Nobody has #3. Three are on one side.')
    await panel.find('button').trigger('click')
    expect(panel.emitted('open')).toHaveLength(1)
  })
  it('says that nothing is worse than a note', () => {
    const cell = { ...CELL, worst: undefined, motion: undefined, meant: true, standing: 'holds', asked: 1 } as never
    const text = mount(PlanCellPanel, { props: { call: 'Anvil Fog', cell, formations: FORMATIONS } }).text()
    expect(text.replace(/\s+/g, ' ')).toContain('holds, worst of 1 phase. Nothing worse than a note.')
  })
})

describe('what a plan asks to learn', () => {
  it('is told role by role and call by call, by their names', () => {
    const load = {
      roles: [{ role: 'nickel', rungs: 14 }],
      calls: [{ call: 'anvil-fog', rungs: 9, roles: 4, men: 3 }],
    }
    const panel = mount(LearnPanel, { props: { load: load as never, callName: (id) => id.toUpperCase() } })
    expect(panel.find('.count').text()).toBe('14 nickel')
    expect(panel.findAll('tbody tr > *').map((c) => c.text())).toEqual(['ANVIL-FOG', '9', '4', '3'])
  })
})

describe('the sentence of the plan', () => {
  beforeEach(() => {
    localStorage.clear()
    setActivePinia(createPinia())
  })
  it('says which calls against which formations, and each word of it can be chosen', async () => {
    const plan = usePlan()
    const sentence = mount(PlanSentence, { props: { all: 44, week: 7 } })
    const menu = (label: string) => sentence.findAllComponents(WordMenu).find((m) => m.props('label') === label)!
    expect(sentence.text()).toContain('44 formations')
    menu('Which formations').vm.$emit('pick', 'plan')
    menu('Motions').vm.$emit('pick', 'false')
    menu('Plays').vm.$emit('pick', 'true')
    await sentence.vm.$nextTick()
    expect([plan.against, plan.motions, plan.plays]).toEqual(['plan', false, true])
    expect(sentence.text()).toContain("this week's 7")
    expect(sentence.text()).toContain('as set')
    expect(sentence.text()).toContain('with every play run at it')
  })
})
