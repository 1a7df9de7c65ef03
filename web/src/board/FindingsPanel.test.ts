import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { RuleAnswer } from '../api/types'
import { finding, job, sheet } from '../testing/fixtures'
import { grouped } from './findings'
import FindingsPanel from './FindingsPanel.vue'

describe('findings', () => {
  it('are counted by severity, numbered, and lead to their man', async () => {
    const wrapper = mount(FindingsPanel, {
      props: {
        sheet: sheet([job('mike', 'M', 1)]),
        groups: grouped(
          [finding('bust', 'Nobody has the B gap.', ['mike']), finding('note', 'One.'), finding('note', 'Two.')],
          [],
        ),
        mayWrite: true,
      },
    })
    expect(wrapper.find('h2').text()).toContain('1 bust · 2 notes')
    expect(wrapper.findAll('.n').map((n) => n.text())).toEqual(['1', '2', '3'])
    expect(wrapper.findAll('.why')).toHaveLength(1)
    expect(wrapper.findAll('.try:not(.quiet)')).toHaveLength(1)
    await wrapper.find('li button').trigger('click')
    expect(wrapper.findAll('.why')).toHaveLength(0)
    expect(wrapper.emitted('pick')).toEqual([['mike']])
    expect(wrapper.emitted('point')).toContainEqual(['gaps/Nobody has the B gap.'])
    await wrapper.find('li:last-child button').trigger('click')
    expect(wrapper.find('.why').text()).toContain('because')
  })
  it('say so when there are none, and an unowned gap shows in the ledger', () => {
    const text = mount(FindingsPanel, { props: { sheet: sheet([job('mike', 'M', 1)]), groups: [] } }).text()
    expect(text).toContain('nothing found')
    expect(text).toContain('1 of 2 owned once')
    expect(text).toContain('TE #2 right: nobody')
  })
  it('are muted only with a reason, and said again', async () => {
    const groups = grouped([finding('weak', 'Late.', ['mike'])], [])
    const wrapper = mount(FindingsPanel, {
      props: { sheet: sheet([job('mike', 'M', 1)]), groups, mayWrite: true, pointed: 'gaps Late.' },
    })
    await wrapper.find('.quiet').trigger('click')
    expect(wrapper.find('.mute .button').attributes('disabled')).toBeDefined()
    await wrapper.find('.mute input').setValue('They never run it.')
    await wrapper.find('.mute').trigger('submit')
    expect(wrapper.emitted('mute')).toEqual([[groups[0]!.listed[0]!.finding, 'They never run it.']])
    const muted = {
      id: 7,
      call: 'c',
      finding: 'gaps/Late.',
      title: 'Late.',
      reason: 'They never run it.',
      mutedBy: 'marrow',
      mutedAt: '',
    }
    await wrapper.setProps({ groups: grouped([finding('weak', 'Late.', ['mike'])], [muted]) })
    await wrapper.find('[data-finding]').trigger('click')
    expect(wrapper.text()).toContain('Muted by marrow: They never run it.')
    await wrapper.find('.quiet').trigger('click')
    expect(wrapper.emitted('unmute')).toEqual([[7]])
  })
  it('answer each rule: what holds, what breaks, what nobody can tell', () => {
    const rules: RuleAnswer[] = [
      { rule: 'gaps', title: 'Each gap has one owner', answer: 'holds', reason: '7 gaps.' },
      {
        rule: 'tells',
        title: 'The picture gives nothing away',
        answer: 'cannot tell',
        reason: 'no other call',
      },
    ]
    const wrapper = mount(FindingsPanel, { props: { sheet: sheet([job('mike', 'M', 1)]), groups: [], rules } })
    expect(wrapper.find('summary').text()).toContain('1 of 2 rules hold')
    expect(wrapper.find('.rules').text()).toContain('cannot tell: no other call')
  })
})
