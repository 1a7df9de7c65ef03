import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { client } from '../api/client'
import { useLists } from '../shell/lists'
import {
  angleSheet,
  callItem,
  choicesOf,
  filmedPlay,
  formationItem,
  gameFilm,
  gameSheet,
  job,
  REEL,
  sheet,
} from '../testing/fixtures'
import { choose, menu } from '../testing/menus'
import ClickPanel from './ClickPanel.vue'
import { useFilm } from './filmStore'
import PlaySentence from './PlaySentence.vue'

const KNOWN = [
  { name: 'left hash, 40', x: -3, y: 10 },
  { name: 'right hash, 40', x: 3, y: 10 },
]
const text = (w: { text: () => string }): string => w.text().replace(/\s+/g, ' ')
async function inHand(marks: { man: string; xPixels: number; yPixels: number }[] = []) {
  const offence = [{ name: 'TE', post: 'eligible', feet: { x: 4, y: 0 } }]
  const play = filmedPlay(
    { known: KNOWN, sheet: { ...sheet([job('nickel', 'NB', 7), job('mike', 'M', 1)]), offence } as never },
    { points: [{ name: 'left hash, 40', xPixels: 4, yPixels: 4 }], marks },
  )
  const answers: Record<string, unknown> = {
    '/api/games/{id}': gameSheet(),
    '/api/games/{game}/film': gameFilm(),
    '/api/reels/{id}': REEL,
  }
  vi.spyOn(client, 'GET').mockImplementation(((path: string) =>
    Promise.resolve({ data: answers[path] ?? play, response: new Response() })) as never)
  const film = useFilm()
  vi.spyOn(useLists(), 'load').mockResolvedValue()
  await film.open(7)
  return film
}
beforeEach(() => {
  localStorage.clear()
  setActivePinia(createPinia())
})
afterEach(() => vi.restoreAllMocks())

