import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { snapSheet } from '../testing/fixtures'
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
    const snap = snapSheet({ calibration: CALIBRATION } as never)
    const view = mount(SolvedView, { props: { snap, points: 6, places: false } })
    expect(view.text().replace(/\s+/g, ' ')).toBe(
      'This view can tell 0.21 yd lateral, 0.40 yd depth. 6 points, worst residual 0.70 yd at right hash, 50; click noise 1.5 px.',
    )
    await view.setProps({ places: true })
    expect(view.findAll('li').map((l) => l.classes('bad'))).toEqual([false, true])
  })
  it('says why it is not', () => {
    const view = mount(SolvedView, { props: { snap: snapSheet({ trouble: 'too few' }), points: 0, places: true } })
    expect(view.text()).toBe('Not solved: too few.')
  })
})

describe('the small field', () => {
  const known = [
    { name: 'left hash, 40', x: -3, y: 10 },
    { name: 'right hash, 40', x: 3, y: 10 },
  ]
  it('offers the known places while the view is calibrated', async () => {
    const snap = snapSheet({ known })
    const field = mount(MiniField, { props: { snap, mode: 'calibrate', clicked: new Set(['left hash, 40']) } })
    const [left, right] = field.findAll('.known')
    expect([left!.classes('done'), right!.classes('done')]).toEqual([true, false])
    await right!.trigger('click')
    expect(field.emitted('choose')).toEqual([['right hash, 40']])
  })
  it('shows the feet that were measured with their doubt, and hands on the man clicked', async () => {
    const measured = [{ man: 'nickel', x: 2, y: 6, sigmaX: 0.1, sigmaY: 0.2 }]
    const verdicts = [{ job: 'nickel', outcome: 'off' }]
    const snap = snapSheet({ known, measured, verdicts } as never)
    const field = mount(MiniField, { props: { snap, mode: 'mark', clicked: new Set<string>() } })
    expect(field.find('.feet').classes()).toContain('off')
    expect(Number(field.find('.doubt').attributes('ry'))).toBeCloseTo(1.96 * 0.2 * 5)
    await field.find('.feet').trigger('click')
    expect(field.emitted('pick')).toEqual([['nickel']])
  })
})

describe('under the picture', () => {
  it('steps, slides and walks the snaps; only a snap in hand can be taken out', async () => {
    const reel = { frameTimes: [0, 33, 66, 99].map((t) => t / 1000), snaps: [{ number: 1, snapFrame: 2 }] }
    const ribbon = mount(FrameRibbon, {
      props: { reel: reel as never, frame: 2, atSnap: true, zoom: false, inHand: false },
    })
    expect(ribbon.find('.time').text()).toContain('frame 2')
    expect(ribbon.find('.time').text()).toContain('ball moves')
    await ribbon.find('[aria-label="One frame on"]').trigger('click')
    await ribbon.find('input').setValue('1')
    await ribbon.find('[aria-label="Previous snap"]').trigger('click')
    expect(ribbon.emitted('go')).toEqual([[3], [1]])
    expect(ribbon.emitted('snap')).toEqual([[-1]])
    const takeOut = ribbon.findAll('button').find((b) => b.text().includes('take out'))!
    expect(takeOut.attributes('disabled')).toBeDefined()
    await ribbon.setProps({ inHand: true })
    await takeOut.trigger('click')
    expect(ribbon.emitted('takeOut')).toHaveLength(1)
  })
})

describe('clicks that were not saved', () => {
  it('of an earlier visit are counted, and nothing becomes of them until it is said', async () => {
    const film = useFilm()
    film.snap = snapSheet({ version: 2 })
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
    snaps: 10,
    calibrated: 2,
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
      props: { reels: reels as never, loading: false },
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
    expect(table([]).text()).toContain('No film yet. Upload one below')
  })
})
