import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { client } from '../api/client'
import type { ReelItem } from '../api/types'
import { useLists } from '../shell/lists'
import { useSession } from '../shell/session'
import { asked } from '../testing/asked'
import { gameFilm, gameSheet } from '../testing/fixtures'
import FilmView from './FilmView.vue'
import { dayOf } from '../words/day'
import GameView from './GameView.vue'
import NewGame from './NewGame.vue'

vi.mock('vue-router', async (whole) => ({
  ...(await whole<object>()),
  useRoute: () => ({ params: { game: '7' } }),
  useRouter: () => ({ push: vi.fn() }),
}))
const GAME = {
  id: 7,
  opponent: 'Stoats',
  squad: 'under 19',
  season: 2026,
  playedOn: '2026-09-26',
  code: 'hs',
  plays: 2,
}
const PAIR = { here: { id: 11, number: 1 }, there: { id: 90, number: 1 } }
const OFFER = { game: 8, opponent: 'Stoats, end zone', plays: 1, pairs: [PAIR] }
const words = (w: { text: () => string }): string => w.text().replace(/\s+/g, ' ')
const ok = (data: unknown) => Promise.resolve({ data, response: new Response(null, { status: 200 }) })
let offers: object[]
let reels: ReelItem[]

beforeEach(() => {
  vi.restoreAllMocks()
  setActivePinia(createPinia())
  offers = []
  reels = gameFilm().reels
  vi.spyOn(useLists(), 'load').mockResolvedValue()
  const { plays } = gameSheet()
  const answers: Record<string, () => unknown> = {
    '/api/games': () => ({ items: [GAME], page: 0, pages: 1, total: 1 }),
    '/api/games/{id}': () => gameSheet({ takenOut: [{ ...plays[0]!, id: 19, number: 3 }] }),
    '/api/games/{game}/film': () => ({ ...gameFilm(), reels }),
    '/api/games/{game}/joins': () => offers,
  }
  vi.spyOn(client, 'GET').mockImplementation(((path: string) => ok(answers[path]!())) as never)
})
async function page(of: object, mayWrite = true) {
  useSession().me = { username: 'x', displayName: 'X', mayWrite, mayGrade: true }
  const stubs = { RouterLink: { props: ['to'], template: '<a :href="to"><slot /></a>' }, UploadFilm: true }
  const wrapper = mount(of, { global: { plugins: [asked()], stubs } })
  await flushPromises()
  return wrapper
}

describe('games', () => {
  it('are listed with when and what, and led to', async () => {
    const view = await page(FilmView)
    expect(view.find('h1').text()).toBe('Film: 1 game. Choose one to cut, measure and grade.')
    expect(words(view)).toContain(dayOf('2026-09-26'))
    expect(view.find('td a').attributes('href')).toBe('/film/7')
    expect(view.find('[aria-label="Erase Stoats"]').exists()).toBe(true)
    expect((await page(FilmView, false)).find('[aria-label="Erase Stoats"]').exists()).toBe(false)
  })
  it('begin with the day they were played on, and the season of it', async () => {
    const post = vi.spyOn(client, 'POST').mockImplementation((() => ok({ id: 8 })) as never)
    const form = mount(NewGame)
    await form.find('[name=opponent]').setValue('Terns')
    await form.find('[name=played]').setValue('2025-10-04')
    await form.find('form').trigger('submit')
    await flushPromises()
    expect(post.mock.calls[0]![1]).toEqual({
      body: { opponent: 'Terns', squad: '', season: 2025, playedOn: '2025-10-04', code: 'hs' },
    })
    expect(form.emitted('made')).toEqual([[8]])
  })
})

