import { beforeEach, describe, expect, it, vi } from 'vitest'
import { playlistOf, usePlaylist } from './playlist'

const router = { push: vi.fn(), replace: vi.fn() }
let route: { params: Record<string, string>; query: Record<string, string> }
vi.mock('vue-router', () => ({ useRoute: () => route, useRouter: () => router }))

const PLAYS = [
  { game: 7, number: 3 },
  { game: 8, number: 1 },
]

describe('playlist', () => {
  beforeEach(() => {
    vi.clearAllMocks()
    route = { params: { game: '7' }, query: { play: '3', list: '7.3-8.1', of: 'Pads: high' } }
  })
  it('is an address that names its plays', () => {
    expect(playlistOf(PLAYS, 'Pads: high')).toEqual({
      path: '/film/7/room',
      query: { play: '3', list: '7.3-8.1', of: 'Pads: high' },
    })
    expect(playlistOf([...PLAYS, ...PLAYS], 'twice')).toMatchObject({ query: { list: '7.3-8.1' } })
    expect(playlistOf([], 'none')).toBe('/film')
    const list = usePlaylist()
    expect(list.plays.value).toEqual(PLAYS)
    expect(list.of.value).toBe('Pads: high')
    expect(list.at.value).toBe(0)
  })
  it('goes on to the next game, and stops at its end', () => {
    const list = usePlaylist()
    list.walk(1)
    expect(router.push).toHaveBeenLastCalledWith({
      path: '/film/8/room',
      query: { play: '1', list: '7.3-8.1', of: 'Pads: high' },
    })
    list.walk(-1)
    expect(router.push).toHaveBeenCalledTimes(1)
    expect(list.running.value).toBe(false)
    list.leave()
    expect(router.replace).toHaveBeenLastCalledWith({ query: { play: '3' } })
  })
  it.each(['', 'x', '7', '7.x-8.1.2'])('of %j is none', (words) => {
    route.query.list = words
    expect(usePlaylist().plays.value).toEqual([])
    expect(usePlaylist().query()).toEqual({})
    expect(usePlaylist().running.value).toBe(false)
  })
})
