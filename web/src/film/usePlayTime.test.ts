import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, it } from 'vitest'
import { effectScope, nextTick, ref } from 'vue'
import { angleSheet, filmedPlay, gameFilm, gameSheet, REEL } from '../testing/fixtures'
import { useFilm } from './filmStore'
import { usePlayTime } from './usePlayTime'
import { workOf } from './work'

beforeEach(() => setActivePinia(createPinia()))

it('goes to the same moment since the ball when the side changes, however fast the other film runs', async () => {
  const film = useFilm()
  const wide = { ...REEL, id: 3, frameTimes: Array.from({ length: 90 }, (_, i) => i / 30) }
  const tight = { ...REEL, id: 4, frameTimes: Array.from({ length: 45 }, (_, i) => i / 15) }
  const angles = [angleSheet({ id: 50, reel: 3, snapFrame: 12 }), angleSheet({ id: 51, reel: 4, snapFrame: 4 })]
  const turnTo = async (reel: typeof wide, at: number): Promise<void> => {
    film.reel = reel
    film.work = { past: [], now: workOf(angles[at]!), future: [] }
    await nextTick()
  }
  film.game = gameSheet()
  film.footage = gameFilm()
  const frame = ref(0)
  const time = effectScope().run(() => usePlayTime(frame))!
  film.play = { ...filmedPlay(), angles }
  await turnTo(wide, 0)
  expect(frame.value).toBe(12)
  time.go(18)
  await nextTick()
  expect(time.sinceBall.value).toBeCloseTo(0.2)
  await turnTo(tight, 1)
  expect(frame.value).toBe(7)
  await turnTo(wide, 0)
  expect(frame.value).toBe(18)
})
