import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { client } from '../api/client'
import { useLists } from '../shell/lists'
import { choicesOf, filmedPlay, formationItem, gameSheet } from '../testing/fixtures'
import { useFilm } from './filmStore'
import StoodAs from './StoodAs.vue'

const TRIPS = { formation: 'trips-open', mirrored: true, farthest: 'H', yards: 1.24 }

function shown(stood = [TRIPS]) {
  const film = useFilm()
  film.game = gameSheet()
  film.play = filmedPlay({ stood })
  useLists().choices = choicesOf([
    { ...formationItem('pro-i'), name: 'Pro I' },
    { ...formationItem('trips-open'), name: 'Trips open' },
  ])
  return { film, view: mount(StoodAs) }
}

describe('a formation read off the marks', () => {
  beforeEach(() => {
    vi.restoreAllMocks()
    setActivePinia(createPinia())
  })
  it('is said beside the one that is logged, and taken by one press over what was read', async () => {
    const put = vi
      .spyOn(client, 'PUT')
      .mockImplementation(() => Promise.resolve({ data: {}, response: new Response(null, { status: 200 }) }))
    const { film, view } = shown()
    const again = vi
      .spyOn(client, 'GET')
      .mockImplementation(() => Promise.resolve({ data: filmedPlay(), response: new Response(null, { status: 200 }) }))
    expect(view.text().replace(/\s+/g, ' ')).toContain('The marks do not stand as Pro I, right, but as')
    expect(view.text()).toContain('H farthest from it by 1.2 yd')
    await view.find('button').trigger('click')
    await flushPromises()
    expect(put.mock.calls[0]).toMatchObject([
      '/api/games/{game}/plays/{play}/formation',
      { params: { path: { game: 7, play: film.play!.id } }, body: { formation: 'trips-open', mirrored: true } },
    ])
    expect(again).toHaveBeenCalled()
    expect(view.find('button').exists()).toBe(false)
  })
  it('is asked where several are as near, and not said where the log is', () => {
    const { view } = shown([TRIPS, { ...TRIPS, mirrored: false }])
    expect(view.findAll('button').map((b) => b.text())).toEqual(['Trips open, left', 'Trips open, right'])
    expect(view.text()).toContain('which the marks do not tell apart')
    expect(shown([]).view.text()).toBe('')
  })
})
