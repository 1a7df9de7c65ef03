import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, ref, type EffectScope } from 'vue'
import { client } from '../api/client'
import type { AngleSheet, PlayPaths } from '../api/types'
import { useLists } from '../shell/lists'
import { filmedPlay, gameFilm, gameSheet, job, REEL, sheet } from '../testing/fixtures'
import { useBallInPicture } from './ballInPicture'
import { useFilm } from './filmStore'
import { useFoundMen } from './foundMen'
import { useFoundPlaces } from './foundPlaces'
import MenFound from './MenFound.vue'
import PlacesFound from './PlacesFound.vue'
import type { Paths } from './usePaths'

type FollowedAngle = PlayPaths['angles'][number]
const SOLVED = { grid: [], residuals: [], leftOut: [] } as unknown as AngleSheet['calibration']
const MEN = [
  { man: 'nickel', xPixels: 100, yPixels: 50, clear: true },
  { man: 'mike', xPixels: 120, yPixels: 60, clear: false },
]
const PLACES = [
  { name: 'left hash, 40', xPixels: 10, yPixels: 20 },
  { name: 'right hash, 40', xPixels: 30, yPixels: 20 },
]
const followed = ref<FollowedAngle>()
const PATHS = {
  angle: followed,
  work: ref(undefined),
  follow: vi.fn(),
  reaches: (frame: number) => frame <= (followed.value?.lastFrame ?? -1),
} as unknown as Paths
let scope: EffectScope
let shownBall: number | undefined
let shownPlaces: { places: typeof PLACES; eitherWay: boolean }
let asked: { path: string; frame: number; signal: AbortSignal }[]

async function inHand(angle: Partial<AngleSheet>) {
  const play = filmedPlay({ sheet: sheet([job('nickel', 'NB', 7), job('mike', 'M', 1)]), stillBefore: 0.5 }, angle)
  const answers = (): Record<string, unknown> => ({
    '/api/games/{id}': gameSheet(),
    '/api/games/{game}/film': gameFilm(),
    '/api/reels/{id}': REEL,
    '/api/reels/{id}/ball': { near: 30, frame: shownBall },
    '/api/games/{game}/plays/{play}/film': play,
    '/api/games/{game}/plays/{play}/angles/{angle}/men': { frame: 24, men: MEN, touching: 2, notFound: ['TE'] },
    '/api/games/{game}/plays/{play}/angles/{angle}/places': { frame: 24, ...shownPlaces },
  })
  vi.spyOn(client, 'GET').mockImplementation(((path: string, options: never) => {
    const { params, signal } = options as { params: { query?: { frame?: number } }; signal: AbortSignal }
    if (params.query?.frame !== undefined) asked.push({ path, frame: params.query.frame, signal })
    return Promise.resolve({ data: answers()[path], response: new Response() })
  }) as never)
  vi.spyOn(client, 'PUT').mockImplementation(() => Promise.resolve({ data: play, response: new Response() }))
  vi.spyOn(useLists(), 'load').mockResolvedValue()
  const film = useFilm()
  await film.open(1)
  return film
}
const settle = (): Promise<unknown> => vi.advanceTimersByTimeAsync(300)

beforeEach(() => {
  localStorage.clear()
  setActivePinia(createPinia())
  vi.useFakeTimers()
  asked = []
  followed.value = undefined
  shownPlaces = { places: PLACES, eitherWay: false }
  scope = effectScope()
})
afterEach(() => {
  scope.stop()
  vi.useRealTimers()
  vi.restoreAllMocks()
})

