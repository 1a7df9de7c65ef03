import { mount } from '@vue/test-utils'
import { expect, it } from 'vitest'
import type { GradeRow } from '../api/types'
import { job, sheet, snapSheet } from '../testing/fixtures'
import VerdictStrip from './VerdictStrip.vue'

it('shows asked, measured, verdict and grade of each man', async () => {
  const snap = snapSheet({
    sheet: sheet([job('nickel', 'NB', 7), job('mike', 'M', 1)]),
    verdicts: [{ job: 'nickel', outcome: 'out', words: 'Out: 0.8 yd wide (± 0.4)', nominal: ['TE'] }],
    measured: [{ man: 'nickel', x: -8.84, y: 5.02, sigmaX: 0.1, sigmaY: 0.1, insideHull: true }],
  })
  const grades = [{ job: 'nickel', mark: '-', overruled: '=' }] as GradeRow[]
  const wrapper = mount(VerdictStrip, { props: { snap, marked: new Set(['nickel', 'mike']), grades, mayMark: true } })
  const [nickel, mike] = wrapper.findAll('li')
  expect(nickel!.classes()).toContain('out')
  expect(nickel!.text()).toContain('stood 8.8 left')
  expect(nickel!.text()).toContain("against the sheet's place of TE")
  expect(nickel!.find('.grade').text()).toBe('AL = overruled')
  expect(mike!.text()).toContain('clicked; solve the view first')
  await nickel!.find('.grade').trigger('click')
  expect(wrapper.emitted('overrule')).toHaveLength(1)
})
