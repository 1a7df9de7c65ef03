import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { expect, it } from 'vitest'
import { filmedPlay, job, playGrades, repRow, sheet } from '../testing/fixtures'
import { useGrades } from './gradeStore'
import GradeStrip from './GradeStrip.vue'

it('shows asked, measured, proposed and graded of each man', () => {
  setActivePinia(createPinia())
  const proposal = playGrades().proposals[0]!
  useGrades().found = playGrades({
    proposals: [proposal, { ...proposal, job: 'mike' }],
    mine: [repRow({ marks: [{ facet: 'AL', mark: '=' }] })],
  })
  const play = filmedPlay({
    sheet: sheet([job('nickel', 'NB', 7), job('mike', 'M', 1), job('will', 'W', -3)]),
    verdicts: [{ job: 'nickel', outcome: 'out', words: 'Out: 0.8 yd wide (± 0.4)', nominal: ['TE'] }],
    measured: [{ man: 'nickel', x: -8.84, y: 5.02, sigmaX: 0.1, sigmaY: 0.1, insideHull: true }],
    apart: [{ man: 'will', yards: 1.34 }],
  })
  const wrapper = mount(GradeStrip, { props: { play, marked: new Set(['nickel', 'mike']) } })
  const [nickel, mike, will] = wrapper.findAll('li')
  expect(nickel!.classes()).toContain('out')
  expect(nickel!.text()).toContain('stood 8.8 left')
  expect(nickel!.text()).toContain("against the sheet's place of TE")
  expect(nickel!.find('.grades').text()).toBe('AL\u00a0=')
  expect(mike!.find('.grades').text()).toBe('AL\u00a0-?')
  expect(mike!.text()).toContain('clicked; solve the view first')
  expect(will!.text()).toContain('the sides put him 1.3 yd apart')
})
