import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, it, vi } from 'vitest'
import { angleSheet, REEL } from '../testing/fixtures'
import BesideStage from './BesideStage.vue'
import { useFilm } from './filmStore'
import FrameStage from './FrameStage.vue'

beforeEach(() => setActivePinia(createPinia()))

/** The other side has half as many frames a second, and its ball moves in its frame 5. */
async function beside(since: number) {
  const film = useFilm()
  vi.spyOn(film, 'reelOf').mockResolvedValue({ ...REEL, frameTimes: Array.from({ length: 40 }, (_, i) => i / 15) })
  const marks = [
    { man: 'TE', xPixels: 1, yPixels: 1 },
    { man: 'TE', xPixels: 2, yPixels: 2, frame: 8 },
  ]
  const wrapper = mount(BesideStage, {
    props: { angle: angleSheet({ reel: 4, snapFrame: 5, marks }), since, playing: false, slow: false },
  })
  await flushPromises()
  return { wrapper, shown: () => wrapper.findComponent(FrameStage) }
}

it('shows the same moment since the ball, and what is clicked in it', async () => {
  const { wrapper, shown } = await beside(0)
  expect(shown().props('frame')).toBe(5)
  expect(
    shown()
      .props('marks')
      .map((m) => m.xPixels),
  ).toEqual([1])
  await wrapper.setProps({ since: 0.2 })
  expect(shown().props('frame')).toBe(8)
  expect(
    shown()
      .props('marks')
      .map((m) => m.xPixels),
  ).toEqual([2])
  await wrapper.setProps({ since: -0.2 })
  expect(shown().props('frame')).toBe(2)
})
it('runs by itself while the other plays, and is led back where it came apart', async () => {
  const { wrapper, shown } = await beside(0)
  await wrapper.setProps({ playing: true, since: 0.2 })
  shown().vm.$emit('frame', 7)
  await wrapper.vm.$nextTick()
  expect(shown().props('frame')).toBe(7)
  await wrapper.setProps({ since: 0.6 })
  expect(shown().props('frame')).toBe(14)
  await wrapper.setProps({ playing: false })
  expect(shown().props('frame')).toBe(14)
})
