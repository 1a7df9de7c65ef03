import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import { filmedPlay, gameFilm, gameSheet, REEL } from '../testing/fixtures'
import { useFilm, type Mode } from './filmStore'
import { roomActions } from './roomActions'

function room(inHand = true) {
  const film = useFilm()
  if (inHand) {
    film.game = gameSheet()
    film.footage = gameFilm()
    film.reel = REEL
    film.play = filmedPlay()
    film.playId = 11
    film.work = {
      past: [],
      now: { firstFrame: 0, snapFrame: 24, points: [], marks: [], seen: [], drawn: [] },
      future: [],
    }
  }
  const stage = { toggle: vi.fn(), walk: vi.fn(), drop: vi.fn() }
  const grading = {
    ready: vi.fn(() => true),
    walk: vi.fn(),
    mark: vi.fn(),
    confirm: vi.fn(),
    whole: vi.fn(),
    otherwise: vi.fn(),
    didHisJob: vi.fn(),
  }
  const controls = {
    film,
    frame: ref(5),
    walkMark: vi.fn(),
    walkPlay: vi.fn(),
    zoom: ref(false),
    erasing: ref(false),
    go: vi.fn(),
    skip: vi.fn(),
    slow: vi.fn(),
    loop: vi.fn(),
    beside: vi.fn(),
    enter: vi.fn(),
    stage: () => stage,
    grading,
    drawing: { take: vi.fn(), wipe: vi.fn() },
    takeFound: vi.fn(),
    findBall: vi.fn(),
    who: vi.fn(),
  }
  const actions = roomActions(controls)
  const press = (key: string): void => actions.find((a) => a.keys.includes(key) && a.enabled())?.perform()
  return { film, stage, grading, controls, actions, press }
}

describe('keys of the film room', () => {
  beforeEach(() => setActivePinia(createPinia()))
  it.each<Mode>(['look', 'calibrate', 'mark', 'draw', 'time', 'grade'])(
    'have one meaning each while one %ss',
    (mode) => {
      const { film, actions } = room()
      film.mode = mode
      const keys = actions.filter((a) => a.enabled()).flatMap((a) => a.keys)
      expect(keys).toEqual([...new Set(keys)])
    },
  )
  it('say who played while one grades, and when the ball is thrown while one marks moments', () => {
    const { film, controls, press } = room()
    const see = vi.spyOn(film, 'see').mockImplementation(() => undefined)
    film.mode = 'time'
    press('W')
    expect(see).toHaveBeenCalledWith('ball thrown', 5)
    film.mode = 'grade'
    press('W')
    expect(controls.who).toHaveBeenCalledTimes(1)
  })
  it('step the film while one looks, and the cross while one points', () => {
    const { film, stage, controls, press } = room()
    press('ArrowLeft')
    expect(controls.go).toHaveBeenLastCalledWith(4)
    press('Shift+ArrowRight')
    expect(controls.skip).toHaveBeenLastCalledWith(1)
    film.mode = 'mark'
    press('ArrowLeft')
    expect(controls.go).toHaveBeenCalledTimes(1)
    expect(stage.walk).toHaveBeenLastCalledWith(-1, 0)
    press('Shift+ArrowDown')
    expect(stage.walk).toHaveBeenLastCalledWith(0, 20)
    press('Enter')
    expect(stage.drop).toHaveBeenCalledOnce()
  })
  it('take a pen up, put it down and wipe while one draws', () => {
    const { film, stage, grading, controls, press } = room()
    film.mode = 'draw'
    press('2')
    expect(controls.drawing.take).toHaveBeenCalledWith('ring')
    press('Enter')
    expect(stage.drop).toHaveBeenCalledOnce()
    press('Delete')
    expect(controls.drawing.wipe).toHaveBeenCalledOnce()
    expect(grading.mark).not.toHaveBeenCalled()
  })
  it('mark the facet in hand while one grades, and step the film as ever', () => {
    const { film, grading, controls, press } = room()
    press('1')
    expect(grading.mark).not.toHaveBeenCalled()
    film.mode = 'grade'
    grading.ready.mockReturnValueOnce(false)
    press('1')
    expect(grading.mark).not.toHaveBeenCalled()
    for (const key of ['1', '=', '3', '0', 'Delete']) press(key)
    expect(grading.mark.mock.calls).toEqual([['+'], ['='], ['-'], ['n/a'], [undefined]])
    press('ArrowDown')
    press('Enter')
    press('ArrowRight')
    expect(grading.walk).toHaveBeenLastCalledWith(1)
    expect(grading.confirm).toHaveBeenCalledOnce()
    for (const key of ['7', '8', '9']) press(key)
    expect(grading.whole.mock.calls).toEqual([['+'], ['='], ['-']])
    expect(controls.go).toHaveBeenLastCalledWith(6)
  })
  it('cut the play where the film stands', () => {
    const { film, press } = room()
    const set = vi.spyOn(film, 'set').mockImplementation(() => undefined)
    for (const key of ['I', 'B', 'O']) press(key)
    expect(set.mock.calls.map(([w]) => [w.firstFrame, w.snapFrame, w.lastFrame])).toEqual([
      [5, 24, undefined],
      [0, 5, undefined],
      [0, 5, 5],
    ])
  })
  it('leave every mode with one key, and take nothing out where no play is in hand', () => {
    const { film, controls, press } = room(false)
    film.mode = 'calibrate'
    controls.zoom.value = true
    press('Escape')
    expect([film.mode, controls.zoom.value]).toEqual(['look', false])
    for (const key of ['X', 'B', 'T', 'N', 'G']) press(key)
    expect(controls.erasing.value).toBe(false)
    film.playId = 2
    press('X')
    expect(controls.erasing.value).toBe(true)
  })
})
