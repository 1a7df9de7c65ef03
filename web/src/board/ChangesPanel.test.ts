import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { ChangeRow } from '../api/types'
import ChangesPanel from './ChangesPanel.vue'

const row = (job: string, part: string, told: string, because: string[]): ChangeRow => ({
  job,
  name: `${job} safety`,
  label: job.toUpperCase(),
  part,
  was: `${part} before`,
  is: part,
  told,
  because,
})

describe('what a motion changed', () => {
  it('tells each man once, with what he was told before and why', async () => {
    const changes = [
      row('weak', 'run', 'You are force now.', ['tight end left: yes']),
      row('weak', 'align', 'Stand at 3 x 6.', ['tight end left: yes']),
      row('free', 'pass', 'You have the middle third.', ['wing right: no']),
    ]
    const wrapper = mount(ChangesPanel, { props: { changes, answer: 'rotate', selected: 'free' } })
    expect(wrapper.find('h2').text()).toContain('2 men')
    expect(wrapper.text()).toContain('The call answers: rotate.')
    const men = wrapper.findAll('li')
    expect(men[0]!.text()).toContain('weak safety')
    expect(men[0]!.text()).toContain('You are force now. was run before')
    expect(men[0]!.text().match(/tight end left/g)).toHaveLength(1)
    expect(men.map((m) => m.classes('dim'))).toEqual([true, false])
    await men[0]!.find('button').trigger('click')
    expect(wrapper.emitted('pick')).toEqual([['weak']])
  })
  it('says that nobody changed', () => {
    expect(mount(ChangesPanel, { props: { changes: [] } }).text()).toContain("Nobody's job changed.")
  })
})