describe('a game', () => {
  it('shows its reels and its log, from how many sides each play was filmed, and what was taken out', async () => {
    const view = await page(GameView)
    expect(words(view.find('h1'))).toBe(`Film· Stoats, under 19, ${dayOf('2026-09-26')}, 2 plays to grade`)
    const [, plays] = view.findAll('table')
    expect(words(plays!)).toContain('Play 1')
    expect(words(plays!)).toContain('1st and 10')
    expect(words(plays!)).toContain('sideline')
    expect(plays!.find('img').attributes('src')).toMatch(/^\/api\/reels\/3\/frames\/\d+\.jpg$/)
    expect(words(view)).toContain('Taken out: anvil-drizzle, it was play 3.')
  })
  it('shows the course of a filmed play in small pictures, when it is asked for', async () => {
    const view = await page(GameView)
    const [strip] = gameFilm().angles
    expect(view.find('figure').exists()).toBe(false)
    await view.find('[aria-label="Play 1 in pictures"]').trigger('click')
    expect(view.find('figure img').attributes('src')).toBe(
      `/api/games/7/plays/${strip!.play}/angles/${strip!.id}/strip.jpg`,
    )
    expect(view.find('figure img').attributes('alt')).toContain('Play 1 from its first frame to its last, sideline')
  })
  it('moves a play, takes one out and puts one back, each over what was read', async () => {
    const put = vi.spyOn(client, 'PUT').mockImplementation((() => ok({})) as never)
    const erase = vi.spyOn(client, 'DELETE').mockImplementation((() => ok({})) as never)
    const post = vi.spyOn(client, 'POST').mockImplementation((() => ok({})) as never)
    const view = await page(GameView)
    expect(view.find('[aria-label="Play 1 one earlier"]').attributes('disabled')).toBeDefined()
    await view.find('[aria-label="Play 1 one later"]').trigger('click')
    await view.find('[aria-label="Take play 2 out"]').trigger('click')
    await view
      .findAll('button')
      .find((b) => b.text() === 'Put it back')!
      .trigger('click')
    await flushPromises()
    expect(put.mock.calls[0]![1]).toMatchObject({
      params: { path: { id: 7, play: 11 }, header: { 'If-Match': '"4"' } },
      body: { number: 2 },
    })
    expect(erase.mock.calls[0]![1]).toMatchObject({ params: { path: { id: 7, play: 12 } } })
    expect(post.mock.calls[0]![1]).toMatchObject({ params: { path: { id: 7, play: 19 } } })
  })
  it('says what was refused, and shows the log as it is', async () => {
    vi.spyOn(client, 'DELETE').mockResolvedValue({
      error: { code: 'play-overtaken', detail: 'somebody else changed play 2' },
      response: new Response(null, { status: 412 }),
    })
    const view = await page(GameView)
    await view.find('[aria-label="Take play 2 out"]').trigger('click')
    await flushPromises()
    expect(view.find('[role=alert]').text()).toContain('somebody else changed play 2')
  })
  it('offers another game that reads like it, and joins nothing unasked', async () => {
    offers = [OFFER]
    const post = vi.spyOn(client, 'POST').mockImplementation((() => ok([])) as never)
    const view = await page(GameView)
    expect(words(view.find('.offer'))).toContain('1 of its 1 play are logged')
    expect(post).not.toHaveBeenCalled()
    offers = []
    await view.find('.offer button').trigger('click')
    await flushPromises()
    expect(post.mock.calls[0]![1]).toMatchObject({ body: { here: 11, game: 8, there: 90 } })
    expect(view.find('.offer').exists()).toBe(false)
  })
  it('says what hinders the work on a film, and makes it over, with progress and cancel', async () => {
    const post = vi.spyOn(client, 'POST').mockImplementation((() => ok({})) as never)
    const erase = vi.spyOn(client, 'DELETE').mockImplementation((() => ok({})) as never)
    const film = gameFilm()
    const job = { id: 5, kind: 'make playable', about: 3, percent: 40, cancelling: false, askedBy: 'x', askedAt: '' }
    reels = [{ ...film.reels[0]!, hindrance: 'it does not play in a browser (mpeg4 in avi)' }]
    const view = await page(GameView)
    expect(words(view)).toContain('it does not play in a browser (mpeg4 in avi)')
    reels = [{ ...reels[0]!, madeOver: { ...job, state: 'running', words: 'makes a film that plays' } }]
    await view
      .findAll('button')
      .find((b) => b.text().startsWith('Make one'))!
      .trigger('click')
    await flushPromises()
    expect(post.mock.calls[0]![1]).toMatchObject({ params: { path: { id: 3 } } })
    expect(words(view)).toContain('makes a film that plays')
    expect(view.find('.ant-progress-text').text()).toBe('40%')
    reels = [{ ...reels[0]!, madeOver: { ...job, state: 'failed', words: 'it cannot be read to its end' } }]
    await view
      .findAll('button')
      .find((b) => b.text() === 'Cancel')!
      .trigger('click')
    await flushPromises()
    expect(erase.mock.calls[0]![1]).toMatchObject({ params: { path: { id: 5 } } })
    expect(words(view)).toContain('Not made: it cannot be read to its end.')
    view.unmount()
  })
})
