import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, it, vi } from 'vitest'
import { filmedPlay, playGrades, REEL } from '../testing/fixtures'
import { useFilm } from './filmStore'
import { useGrades } from './gradeStore'
import MomentPanel from './MomentPanel.vue'

function panel() {
  const film = useFilm()
  film.reel = REEL
  film.play = filmedPlay({ timesApart: ['man moves of nickel, 0.30 s'] })
  film.target = 'nickel'
  film.mode = 'time'
  film.work = {
    past: [],
    now: {
      firstFrame: 0,
      snapFrame: 0,
      points: [],
      marks: [],
      drawn: [],
      seen: [
        { what: 'man moves', man: 'nickel', frame: 1 },
        { what: 'man moves', man: 'mike', frame: 2 },
      ],
    },
    future: [],
  }
  const see = vi.spyOn(film, 'see').mockImplementation(() => undefined)
  useGrades().found = playGrades({
    asked: [
      {
        job: 'nickel',
        told: [],
        taught: [],
        toClick: '',
        pace: '',
        ofTheJob: [],
        rubrics: [],
        order: ['hips opened 0.20 s before the receiver declared'],
      },
    ],
  })
  const wrapper = mount(MomentPanel, {
    props: { frame: 3, times: [0, 0.033, 0.067, 0.1] },
    global: { stubs: { NotSaved: true } },
  })
  return { wrapper, see }
}
const text = (w: { text: () => string }): string => w.text().replace(/\s+/g, ' ')
beforeEach(() => setActivePinia(createPinia()))

it('shows when his moments were and what they tell, and goes to them', async () => {
  const { wrapper } = panel()
  const moves = wrapper.findAll('li').find((l) => l.text().includes('man moves'))!
  expect(text(moves)).toContain('+0.03 s')
  await moves.find('.when').trigger('click')
  expect(wrapper.emitted('go')).toEqual([[1]])
  expect(text(wrapper)).toContain('hips opened 0.20 s before the receiver declared')
  expect(text(wrapper)).toContain('The sides do not agree when: man moves of nickel, 0.30 s apart')
})
it('marks a moment of the man in hand, or of the play, in the frame shown', async () => {
  const { wrapper, see } = panel()
  const button = (name: string) => wrapper.findAll('section button').find((b) => b.text().endsWith(name))!
  await button('contact').trigger('click')
  await button('back commits').trigger('click')
  expect(see.mock.calls).toEqual([
    ['contact', 3],
    ['back commits', 3],
  ])
})
