import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { job, part } from '../testing/fixtures'
import JobStrip from './JobStrip.vue'

const jobs = [
  job('weak', 'WS', -5),
  job('nickel', 'NB', 7, {
    align: part('align', 'outside end man 3 x 5', 'anvil/nickel/tight', [
      { fact: 'tight end right', answer: 'yes' },
      { fact: 'gun', answer: 'no' },
    ]),
  }),
]
const strip = (from: 'offence' | 'defence', over = {}) =>
  mount(JobStrip, {
    props: {
      jobs,
      from,
      layers: ['gaps', 'areas'] as const,
      changed: new Set<string>(),
      broken: new Set<string>(),
      ...over,
    },
  })

describe('job strip', () => {
  it('stands in field order, turned about from behind the defence', () => {
    expect(
      strip('offence')
        .findAll('.head b')
        .map((b) => b.text()),
    ).toEqual(['WS', 'NB'])
    expect(
      strip('defence')
        .findAll('.head b')
        .map((b) => b.text()),
    ).toEqual(['NB', 'WS'])
  })
  it('keeps a lateral x depth pair on one line and gives the facts that held', () => {
    const nickel = strip('offence').findAll('li')[1]!
    expect(nickel.find('.align').text()).toBe('outside end man 3\u00a0x\u00a05')
    expect(nickel.text()).toContain('anvil nickel tight: tight end right')
    expect(nickel.text()).not.toContain('gun')
  })
  it('marks the man picked, broken and changed', () => {
    const classes = strip('offence', { selected: 'weak', broken: new Set(['nickel']), changed: new Set(['nickel']) })
      .findAll('li')
      .map((l) => l.classes())
    expect(classes[0]).toContain('selected')
    expect(classes[1]).toEqual(expect.arrayContaining(['broken', 'changed']))
  })
  it('says who was picked', async () => {
    const wrapper = strip('offence')
    await wrapper.find('[data-job=nickel]').trigger('click')
    expect(wrapper.emitted('pick')).toEqual([['nickel']])
  })
})
