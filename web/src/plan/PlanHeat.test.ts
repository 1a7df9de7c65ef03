import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Choices, PlanCell } from '../api/types'
import type { PlanRow } from './planStore'
import PlanHeat from './PlanHeat.vue'

const cell = (formation: string, over: Partial<PlanCell>): PlanCell =>
  ({ call: 'fog', formation, standing: 'holds', busts: 0, weak: 0, meant: true, phases: 1, ...over }) as PlanCell
const rows = [
  {
    call: { id: 'fog', name: 'Anvil Fog' },
    cells: [
      cell('ace', { standing: 'breaks', busts: 3, worst: 'nobody has #3' }),
      cell('trips', { standing: 'unknown', meant: false }),
    ],
  },
] as unknown as PlanRow[]
const formations = [
  { id: 'ace', name: 'Ace' },
  { id: 'trips', name: 'Trips' },
] as Choices['formations']

describe('calls by formations', () => {
  const heat = () => mount(PlanHeat, { props: { rows, formations, modelValue: { row: 0, column: 0 } } })
  it('counts what breaks and says it in words, for eye and ear the same', () => {
    const [breaks, unknown] = heat().findAll('.cell')
    expect(breaks!.text()).toBe('3')
    expect(breaks!.attributes('aria-label')).toMatch(/Anvil Fog.*Ace.*: nobody has #3$/)
    expect(breaks!.attributes('data-hint')).toBe(breaks!.attributes('aria-label'))
    expect(unknown!.text()).toBe('?')
    expect(unknown!.classes()).toContain('other')
  })
  it('is one stop of the keys, and the hand moves it', async () => {
    const view = heat()
    expect(view.findAll('.cell').map((c) => c.attributes('tabindex'))).toEqual(['0', '-1'])
    await view.findAll('.cell')[1]!.trigger('click')
    expect(view.emitted('update:modelValue')).toEqual([[{ row: 0, column: 1 }]])
    await view.findAll('.cell')[1]!.trigger('dblclick')
    expect(view.emitted('open')).toHaveLength(1)
  })
})
