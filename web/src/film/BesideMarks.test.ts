import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { filmedPlay, gameSheet, playGrades, REEL } from '../testing/fixtures'
import { choose } from '../testing/menus'
import BesideMarks from './BesideMarks.vue'
import { useFilm } from './filmStore'
import { useGrades } from './gradeStore'

describe('what stands beside the marks', () => {
  beforeEach(() => {
    localStorage.clear()
    setActivePinia(createPinia())
    vi.stubGlobal('fetch', () => new Promise(() => undefined))
  })
  function fields() {
    const film = useFilm()
    film.game = gameSheet()
    film.reel = REEL
    film.play = filmedPlay()
    const grades = useGrades()
    grades.found = playGrades()
    vi.spyOn(grades, 'send').mockResolvedValue()
    return { grades, wrapper: mount(BesideMarks, { props: { job: 'nickel' } }) }
  }
  it('is a try at the carrier with its yards, and a ball thrown at him', async () => {
    const { grades, wrapper } = fields()
    expect(wrapper.find('input[type=number]').exists()).toBe(false)
    await choose(wrapper, 'Tackle', 'missed')
    await wrapper.find('input[type=number]').setValue('11')
    await choose(wrapper, 'Thrown at him', 'broken up')
    expect(grades.words('nickel')).toMatchObject({ tackle: { how: 'missed', afterContact: 11 }, thrown: 'broken up' })
    await wrapper.find('input[type=number]').setValue('')
    expect(grades.words('nickel').tackle).toEqual({ how: 'missed' })
    await choose(wrapper, 'Tackle', '')
    expect(grades.words('nickel').tackle).toBeUndefined()
  })
  it('names the play that was set up, and forgets it when it ended otherwise', async () => {
    const { grades, wrapper } = fields()
    await choose(wrapper, 'His own play', 'set up')
    expect(wrapper.text()).toContain('namely')
    grades.say('nickel', { setsUp: 12 })
    await choose(wrapper, 'His own play', 'loss')
    expect(grades.words('nickel')).toMatchObject({ outcome: 'loss' })
    expect(grades.words('nickel').setsUp).toBeUndefined()
    expect(wrapper.text()).not.toContain('namely')
  })
})