describe('men whom the picture shows', () => {
  it('are asked for once feet are marked in a solved view, and taken by one key where they are clear', async () => {
    const film = await inHand({ calibration: SOLVED })
    const found = scope.run(() => useFoundMen(ref(film.now!.snapFrame), PATHS))!
    await settle()
    expect(asked).toEqual([])
    film.mode = 'mark'
    await settle()
    expect(asked.map((a) => a.frame)).toEqual([film.now!.snapFrame])
    expect(found.men.value.map((m) => m.man)).toEqual(['nickel', 'mike'])
    const panel = mount(MenFound, { props: { found } })
    const words = panel.text().replace(/\s+/g, ' ')
    expect(words).toContain('Found in the picture: NB. F takes him')
    expect(words).toContain('Not sure: M;')
    await panel.find('button').trigger('click')
    expect(film.now!.marks).toEqual([{ man: 'nickel', xPixels: 100, yPixels: 50, found: true, frame: undefined }])
    expect(found.men.value.map((m) => m.man)).toEqual(['mike'])
    film.undo()
    expect(film.now!.marks).toEqual([])
    expect(found.men.value).toHaveLength(2)
  })
  it('who is clicked where he is shown is found; who is clicked elsewhere is not', async () => {
    const film = await inHand({ calibration: SOLVED })
    const found = scope.run(() => useFoundMen(ref(film.now!.snapFrame), PATHS))!
    film.mode = 'mark'
    film.target = 'mike'
    await settle()
    expect(found.ofTarget.value).toEqual(MEN[1])
    film.clickAt(120, 60, film.now!.snapFrame, true)
    expect(film.now!.marks[0]).toMatchObject({ man: 'mike', found: true })
    film.target = 'mike'
    film.clickAt(121, 60, film.now!.snapFrame)
    expect(film.now!.marks).toHaveLength(1)
    expect(film.now!.marks[0]!.found).toBeUndefined()
  })
  it('are followed through the play when a key says so, and taken in any frame of it by the next', async () => {
    const film = await inHand({
      calibration: SOLVED,
      marks: MEN.map(({ man, xPixels, yPixels }) => ({ man, xPixels, yPixels })),
    })
    const frame = ref(film.now!.snapFrame + 3)
    const found = scope.run(() => useFoundMen(frame, PATHS))!
    film.mode = 'mark'
    await settle()
    expect(asked).toEqual([])
    const words = (): string => mount(MenFound, { props: { found } }).text().replace(/\s+/g, ' ')
    expect(words()).toContain('F follows who was clicked at the snap through the play;')
    found.take()
    expect(PATHS.follow).toHaveBeenCalledOnce()
    followed.value = { angle: 1, lastFrame: frame.value + 3, stale: false, trouble: '' }
    await settle()
    expect(asked.map((a) => a.frame)).toEqual([frame.value])
    expect(film.now!.marks).toHaveLength(2)
    expect(words()).toContain('Found in the picture: NB.')
    expect(words()).not.toContain('F follows')
    found.take()
    expect(film.now!.marks.filter((m) => m.frame === frame.value)).toEqual([
      { man: 'nickel', xPixels: 100, yPixels: 50, found: true, frame: frame.value },
    ])
    // the next frame is told at once; one they were not followed to asks for it anew
    frame.value += 3
    await settle()
    expect(asked).toHaveLength(2)
    followed.value = { angle: 1, stale: true, trouble: '' }
    await settle()
    expect(words()).toContain('through the play anew, by the clicks as they are now;')
    frame.value = film.now!.snapFrame + 400
    await settle()
    expect(words()).not.toContain('F follows')
  })
  it('are not asked for in frames that are passed', async () => {
    const film = await inHand({ calibration: SOLVED })
    const frame = ref(film.now!.snapFrame - 2)
    scope.run(() => useFoundMen(frame, PATHS))
    film.mode = 'mark'
    await vi.advanceTimersByTimeAsync(100)
    frame.value = film.now!.snapFrame + 1
    await settle()
    expect(asked).toEqual([])
  })
})

describe('places that the picture shows', () => {
  it('are asked for where other plays tell where the camera stands, and taken by one key', async () => {
    const film = await inHand({ tripod: 2, leastPoints: 2 })
    const found = scope.run(() => useFoundPlaces(ref(film.now!.snapFrame)))!
    film.mode = 'calibrate'
    await settle()
    expect(found.places.value).toEqual(PLACES)
    expect(mount(PlacesFound, { props: { found } }).text()).toContain('2 places found in the picture')
    found.take()
    expect(film.now!.points.map((p) => p.name)).toEqual(['left hash, 40', 'right hash, 40'])
    expect(found.places.value).toEqual([])
  })
  it('are none where the field looks the same from its other side, and it is said what tells', async () => {
    const film = await inHand({ tripod: 2, leastPoints: 2 })
    shownPlaces = { places: [], eitherWay: true }
    const found = scope.run(() => useFoundPlaces(ref(film.now!.snapFrame)))!
    film.mode = 'calibrate'
    await settle()
    expect(mount(PlacesFound, { props: { found } }).text()).toContain('looks the same from its other side')
    found.take()
    expect(film.now!.points).toEqual([])
  })
  it('are looked for in another frame when a key says so', async () => {
    const film = await inHand({ tripod: 0, leastPoints: 4, calibration: SOLVED })
    const frame = ref(film.now!.snapFrame + 5)
    const found = scope.run(() => useFoundPlaces(frame))!
    film.mode = 'calibrate'
    await settle()
    expect(asked).toEqual([])
    const words = mount(PlacesFound, { props: { found } })
    expect(words.text().replace(/\s+/g, ' ')).toContain('looks for the places of this frame')
    // a hand without keys does what the key does
    await words.find('button').trigger('click')
    await settle()
    expect(asked.map((a) => a.frame)).toEqual([frame.value])
    expect(film.now!.points).toEqual([])
    found.take()
    expect(film.now!.points).toEqual(PLACES.map((p) => ({ ...p, frame: frame.value })))
  })
  it('are not asked for on the first play of a reel until its own clicks solve it', async () => {
    const film = await inHand({ tripod: 0, leastPoints: 4 })
    scope.run(() => useFoundPlaces(ref(film.now!.snapFrame)))
    film.mode = 'calibrate'
    await settle()
    expect(asked).toEqual([])
  })
})

describe('the frame in which the ball moves', () => {
  it('is gone to and not marked; where nothing begins it is said', async () => {
    const film = await inHand({})
    const frame = ref(30)
    const ball = scope.run(() => useBallInPicture(frame, (to) => (frame.value = to)))!
    shownBall = 27
    await ball.find()
    await settle()
    expect(frame.value).toBe(27)
    expect(film.now!.snapFrame).toBe(24)
    expect(ball.words.value).toContain('B says that the ball moves here')
    shownBall = undefined
    await ball.find()
    expect(frame.value).toBe(27)
    expect(ball.words.value).toContain('nothing begins to move')
    frame.value = 28
    await settle()
    expect(ball.words.value).toBe('')
  })
})
