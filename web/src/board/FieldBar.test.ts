import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import FieldBar from './FieldBar.vue'

const bar = (over = {}) =>
  mount(FieldBar, {
    props: { layers: ['gaps'] as const, phases: 1, phase: 0, hidden: [], viewFrom: 'offence', placing: false, ...over },
  })
const button = (w: ReturnType<typeof bar>, words: string) => w.findAll('button').find((b) => b.text().includes(words))!

describe('the bar of the field', () => {
  it('says which layers are drawn and turns one', async () => {
    const wrapper = bar()
    expect(button(wrapper, 'gaps').attributes('aria-pressed')).toBe('true')
    expect(button(wrapper, 'areas').attributes('aria-pressed')).toBe('false')
    await button(wrapper, 'areas').trigger('click')
    expect(wrapper.emitted('toggle')).toEqual([['areas']])
  })
  it('turns the field round and lets men of the offence be placed', async () => {
    const wrapper = bar()
    await button(wrapper, 'from behind').trigger('click')
    await button(wrapper, 'offence').trigger('click')
    expect(wrapper.emitted('update:viewFrom')).toEqual([['defence']])
    await wrapper.findAll('button').at(-1)!.trigger('click')
    expect(wrapper.emitted('update:placing')?.[0]).toEqual([true])
  })
  it('counts what has no room, and shows the motion only when there is one', async () => {
    const wrapper = bar({ hidden: ['hook, 10 yd wide'] })
    expect(wrapper.find('.hidden').text()).toBe('1 label has no room')
    expect(wrapper.find('.phases').exists()).toBe(false)
    await wrapper.setProps({ phases: 2, hidden: ['a', 'b'] })
    await flushPromises()
    expect(wrapper.find('.hidden').text()).toBe('2 labels have no room')
    await button(wrapper, 'play it').trigger('click')
    expect(wrapper.emitted('play')).toHaveLength(1)
  })
})
