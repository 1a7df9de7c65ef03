import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { RosterSheet } from '../api/types'
import { choose } from '../testing/menus'
import SquadTable from './SquadTable.vue'

const sheet = (): RosterSheet =>
  ({
    players: [
      { id: 'a', number: 23, name: 'Lomas', body: 'DB' },
      { id: 'b', number: 7, name: 'Birk', body: 'DB' },
    ],
    chart: [{ role: 'nickel', personnel: [], players: ['a', 'b'] }],
    pairs: [],
  }) as unknown as RosterSheet
function squad() {
  const modelValue = sheet()
  const accounts = [{ username: 'lind', displayName: 'Lind' }]
  return { modelValue, view: mount(SquadTable, { props: { modelValue, accounts } }) }
}

describe('the squad', () => {
  it('takes a man out of roster and chart alike', async () => {
    const { modelValue, view } = squad()
    await view.find('[aria-description="Erase Lomas from roster and chart"]').trigger('click')
    expect(modelValue.players.map((p) => p.name)).toEqual(['Birk'])
    expect(modelValue.chart[0]!.players).toEqual(['b'])
  })
  it('adds a man under an id of his own', async () => {
    const { modelValue, view } = squad()
    await view
      .findAll('button')
      .find((b) => b.text() === 'Add a man')!
      .trigger('click')
    expect(modelValue.players).toHaveLength(3)
    expect(new Set(modelValue.players.map((p) => p.id)).size).toBe(3)
  })
  it('says which account is his, or that he has none', async () => {
    const { modelValue, view } = squad()
    await choose(view, 'How Lomas signs in', 'lind')
    expect(modelValue.players[0]!.account).toBe('lind')
    await choose(view, 'How Lomas signs in', '')
    expect(modelValue.players[0]!.account).toBeUndefined()
  })
  it('takes an alias, and none where it is emptied', async () => {
    const { modelValue, view } = squad()
    const alias = view.find('[aria-label="Alias of Birk"]')
    await alias.setValue(' Seven ')
    expect(modelValue.players[1]!.alias).toBe('Seven')
    await alias.setValue('')
    expect(modelValue.players[1]!.alias).toBeUndefined()
  })
  it('takes a weight as a number and its absence as none', async () => {
    const { modelValue, view } = squad()
    const weight = view.find('[aria-label="Weight of Birk, pounds"]')
    await weight.setValue('185')
    expect(modelValue.players[1]!.weight).toBe(185)
    await weight.setValue('')
    expect(modelValue.players[1]!.weight).toBeUndefined()
  })
})
