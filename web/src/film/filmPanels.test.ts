import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { angleSheet, filmedPlay, REEL } from '../testing/fixtures'
import { useFilm } from './filmStore'
import FrameRibbon from './FrameRibbon.vue'
import MiniField from './MiniField.vue'
import NotSaved from './NotSaved.vue'
import ReelTable from './ReelTable.vue'
import SolvedView from './SolvedView.vue'

const CALIBRATION = {
  lateralYards: 0.21,
  depthYards: 0.4,
  worstYards: 0.7,
  sigmaPixels: 1.5,
  leftOut: [],
  bendPercent: 0,
  checksItself: true,
  standing: 'unknown' as const,
  grid: [],
  residuals: [
    { name: 'left hash, 40', yards: 0.1 },
    { name: 'right hash, 50', yards: 0.7 },
  ],
}
beforeEach(() => {
  localStorage.clear()
  setActivePinia(createPinia())
})

describe('how well a picture is measured', () => {
  it('says what it can tell, its worst place, and each place while it is calibrated', async () => {
    const angle = angleSheet({ calibration: CALIBRATION })
    const view = mount(SolvedView, { props: { angle, points: 6, places: false } })
    expect(view.text().replace(/\s+/g, ' ')).toBe(
      'This view can tell 0.21 yd lateral, 0.40 yd depth. 6 points, worst residual 0.70 yd at right hash, 50; ' +
        'clicks on marks of the field are off by 1.5 px.',
    )
    await view.setProps({ places: true })
    expect(view.findAll('li').map((l) => l.classes('bad'))).toEqual([false, true])
  })
  it('names a click that does not fit, and says when a wrong one would not show', () => {
    const leftOut = [{ name: 'left hash, our 40', pixels: 41.7 }]
    const angle = angleSheet({ calibration: { ...CALIBRATION, leftOut, checksItself: false } })
    const text = mount(SolvedView, { props: { angle, points: 6, places: false } }).text()
    expect(text).toContain('left hash, our 40 does not fit the others by 42 px and is left out: click it anew.')
    expect(text).toContain('Four clicks fit any camera')
  })
  it.each([
    ['as before', 'The camera stands where 2 other plays of this reel put it'],
    ['elsewhere', 'The camera does not stand where the other plays of this reel put it'],
  ] as const)('says of the camera %s', (standing, words) => {
    const angle = angleSheet({ calibration: { ...CALIBRATION, standing }, tripod: 2 })
    const text = mount(SolvedView, { props: { angle, points: 3, places: false } }).text()
    expect(text.replace(/\s+/g, ' ')).toContain(words)
  })
  it('says why it is not', () => {
    const view = mount(SolvedView, {
      props: { angle: angleSheet({ trouble: 'too few' }), points: 0, places: true },
    })
    expect(view.text()).toBe('Not solved: too few.')
  })
})

describe('the small field', () => {
  const known = [
    { name: 'left hash, 40', x: -3, y: 10 },
    { name: 'right hash, 40', x: 3, y: 10 },
  ]
  it('offers the known places while the view is calibrated', async () => {
    const play = filmedPlay({ known })
    const field = mount(MiniField, { props: { play, mode: 'calibrate', clicked: new Set(['left hash, 40']) } })
    const [left, right] = field.findAll('.known')
    expect([left!.classes('done'), right!.classes('done')]).toEqual([true, false])
    await right!.trigger('click')
    expect(field.emitted('choose')).toEqual([['right hash, 40']])
  })
  it('shows the feet that were measured with their doubt, and hands on the man clicked', async () => {
    const measured = [{ man: 'nickel', x: 2, y: 6, sigmaX: 0.1, sigmaY: 0.2 }]
    const verdicts = [{ job: 'nickel', outcome: 'off' }]
    const play = filmedPlay({ known, measured, verdicts } as never)
    const field = mount(MiniField, { props: { play, mode: 'mark', clicked: new Set<string>() } })
    expect(field.find('.feet').classes()).toContain('off')
    expect(Number(field.find('.doubt').attributes('ry'))).toBeCloseTo(1.96 * 0.2 * 5)
    await field.find('.feet').trigger('click')
    expect(field.emitted('pick')).toEqual([['nickel']])
  })
})

