import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import PanelTabs from './PanelTabs.vue'

describe('what stands at the right of the field', () => {
  it('has changes only where something moved, and says which is chosen', async () => {
    const wrapper = mount(PanelTabs, { props: { moved: false, modelValue: 'findings' } })
    const names = () => wrapper.findAll('label').map((l) => l.text())
    expect(names()).toEqual(['Findings', 'Plays', 'Rules'])
    await wrapper.setProps({ moved: true })
    expect(names()).toEqual(['Findings', 'Changes', 'Plays', 'Rules'])
    await wrapper.findAll('input')[2]!.setValue(true)
    expect(wrapper.emitted('update:modelValue')).toEqual([['plays']])
  })
})
