import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import PlayHead from './PlayHead.vue'

const head = (over = {}) =>
  mount(PlayHead, {
    props: {
      kind: 'option',
      name: 'Zone bubble',
      mayWrite: true,
      standing: 'revision 2',
      ours: true,
      changed: false,
      maySave: false,
      mayUndo: false,
      said: '',
      ...over,
    },
    global: { stubs: { RouterLink: { template: '<a><slot /></a>' } } },
    attachTo: document.body,
  })
const buttons = (w: ReturnType<typeof head>) => w.findAll('button').map((b) => b.text())

describe('the head of a play', () => {
  it('says what it is, and saves only what changed', async () => {
    const wrapper = head()
    expect(wrapper.text()).toContain('Run-pass option')
    expect(wrapper.text()).toContain('revision 2')
    expect(buttons(wrapper)).toEqual(['Save S', 'Keep as our own'])
    expect(wrapper.find('button').attributes('disabled')).toBeDefined()
    await wrapper.setProps({ changed: true, maySave: true, mayUndo: true })
    expect(buttons(wrapper)).toEqual(['Save S', 'Keep as our own', 'Take all back', 'Undo Z'])
    for (const button of wrapper.findAll('button')) await button.trigger('click')
    expect(wrapper.emitted('write')).toEqual([[false], [true]])
    expect([wrapper.emitted('back'), wrapper.emitted('undo')]).toEqual([[[]], [[]]])
    await wrapper.find('input').setValue('Zone flat')
    expect(wrapper.emitted('name')).toEqual([['Zone flat']])
  })
  it('offers what ships to be kept as our own, and tells what was done until something changes', async () => {
    const wrapper = head({ ours: false, standing: 'from the catalogue', said: 'Kept.' })
    expect(buttons(wrapper)).toEqual(['Keep as our own'])
    expect(wrapper.find('[role=status]').text()).toBe('Kept.')
    await wrapper.setProps({ changed: true })
    expect(wrapper.find('[role=status]').exists()).toBe(false)
  })
  it('lets nothing be written by who may not, and gives the hand to the name when asked', () => {
    const wrapper = head({ mayWrite: false })
    expect(wrapper.find('button').exists()).toBe(false)
    expect(wrapper.find('input').attributes('readonly')).toBeDefined()
    ;(wrapper.vm as unknown as { toName: () => void }).toName()
    expect(document.activeElement).toBe(wrapper.find('input').element)
  })
})
