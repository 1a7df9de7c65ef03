import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import { useFilm, type Mode } from './filmStore'
import { reelActions } from './reelActions'

function room() {
  const film = useFilm()
  const stage = { toggle: vi.fn(), walk: vi.fn(), drop: vi.fn() }
  const controls = {
    film,
    frame: ref(5),
    zoom: ref(false),
    erasing: ref(false),
    go: vi.fn(),
    enter: vi.fn(),
    stage: () => stage,
  }
  const actions = reelActions(controls)
  const press = (key: string): void => actions.find((a) => a.keys.includes(key) && a.enabled())?.perform()
  return { film, stage, controls, actions, press }
}

describe('keys of the film room', () => {
  beforeEach(() => setActivePinia(createPinia()))
  it.each<Mode>(['look', 'calibrate', 'mark'])('have one meaning each while one %ss', (mode) => {
    const { film, actions } = room()
    film.mode = mode
    const keys = actions.filter((a) => a.enabled()).flatMap((a) => a.keys)
    expect(keys).toEqual([...new Set(keys)])
  })
  it('step the film while one looks, and the cross while one points', () => {
    const { film, stage, controls, press } = room()
    press('ArrowLeft')
    expect(controls.go).toHaveBeenLastCalledWith(4)
    film.mode = 'mark'
    press('ArrowLeft')
    expect(controls.go).toHaveBeenCalledTimes(1)
    expect(stage.walk).toHaveBeenLastCalledWith(-1, 0)
    press('Shift+ArrowDown')
    expect(stage.walk).toHaveBeenLastCalledWith(0, 20)
    press('Enter')
    expect(stage.drop).toHaveBeenCalledOnce()
  })
  it('leave every mode with one key, and take nothing out where no snap is in hand', () => {
    const { film, controls, press } = room()
    film.mode = 'calibrate'
    controls.zoom.value = true
    press('Escape')
    expect([film.mode, controls.zoom.value]).toEqual(['look', false])
    press('X')
    expect(controls.erasing.value).toBe(false)
    film.number = 2
    press('X')
    expect(controls.erasing.value).toBe(true)
  })
})
