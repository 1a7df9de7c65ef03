import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import FrameStage from './FrameStage.vue'

const stage = (over = {}) =>
  mount(FrameStage, {
    props: {
      src: '/v',
      width: 1920,
      height: 1080,
      times: [0, 0.1, 0.2],
      frame: 0,
      mode: 'mark',
      points: [],
      grid: [],
      marks: [{ man: 'TE', xPixels: 100, yPixels: 200 }],
      atSnap: true,
      zoom: false,
      label: (m: string) => m,
      ...over,
    },
  })

describe('frame stage', () => {
  it('turns a click on the screen into a pixel of the film', async () => {
    const wrapper = stage()
    const svg = wrapper.find('svg')
    svg.element.getBoundingClientRect = () => ({ left: 100, top: 50, width: 960, height: 540 }) as DOMRect
    await svg.trigger('click', { clientX: 580, clientY: 320 })
    expect(wrapper.emitted('click')).toEqual([[960, 540]])
  })
  it.each(['look', 'grade'])('takes no click while one %ss', async (mode) => {
    const wrapper = stage({ mode })
    await wrapper.find('svg').trigger('click', { clientX: 1, clientY: 1 })
    expect(wrapper.emitted('click')).toBeUndefined()
  })
  it('walks a cross by keys, within the picture', () => {
    const wrapper = stage()
    const keys = wrapper.vm as unknown as { walk: (x: number, y: number) => void; drop: () => void }
    keys.walk(20, -1)
    keys.drop()
    keys.walk(5000, 0)
    keys.drop()
    expect(wrapper.emitted('click')).toEqual([
      [980, 539],
      [1920, 539],
    ])
  })
  it('draws with the pointer while one draws, and with the cross', async () => {
    const wrapper = stage({ mode: 'draw', pen: 'arrow' })
    const svg = wrapper.find('svg')
    svg.element.getBoundingClientRect = () => ({ left: 0, top: 0, width: 1920, height: 1080 }) as DOMRect
    svg.element.setPointerCapture = () => undefined
    await svg.trigger('pointerdown', { clientX: 100, clientY: 100 })
    await svg.trigger('pointermove', { clientX: 300, clientY: 100 })
    expect(wrapper.find('.drawing path').attributes('d')).toContain('M100 100L300 100')
    await svg.trigger('pointerup')
    const keys = wrapper.vm as unknown as { walk: (x: number, y: number) => void; drop: () => void }
    keys.drop()
    keys.walk(20, 0)
    keys.drop()
    expect(wrapper.emitted('drawn')).toEqual([
      [
        [
          { xPixels: 100, yPixels: 100 },
          { xPixels: 300, yPixels: 100 },
        ],
      ],
      [
        [
          { xPixels: 300, yPixels: 100 },
          { xPixels: 320, yPixels: 100 },
        ],
      ],
    ])
    expect(wrapper.emitted('click')).toBeUndefined()
  })
  it('shows the lines of the field only in the frame they were solved in', async () => {
    const wrapper = stage({
      grid: [
        [
          { x: 0, y: 0 },
          { x: 9, y: 9 },
        ],
      ],
    })
    const lines = wrapper.findAll('.grid').length
    expect(lines).toBeGreaterThan(0)
    await wrapper.setProps({ atSnap: false })
    expect(wrapper.findAll('.grid')).toHaveLength(0)
  })
  it('plays at a quarter of the speed, and round and round over a span', async () => {
    const wrapper = stage({ mode: 'look', span: [0, 1] })
    const video = wrapper.find('video').element
    await wrapper.setProps({ slow: true })
    expect(video.playbackRate).toBe(0.25)
    Object.defineProperty(video, 'paused', { value: false })
    video.currentTime = 0.25
    await wrapper.find('video').trigger('timeupdate')
    expect(video.currentTime).toBeLessThan(0.1)
    expect(wrapper.emitted('frame')).toBeUndefined()
    video.currentTime = 0.12
    await wrapper.find('video').trigger('timeupdate')
    expect(wrapper.emitted('frame')).toEqual([[1]])
  })
  it('stops where the play ends and says so, when it is told to', async () => {
    const wrapper = stage({ until: 1 })
    const video = wrapper.find('video').element
    const pause = vi.spyOn(video, 'pause').mockImplementation(() => undefined)
    Object.defineProperty(video, 'paused', { value: false })
    video.currentTime = 0.05
    await wrapper.find('video').trigger('timeupdate')
    expect(wrapper.emitted('end')).toBeUndefined()
    video.currentTime = 0.15
    await wrapper.find('video').trigger('timeupdate')
    expect(pause).toHaveBeenCalledOnce()
    expect(wrapper.emitted('end')).toHaveLength(1)
    expect(wrapper.emitted('frame')!.at(-1)).toEqual([1])
  })
})

describe('a frame that was decoded ahead', () => {
  const waiting: [HTMLVideoElement, VideoFrameRequestCallback][] = []
  /** A player presents a frame. */
  const presents = (of: HTMLVideoElement, mediaTime: number): void => {
    const at = waiting.findIndex(([video]) => video === of)
    waiting.splice(at, 1)[0]![1](0, { mediaTime } as VideoFrameCallbackMetadata)
  }
  beforeEach(() => {
    vi.useFakeTimers()
    waiting.length = 0
    Object.assign(HTMLVideoElement.prototype, {
      requestVideoFrameCallback(this: HTMLVideoElement, seen: VideoFrameRequestCallback) {
        waiting.push([this, seen])
      },
      play: () => Promise.resolve(),
      pause: () => undefined,
    })
    vi.stubGlobal('createImageBitmap', () => Promise.resolve({ width: 4, height: 2, close: () => undefined }))
    vi.spyOn(HTMLCanvasElement.prototype, 'getContext').mockReturnValue(null)
  })
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
    Reflect.deleteProperty(HTMLVideoElement.prototype, 'requestVideoFrameCallback')
  })
  it('is shown at once; the film goes there when he stays, and takes its place', async () => {
    const players: HTMLVideoElement[] = []
    const create = document.createElement.bind(document)
    vi.spyOn(document, 'createElement').mockImplementation((name: string, how?: ElementCreationOptions) => {
      const made = create(name, how)
      if (made instanceof HTMLVideoElement) players.push(made)
      return made
    })
    const wrapper = stage({ times: [0, 0.1, 0.2, 0.3] })
    const film = wrapper.find('video').element
    await wrapper.setProps({ frame: 1 })
    expect(film.currentTime).toBeCloseTo(0.15)
    const scout = players.find((p) => p !== film)!
    expect(waiting).toEqual([])
    scout.dispatchEvent(new Event('seeked'))
    presents(scout, 0.2)
    await flushPromises()
    await wrapper.setProps({ frame: 2 })
    await nextTick()
    expect(wrapper.find('canvas').attributes('data-frame')).toBe('2')
    expect(film.currentTime).toBeCloseTo(0.15)
    vi.advanceTimersByTime(130)
    expect(film.currentTime).toBeCloseTo(0.25)
    presents(film, 0.1)
    await nextTick()
    expect(wrapper.find('canvas').attributes('data-frame')).toBe('2')
    presents(film, 0.2)
    await nextTick()
    expect(wrapper.find('canvas').attributes('data-frame')).toBeUndefined()
  })
})