describe('what is clicked next', () => {
  const panel = (frame = 24) =>
    mount(ClickPanel, {
      props: { frame },
      global: { stubs: { MiniField: true, SolvedView: true, NotSaved: true, PlayLogFields: true } },
    })
  it('is a known place of the field while the view is calibrated; what is done is said', async () => {
    const film = await inHand()
    film.mode = 'calibrate'
    const wrapper = panel()
    expect(text(wrapper)).toContain('Click in the picture: right hash, 40.')
    expect(
      menu(wrapper, 'Place')
        .props('options')
        .map((o) => o.name),
    ).toEqual(['done: left hash, 40', 'right hash, 40'])
    film.clickAt(5, 6, 24)
    await nextTick()
    expect(film.now!.points.at(-1)).toMatchObject({ name: 'right hash, 40', xPixels: 5 })
    expect(text(wrapper)).toContain('Every place near the ball is clicked')
    await choose(wrapper, 'Place', 'left hash, 40')
    expect(text(wrapper)).toContain('Click in the picture: left hash, 40.')
  })
  it('takes off what a corrected log has no place for', async () => {
    const film = await inHand()
    film.play = { ...film.play!, angles: [angleSheet({ ...film.angle!, noPlaces: ['left hash, 40'] })] }
    const wrapper = panel()
    expect(text(wrapper)).toContain('Clicked, but not on this field: left hash, 40.')
    await wrapper
      .findAll('button')
      .find((b) => b.text() === 'Take it off')!
      .trigger('click')
    expect(film.now!.points).toEqual([])
  })
  it('is the feet of a man, in the order of the men; who is marked is shown as done', async () => {
    const film = await inHand([{ man: 'nickel', xPixels: 1, yPixels: 1 }])
    film.mode = 'mark'
    film.target = 'nickel'
    const wrapper = panel()
    expect(text(wrapper)).toContain('Click between the feet of NB nickel.')
    const men = wrapper.findAll('.men button')
    expect(men.find((m) => m.text() === 'NB')!.classes('done')).toBe(true)
    await men.find((m) => m.text() !== 'NB')!.trigger('click')
    expect(film.target).not.toBe('nickel')
  })
  it('names marks of men who are not in this formation, and takes them off', async () => {
    const film = await inHand([
      { man: 'nickel', xPixels: 1, yPixels: 1 },
      { man: 'H', xPixels: 2, yPixels: 2 },
    ])
    film.mode = 'mark'
    const set = vi.spyOn(film, 'set').mockImplementation(() => undefined)
    const wrapper = panel()
    expect(text(wrapper)).toContain('Marked, but not in this formation or call: H. Take it off')
    await wrapper.find('p .link').trigger('click')
    expect(set.mock.calls[0]![0].marks.map((m) => m.man)).toEqual(['nickel'])
  })
  it('is where the ball moves, on a reel that the play is not cut out of yet', async () => {
    const film = await inHand()
    film.reel = { ...REEL, id: 4 }
    const wrapper = panel()
    expect(text(wrapper)).toContain(
      'Play 1 is not on this reel yet. Step to the frame where the ball moves; S goes there',
    )
    await wrapper.find('button.main').trigger('click')
    await wrapper.findAll('button').at(-1)!.trigger('click')
    expect([wrapper.emitted('also'), wrapper.emitted('add')]).toEqual([[[]], [[]]])
  })
  it('is measured after the snap as if the camera stood, until a place says so', async () => {
    const film = await inHand([{ man: 'nickel', xPixels: 1, yPixels: 1 }])
    film.mode = 'mark'
    film.target = 'nickel'
    expect(panel(30).find('.men .done').exists()).toBe(false)
    expect(text(panel(30))).toContain('as if the camera stood as at the snap')
    expect(text(panel(20))).toContain('Click again who stands as he stands at the snap')
    expect(film.menIn(20)).toEqual(['nickel'])
    film.play = { ...film.play!, stillBefore: 0.01 }
    expect(text(panel(20))).toContain('may move until then: press J')
    film.play = {
      ...film.play,
      angles: [
        angleSheet({ stills: [{ frame: 30, seconds: 0.2, trouble: 'it turned', checked: false, elsewhere: [] }] }),
      ],
    }
    expect(text(panel(30))).toContain('Nobody is measured in it: it turned.')
    film.play = {
      ...film.play,
      angles: [
        angleSheet({ stills: [{ frame: 20, seconds: -0.1, trouble: '', checked: true, elsewhere: ['nickel'] }] }),
      ],
    }
    expect(text(panel(20))).toContain(
      'Not clicked in the same place at the snap, and so not told better by this frame: NB',
    )
  })
  it('is the ball, and whoever is far from its logged spot is asked', async () => {
    const film = await inHand()
    film.mode = 'mark'
    film.target = 'ball'
    film.play = { ...film.play!, ballElsewhere: { x: -2.04, y: 5.01 } }
    expect(text(panel())).toContain('Click the ball on the ground')
    expect(text(panel())).toContain('The ball was clicked 2.0 yd left and 5.0 yd ahead of where the log has it.')
  })
  it('is a man whom the sides put at two places', async () => {
    const film = await inHand()
    film.play = { ...film.play!, apart: [{ man: 'nickel', yards: 2.26 }] }
    expect(text(panel())).toContain('The sides put NB 2.3 yd apart: click him again')
  })
})

describe('the sentence of a play', () => {
  const sentence = () => mount(PlaySentence, { global: { stubs: { RouterLink: { template: '<a><slot /></a>' } } } })
  it('says which, where and what was told, and logs what is said anew', async () => {
    const lists = useLists()
    lists.choices = choicesOf([formationItem('pro-i'), formationItem('trips')])
    lists.calls = [callItem('anvil-drizzle'), callItem('anvil-fog')]
    const film = await inHand()
    const log = vi.spyOn(film, 'changeLog').mockImplementation(() => Promise.resolve())
    const wrapper = sentence()
    expect(text(wrapper)).toMatch(
      /^Stoats,play1 of 2·1stand 10ontheir own 38,middle·pro-iright— they were toldanvil-drizzle/,
    )
    await choose(wrapper, 'Formation', 'trips')
    await choose(wrapper, 'Ball spot', '12')
    await choose(wrapper, 'Distance', '4')
    await choose(wrapper, 'Call', 'anvil-fog')
    const { snap } = film.log!
    expect(log.mock.calls.map(([said]) => said)).toEqual([
      { snap: { ...snap, formation: 'trips' } },
      { snap: { ...snap, toGoal: 12 } },
      { snap: { ...snap, distance: 4 } },
      { call: 'anvil-fog', revision: 0 },
    ])
  })
  it('says that it is kept only of a play that is here', async () => {
    expect(text(sentence())).toBe('Film,')
    await inHand()
    expect(text(sentence())).toContain('saved')
  })
})
