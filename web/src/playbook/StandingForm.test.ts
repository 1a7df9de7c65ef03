import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { PlaybookItem } from '../api/types'
import { playbookItem } from '../testing/fixtures'
import { usePlaybook } from './playbookStore'
import StandingForm from './StandingForm.vue'

const ITEM = playbookItem({ revision: 2, install: 'installed', published: false, version: 3 })
function form(over: Partial<PlaybookItem> = {}) {
  const stand = vi.spyOn(usePlaybook(), 'stand').mockResolvedValue()
  return { view: mount(StandingForm, { props: { item: { ...ITEM, ...over } } }), stand }
}

describe('how far a document has come', () => {
  beforeEach(() => setActivePinia(createPinia()))
  it('is said with a switch', async () => {
    const { view, stand } = form()
    expect((view.findAll('input')[1]!.element as HTMLInputElement).checked).toBe(true)
    await view.findAll('input')[2]!.setValue(true)
    expect(stand).toHaveBeenCalledWith(expect.objectContaining({ id: 'anvil-fog' }), { install: 'plan' })
  })
  it('is published and retired in words', async () => {
    const { view, stand } = form()
    const [publish, retire] = view.findAll('.link')
    await publish!.trigger('click')
    await retire!.trigger('click')
    expect(stand.mock.calls.map(([, change]) => change)).toEqual([{ published: true }, { retired: true }])
  })
  it('is not asked of a play, which is not taught', () => {
    const { view } = form({ kind: 'run', revision: 0 })
    expect(view.findAll('input')).toHaveLength(0)
    expect(view.text()).toContain('Nobody runs it: put it away')
  })
})
