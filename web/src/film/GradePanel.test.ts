import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { filmedPlay, job, playGrades, REEL, repRow, sheet } from '../testing/fixtures'
import { choose } from '../testing/menus'
import { useFilm } from './filmStore'
import GradePanel from './GradePanel.vue'
import { useGrades } from './gradeStore'
import { useGrading } from './useGrading'

function inHand(found = playGrades()) {
  const film = useFilm()
  film.reel = REEL
  film.play = filmedPlay({ sheet: sheet([job('nickel', 'NB', 7), job('mike', 'M', 1), job('will', 'W', -3)]) })
  film.mode = 'grade'
  film.target = 'nickel'
  const grades = useGrades()
  grades.found = found
  vi.spyOn(grades, 'send').mockResolvedValue()
  return { film, grades }
}
beforeEach(() => {
  localStorage.clear()
  setActivePinia(createPinia())
  vi.stubGlobal('fetch', () => new Promise(() => undefined))
})

describe('the man who is graded', () => {
  const panel = () => mount(GradePanel, { props: { facet: 'AL' } })
  it('is shown with what he was asked, what is proposed, and what others said', () => {
    inHand(
      playGrades({ others: [repRow({ grader: 'abara', marks: [{ facet: 'KEY', mark: '+' }] })], waiting: ['tillery'] }),
    )
    const text = panel().text().replace(/\s+/g, ' ')
    for (const words of [
      'NB nickel',
      '0 of 3 men graded',
      'align of nickel',
      'Out: 1.8 yd wide (± 0.3)',
      'abara says +',
      'tillery graded men here too',
    ])
      expect(text).toContain(words)
  })
  it('is marked by the pointer, with flags, an outcome, a note and whom the fault is laid on', async () => {
    const { grades } = inHand()
    const wrapper = panel()
    const alignment = wrapper.find('[data-facet=AL]')
    expect(alignment.find('.proposed').text()).toBe('-')
    await alignment.find('[aria-label="AL to standard"]').trigger('click')
    expect(alignment.find('[aria-pressed=true]').text()).toBe('=')
    expect(alignment.find('.proposed').exists()).toBe(false)
    await wrapper.find('input[type=checkbox]').setValue(true)
    await choose(wrapper, 'His own play', 'neutral')
    await choose(wrapper, 'A fault is laid on', 'call or teaching')
    await wrapper.find('textarea').setValue('two jobs at once')
    await wrapper.find('textarea').trigger('blur')
    expect(grades.words('nickel')).toEqual({
      marks: [{ facet: 'AL', mark: '=' }],
      flags: ['missed assignment'],
      outcome: 'neutral',
      target: 'call or teaching',
      note: 'two jobs at once',
      extraCredit: false,
    })
  })
  it('is nobody while a man of theirs is in hand', () => {
    inHand().film.target = 'TE'
    expect(panel().text()).toContain('Choose a defender below')
  })
})

describe('grading by key', () => {
  it('goes from facet to facet, and by a yes to the next man who has no grade', () => {
    const { film, grades } = inHand()
    const grading = useGrading()
    grading.mark('+')
    expect(grading.facet.value).toBe('KEY')
    grading.mark('-')
    expect([grades.markOf('nickel', 'AL'), grades.markOf('nickel', 'KEY')]).toEqual(['+', '-'])
    grading.walk(-1)
    grading.mark('-')
    expect(grades.markOf('nickel', 'KEY')).toBeUndefined()
    expect(grading.facet.value).toBe('KEY')
    film.target = 'mike'
    grading.mark('=')
    film.target = 'nickel'
    grading.confirm()
    expect(film.target).toBe('will')
    expect(grading.facet.value).toBe('AL')
    grading.confirm()
    expect(film.target).toBe('nickel')
  })
})
