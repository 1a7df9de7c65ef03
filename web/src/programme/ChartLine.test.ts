import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { ChartRole, RosterSheet } from '../api/types'
import ChartLine from './ChartLine.vue'

const role = { id: 'nickel', name: 'nickel', label: 'NB', fronts: ['Anvil'] } as unknown as ChartRole
function line() {
  const modelValue = {
    players: [
      { id: 'a', number: 23, name: 'Lomas', body: 'DB' },
      { id: 'b', number: 7, name: 'Birk', body: 'DB' },
    ],
    chart: [{ role: 'nickel', personnel: [], players: ['a'] }],
    pairs: [],
  } as unknown as RosterSheet
  const view = mount(ChartLine, { props: { role, pairs: [], roles: [role], modelValue } })
  return { modelValue, view, of: (label: string) => view.find(`[aria-label="${label}"]`) }
}

describe('a line of the depth chart', () => {
  it('takes numbers and names, first choice first', async () => {
    const { modelValue, of } = line()
    await of('Who plays nickel').setValue('7, Lomas')
    expect(modelValue.chart[0]!.players).toEqual(['b', 'a'])
  })
  it('says what it cannot read and leaves the chart as it was', async () => {
    const { modelValue, view, of } = line()
    await of('Who plays nickel').setValue('7, 99')
    expect(view.find('[role=alert]').text()).toContain('99')
    expect(of('Who plays nickel').attributes('aria-invalid')).toBe('true')
    expect(modelValue.chart[0]!.players).toEqual(['a'])
    await of('Who plays nickel').setValue('7')
    expect(view.find('[role=alert]').exists()).toBe(false)
  })
  it('has other men against other personnel', async () => {
    const { modelValue, view, of } = line()
    await of('Other men for nickel against personnel').setValue('22, 23')
    await view.setProps({ modelValue: { ...modelValue } })
    await of('Who plays nickel against 22 23').setValue('Birk')
    expect(modelValue.chart).toContainEqual(expect.objectContaining({ personnel: ['22', '23'], players: ['b'] }))
    expect(modelValue.chart[0]!.players).toEqual(['a'])
  })
})
