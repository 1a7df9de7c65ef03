import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Rubric } from '../api/types'
import { filmedPlay, gameSheet, job, playGrades, REEL, repRow, sheet } from '../testing/fixtures'
import { asked } from '../testing/asked'
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
  const panel = () => mount(GradePanel, { props: { facet: 'AL', frame: 24 }, global: { plugins: [asked()] } })
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
      criteria: [],
    })
  })
  it('is nobody while a man of theirs is in hand', () => {
    inHand().film.target = 'TE'
    expect(panel().text()).toContain('Choose a defender below')
  })
})

const BLOCK: Rubric = {
  id: 'backer-block',
  name: 'Linebacker against a block',
  digest: 'd',
  of: ['backer-block'],
  plays: 'run',
  instead: '',
  criteria: [
    { id: 'eyes', facet: 'KEY', name: 'Eyes', good: 'flow, then threat', fault: 'only one', leadsTo: 'blocked blind' },
    { id: 'pads', facet: 'TE', name: 'Pads', good: 'low', fault: 'high', leadsTo: 'driven' },
    { id: 'rip', facet: 'TE', name: 'Rip', good: 'violent', fault: 'weak', leadsTo: '' },
  ],
}
const byRubric = () =>
  playGrades({
    facets: [
      { facet: 'KEY', meaning: 'read' },
      { facet: 'TE', meaning: 'technique' },
      { facet: 'EF', meaning: 'effort and finish' },
    ],
    rubrics: [BLOCK],
    asked: [
      {
        job: 'nickel',
        told: [{ message: 'run', seconds: 0.8 }],
        taught: ['press own gap downhill'],
        toClick: 'his read shows from +0.90 s on',
        order: [],
        pace: 'his fastest 0.5 s on this play: 6.8 ± 1.1 yd/s, at +2.0 s',
        ofTheJob: ['AL', 'KEY', 'AS', 'TE'],
        rubrics: ['backer-block'],
      },
    ],
  })

