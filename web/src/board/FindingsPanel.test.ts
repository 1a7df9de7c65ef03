import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { finding, job, sheet } from '../testing/fixtures'
import FindingsPanel from './FindingsPanel.vue'

describe('findings', () => {
  it('are counted by severity, numbered, and lead to their man', async () => {
    const wrapper = mount(FindingsPanel, { props: { sheet: sheet([job('mike', 'M', 1)], [finding('bust', 'Nobody has the B gap.', ['mike']), finding('note', 'One.'), finding('note', 'Two.')]) } })
    expect(wrapper.find('h2').text()).toContain('1 bust · 2 notes')
    expect(wrapper.findAll('.n').map((n) => n.text())).toEqual(['1', '2', '3'])
    await wrapper.find('li button').trigger('click')
    expect(wrapper.emitted('pick')).toEqual([['mike']])
    expect(wrapper.findAll('li button')[1]!.attributes('disabled')).toBeDefined()
  })
  it('say so when there are none, and an unowned gap shows in the ledger', () => {
    const text = mount(FindingsPanel, { props: { sheet: sheet([job('mike', 'M', 1)]) } }).text()
    expect(text).toContain('nothing found')
    expect(text).toContain('1 of 2 owned once')
    expect(text).toContain('TE #2 right: nobody')
  })
})