describe('under the picture', () => {
  it('steps, slides over the play, changes the side and walks the plays; only one in hand can be taken out', async () => {
    const ribbon = mount(FrameRibbon, {
      props: {
        times: REEL.frameTimes,
        frame: 24,
        span: [10, 50],
        ball: 24,
        zoom: false,
        slow: false,
        loop: false,
        side: 'sideline',
        sides: 1,
        inHand: false,
      },
    })
    expect(ribbon.find('.time').text()).toContain('frame 24')
    expect(ribbon.find('.time').text()).toContain('ball moves')
    expect([ribbon.find('input').attributes('min'), ribbon.find('input').attributes('max')]).toEqual(['10', '50'])
    await ribbon.find('[aria-label="One frame on"]').trigger('click')
    await ribbon.find('input').setValue('12')
    await ribbon.find('[aria-label="Previous play"]').trigger('click')
    expect(ribbon.emitted('go')).toEqual([[25], [12]])
    expect(ribbon.emitted('walk')).toEqual([[-1]])
    const button = (words: string) => ribbon.findAll('button').find((b) => b.text().includes(words))
    expect(button('take out')!.attributes('disabled')).toBeDefined()
    expect(button('sideline')).toBeUndefined()
    await ribbon.setProps({ inHand: true, sides: 2, frame: 36 })
    expect(ribbon.find('.time').text()).toContain('+0.40 s')
    await button('take out')!.trigger('click')
    await button('sideline')!.trigger('click')
    expect([ribbon.emitted('takeOut'), ribbon.emitted('side')]).toEqual([[[]], [[]]])
  })
})

describe('clicks that were not saved', () => {
  it('of an earlier visit are counted, and nothing becomes of them until it is said', async () => {
    const film = useFilm()
    film.reel = REEL
    film.play = filmedPlay({}, { version: 2 })
    film.left = { version: 1, work: { points: [{}, {}], marks: [{}] } } as never
    film.addLeft = vi.fn() as never
    film.dropLeft = vi.fn() as never
    const said = mount(NotSaved)
    const text = said.text().replace(/\s+/g, ' ')
    expect(text).toContain('not saved: 2 places and 1 man. Saved are 0 and 0; somebody worked on it since.')
    await said.findAll('button')[1]!.trigger('click')
    expect(film.dropLeft).toHaveBeenCalledOnce()
    expect(film.addLeft).not.toHaveBeenCalled()
  })
})

describe('the films kept here', () => {
  const reel = {
    id: 1,
    name: 'Stoats, sideline',
    view: 'sideline',
    plays: 10,
    placed: 2,
    marked: 1,
    seconds: 16,
    frames: 480,
    width: 1920,
    height: 1080,
    rotation: 90,
    bytes: 0,
  }
  const table = (reels: (typeof reel)[]) =>
    mount(ReelTable, {
      props: { game: 7, reels: reels as never, mayErase: true },
      global: { stubs: { RouterLink: { template: '<a><slot /></a>' } } },
    })
  it('say what was done on each, its turn and that its size is not known; one is erased by name', async () => {
    const list = table([reel])
    for (const words of ['2 of 10', '1 of 10', '16.0 s, 480 frames', '1920 x 1080 px, turned 90°', 'not known'])
      expect(list.text()).toContain(words)
    await list.find('[aria-label="Erase Stoats, sideline"]').trigger('click')
    expect(list.emitted('erase')).toEqual([[reel]])
  })
  it('say where one comes from when there is none', () => {
    expect(table([]).text()).toContain('No film yet. Take one in below')
  })
})