describe('what he is graded by', () => {
  const panel = (facet: 'KEY' | 'TE', criterion?: { rubric: string; criterion: string }) =>
    mount(GradePanel, { props: { facet, criterion, frame: 30 }, global: { plugins: [asked()] } })
  const said = (w: { text: () => string }): string => w.text().replace(/\s+/g, ' ')
  it('is what his keys told him on the play, and what a facet means for him', () => {
    inHand(byRubric())
    const text = said(panel('KEY'))
    for (const words of [
      'On this play his keys tell him run (0.80 s): press own gap downhill.',
      'His read shows from +0.90 s on: click him there.',
      'Eyes: good: flow, then threat. Fault: only one → blocked blind.',
    ])
      expect(text).toContain(words)
  })
  it('is nothing about his keys while nobody logged the play, and that is said', () => {
    const found = byRubric()
    inHand({ ...found, untold: 'what they ran is not in the log', asked: [{ ...found.asked[0]!, told: [] }] })
    expect(said(panel('KEY'))).toContain('What they ran is not in the log.')
  })
  it('is ticked criterion by criterion, and proposes what that comes to', async () => {
    const { grades } = inHand(byRubric())
    const wrapper = panel('TE', { rubric: 'backer-block', criterion: 'pads' })
    const pads = wrapper.find('[data-criterion=pads]')
    expect(said(pads)).toContain('good: low. Fault: high → driven.')
    await pads.find('[aria-label="Pads below standard"]').trigger('click')
    expect(grades.words('nickel').criteria).toEqual([{ rubric: 'backer-block', criterion: 'pads', mark: '-' }])
    expect(grades.graded('nickel')).toBe(true)
    const technique = { job: 'nickel', facet: 'TE' as const, mark: '-' as const, measured: '0 of 1 criteria' }
    grades.found = { ...grades.found!, mine: [repRow({ technique })] }
    expect(grades.proposed('nickel')).toContainEqual(technique)
  })
  it('is walked through by key, within technique', () => {
    const { grades } = inHand(byRubric())
    const grading = useGrading()
    grading.choose('TE')
    grading.walk(1)
    expect(grading.criterion.value).toEqual({ rubric: 'backer-block', criterion: 'pads' })
    grading.mark('=')
    grading.mark('+')
    expect(grades.words('nickel').criteria.map((c) => [c.criterion, c.mark])).toEqual([
      ['pads', '='],
      ['rip', '+'],
    ])
    expect([grading.facet.value, grading.criterion.value]).toEqual(['EF', undefined])
    grading.walk(-1)
    grading.mark(undefined)
    expect(grades.words('nickel').criteria).toHaveLength(1)
  })
  it('is followed by a correction: the frame, what to do instead, the drill', async () => {
    const { film, grades } = inHand()
    film.game = gameSheet()
    const wrapper = panel('KEY')
    await wrapper.find('.correction button').trigger('click')
    expect(grades.words('nickel').correction).toEqual({ wrongAt: { game: film.game.id, reel: REEL.id, frame: 30 } })
    const drill = wrapper.findAll('.correction textarea').at(-1)!
    await drill.setValue('two-gap shuffle')
    await drill.trigger('blur')
    expect(grades.words('nickel').correction?.drill).toBe('two-gap shuffle')
    await wrapper.findAll('.correction button').at(0)!.trigger('click')
    expect(wrapper.emitted('go')).toEqual([[30]])
    await drill.setValue('')
    await drill.trigger('blur')
    await wrapper.findAll('.correction button').at(2)!.trigger('click')
    expect(grades.words('nickel').correction).toBeUndefined()
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
  it('did his job by one key: as proposed where that is told, to standard where it is not, as far as he is not marked', () => {
    const asks = { told: [], taught: [], toClick: '', order: [], pace: '', rubrics: [] }
    const { film, grades } = inHand(
      playGrades({
        asked: [
          { ...asks, job: 'nickel', ofTheJob: ['AL', 'KEY', 'AS', 'TE'] },
          { ...asks, job: 'mike', ofTheJob: ['AL', 'AS', 'TE'] },
        ],
        proposals: [
          { job: 'nickel', facet: 'AL', mark: '-', measured: 'Out' },
          { job: 'nickel', facet: 'KEY', mark: 'n/a', measured: 'not told' },
          { job: 'nickel', facet: 'GO', mark: 'n/a', measured: 'not told' },
        ],
      }),
    )
    const grading = useGrading()
    grading.otherwise('AS')
    grading.otherwise('AS')
    grading.didHisJob()
    const marks = (man: string): string[] =>
      grades
        .words(man)
        .marks.map((m) => `${m.facet} ${m.mark}`)
        .sort()
    expect(marks('nickel')).toEqual(['AL -', 'AS -', 'GO n/a', 'KEY =', 'TE ='])
    // who is asked no key read none
    expect(film.target).toBe('mike')
    grading.didHisJob()
    expect(marks('mike')).toEqual(['AL =', 'AS =', 'TE ='])
  })
  it('is not as proposed by one key, and the next man by another: what was said stands', () => {
    const { film, grades } = inHand()
    const grading = useGrading()
    expect(grades.proposed('nickel').find((p) => p.facet === 'AL')!.mark).toBe('-')
    grading.otherwise('AL')
    grading.whole('=')
    expect(grades.markOf('nickel', 'AL')).toBe('=')
    expect(grades.markOf('nickel', 'TE')).toBe('=')
    expect(film.target).not.toBe('nickel')
  })
  it('takes one key for a man of whom all but technique is proposed', () => {
    const { film, grades } = inHand()
    const grading = useGrading()
    const proposed = grades.proposed('nickel').map((p) => [p.facet, p.mark])
    expect(proposed.length).toBeGreaterThan(0)
    grading.whole('-')
    expect(grades.markOf('nickel', 'TE')).toBe('-')
    expect(proposed.map(([facet]) => [facet, grades.markOf('nickel', facet as never)])).toEqual(proposed)
    expect(film.target).toBe('mike')
    film.target = 'nickel'
    grading.whole('-')
    expect(grades.markOf('nickel', 'TE')).toBe('-')
  })
})
