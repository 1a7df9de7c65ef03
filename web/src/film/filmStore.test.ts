import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { AngleWork, FilmedPlay } from '../api/types'
import { angleSheet, filmedPlay, gameFilm, gameSheet, OTHER_REEL, REEL, job, sheet } from '../testing/fixtures'

const get = vi.fn()
const put = vi.fn()
const post = vi.fn()
const erase = vi.fn()
const KEY = 'mensch.of.nobody.film.50'
vi.mock('../api/client', async (original) => ({
  ...(await original<typeof import('../api/client')>()),
  client: { GET: get, PUT: put, POST: post, DELETE: erase },
}))
const ok = (data: unknown) => Promise.resolve({ data, response: new Response(null, { status: 200 }) })
const refuse = (status: number, error: object) => Promise.resolve({ error, response: new Response(null, { status }) })
const QB = { man: 'QB', xPixels: 5, yPixels: 5 }
const HIS = { man: 'TE', xPixels: 9, yPixels: 9 }

/** A server with this play in hand. */
function serves(play: FilmedPlay, more: Record<string, unknown> = {}): void {
  get.mockImplementation((path: string, asked: { params: { path: { id?: number } } }) => {
    if (path in more) return more[path]
    if (path === '/api/games/{id}') return ok(gameSheet())
    if (path === '/api/games/{game}/film') return ok(gameFilm())
    if (path === '/api/reels/{id}') return ok(asked.params.path.id === 4 ? OTHER_REEL : REEL)
    return ok(path.endsWith('/film') ? play : [])
  })
}
async function opened(play = filmedPlay(), wanted: { play?: number; reel?: number } = {}) {
  setActivePinia(createPinia())
  const { useFilm } = await import('./filmStore')
  const film = useFilm()
  serves(play)
  await film.open(7, wanted)
  return film
}
interface Write {
  params: { header: { 'If-Match': string } }
  body: AngleWork
}
const over = ({ params }: Write): number => Number(JSON.parse(params.header['If-Match']))
/** Takes every write, counting the versions on. */
function saves(from = 0): void {
  let version = from
  put.mockImplementation((_: string, write: Write) => {
    expect(over(write)).toBe(version)
    version++
    return ok(filmedPlay({}, { version, marks: write.body.marks }))
  })
}

describe('film store', () => {
  beforeEach(() => {
    localStorage.clear()
    for (const asked of [get, put, post, erase]) asked.mockReset()
  })
  it('saves each change with the version it was made on, and the last one wins', async () => {
    const film = await opened()
    saves()
    film.set({ ...film.now!, marks: [{ ...QB, xPixels: 1 }] })
    film.set({ ...film.now!, marks: [QB] })
    await vi.waitFor(() => expect(film.saving).toBe(false))
    expect(put).toHaveBeenCalledTimes(2)
    expect(film.angle!.marks).toEqual([QB])
    expect(localStorage.getItem(KEY)).toBeNull()
  })
  it('keeps clicks that could not be saved, and asks what becomes of them', async () => {
    const film = await opened()
    put.mockImplementation(() => Promise.reject(new Error('gone')))
    film.set({ ...film.now!, marks: [QB] })
    await vi.waitFor(() => expect(film.problem?.status).toBe(0))
    const later = await opened()
    expect(later.left?.work.marks).toEqual([QB])
    later.set({ ...later.now!, marks: [] })
    expect(later.now!.marks).toEqual([])
    expect(put).toHaveBeenCalledTimes(1)
    saves()
    later.addLeft()
    await vi.waitFor(() => expect(later.angle!.marks).toEqual([QB]))
    expect(localStorage.getItem(KEY)).toBeNull()
  })
  it("A11: after somebody else's save mine are added to his", async () => {
    const film = await opened()
    put.mockImplementation(() => refuse(412, { code: 'angle-overtaken', detail: 'late' }))
    film.set({ ...film.now!, marks: [QB] })
    await vi.waitFor(() => expect(film.problem?.code).toBe('angle-overtaken'))
    serves(filmedPlay({}, { version: 7, marks: [HIS] }))
    saves(7)
    await film.mineOnTop()
    await vi.waitFor(() => expect(film.angle!.version).toBe(8))
    expect(film.angle!.marks).toEqual([HIS, QB])
  })
  it('says the log over the version that was read, and clicks outlive it', async () => {
    const clicked = { points: [{ name: 'left hash, 40', xPixels: 1, yPixels: 1 }] }
    const film = await opened(filmedPlay({}, clicked))
    put.mockImplementation(() => ok({ version: 9 }))
    const snap = { ...film.log!.snap, hash: 'l' }
    serves(filmedPlay({ version: 1, log: { ...film.log!, snap } }, clicked))
    await film.changeLog({ snap })
    expect(put).toHaveBeenCalledWith(
      '/api/games/{id}/plays/{play}',
      expect.objectContaining({ params: { path: { id: 7, play: 11 }, header: { 'If-Match': '"0"' } } }),
    )
    expect(film.log!.snap.hash).toBe('l')
    expect(film.now!.points).toHaveLength(1)
  })
  it('shows what the log is to say until it is heard, and lays mine over his', async () => {
    const film = await opened()
    put.mockImplementation(() => refuse(412, { code: 'play-overtaken', detail: 'late' }))
    await film.changeLog({ call: 'anvil-fog' })
    expect(film.problem?.code).toBe('play-overtaken')
    expect(film.log!.call).toBe('anvil-fog')
    serves(filmedPlay({ version: 3 }))
    put.mockImplementation(() => ok({ version: 9 }))
    await film.mineOnTop()
    expect(put.mock.calls.at(-1)![1]).toMatchObject({
      params: { header: { 'If-Match': '"3"' } },
      body: { call: 'anvil-fog' },
    })
  })
  it('says one word of the log after the other, each over the version that the last one got', async () => {
    const film = await opened()
    let version = 0
    let kept = film.log!
    put.mockImplementation((_: string, write: { params: Write['params']; body: typeof kept }) => {
      expect(write.params.header['If-Match']).toBe(`"${version}"`)
      version++
      kept = write.body
      serves(filmedPlay({ version, log: kept }))
      return ok({ version })
    })
    void film.changeLog({ quarter: 1 })
    void film.changeLog({ quarter: 2 })
    void film.changeLog({ gain: -3 })
    await vi.waitFor(() => expect(film.said).toBeUndefined())
    expect(film.problem).toBeUndefined()
    expect(film.log).toMatchObject({ quarter: 2, gain: -3, call: 'anvil-drizzle' })
    expect(kept).toMatchObject({ quarter: 2, gain: -3 })
  })
  it('keeps a word of the log that no server heard, and sends it when the play is opened again', async () => {
    const film = await opened()
    put.mockImplementation(() => Promise.reject(new Error('gone')))
    await film.changeLog({ gain: 7 })
    expect(film.problem?.status).toBe(0)
    await film.openPlay(12)
    put.mockImplementation((_: string, { body }: { body: object }) => {
      serves(filmedPlay({ version: 1, log: body as FilmedPlay['log'] }))
      return ok({ version: 1 })
    })
    const later = await opened()
    expect(later.log!.gain).toBe(7)
    expect(later.said).toBeUndefined()
    expect(Object.keys(localStorage).filter((k) => k.includes('film.log'))).toEqual([])

    put.mockImplementation(() => Promise.reject(new Error('gone')))
    await later.changeLog({ gain: 8 })
    put.mockClear()
    const overtaken = await opened(filmedPlay({ version: 5 }))
    expect(overtaken.problem?.code).toBe('play-overtaken')
    expect(put).not.toHaveBeenCalled()
    overtaken.dropLog()
    expect(overtaken.log!.gain).toBeUndefined()
  })
  it('A7: a play that cannot be opened is in hand to be taken out, and can be put back', async () => {
    const film = await opened()
    const path = '/api/games/{game}/plays/{play}/film'
    serves(filmedPlay(), { [path]: refuse(422, { code: 'input-invalid', detail: 'no such formation' }) })
    await film.openPlay(12)
    expect(film.play).toBeUndefined()
    expect(film.problem?.detail).toBe('no such formation')
    const { plays } = gameSheet()
    erase.mockImplementation(() => ok(gameSheet({ plays: [plays[0]!], takenOut: [plays[1]!] })))
    serves(filmedPlay())
    await film.takeOut()
    expect(erase).toHaveBeenCalledWith(
      '/api/games/{id}/plays/{play}',
      expect.objectContaining({ params: { path: { id: 7, play: 12 }, header: { 'If-Match': '"4"' } } }),
    )
    expect(film.number).toBe(1)
    post.mockImplementation(() => ok(gameSheet()))
    await film.putBack()
    expect(film.number).toBe(2)
  })
  it('looks at a play from its other side, with the clicks made there', async () => {
    const both = [angleSheet({ marks: [QB] }), angleSheet({ id: 60, reel: 4, marks: [HIS] })]
    const film = await opened(filmedPlay({ angles: both }))
    expect(film.sides.map((s) => s.name)).toEqual(['sideline', 'end zone'])
    await film.walkSide()
    expect(film.reel!.name).toBe('end zone')
    expect(film.now!.marks).toEqual([HIS])
    await film.walkSide()
    expect(film.now!.marks).toEqual([QB])
  })
  it('offers the next play of the log for a reel it is not cut out of yet', async () => {
    const film = await opened(filmedPlay(), { reel: 4 })
    expect(film.playId).toBeUndefined()
    expect(film.missing?.number).toBe(1)
    post.mockImplementation(() => ok({}))
    const [first] = gameFilm().angles
    serves(filmedPlay({ angles: [angleSheet(), angleSheet({ id: 60, reel: 4 })] }), {
      '/api/games/{game}/film': ok({
        ...gameFilm(),
        angles: [...gameFilm().angles, { ...first!, id: 60, reel: 4 }],
      }),
    })
    await film.addAngle(9)
    expect(post).toHaveBeenCalledWith('/api/games/{game}/plays/{play}/angles', {
      params: { path: { game: 7, play: 11 } },
      body: { reel: 4, frame: 9 },
    })
    expect(film.reel!.id).toBe(4)
    expect(film.missing?.number).toBe(2)
  })
  it('clicks in the frame that is shown: after the snap only men who were clicked at it, and no ball', async () => {
    const nickel = { man: 'nickel', xPixels: 1, yPixels: 1 }
    const film = await opened(
      filmedPlay({ sheet: sheet([job('nickel', 'NB', 7), job('mike', 'M', 1)]) }, { marks: [nickel] }),
    )
    saves()
    film.mode = 'mark'
    expect([film.menIn(24), film.menIn(40)]).toEqual([['ball', 'nickel', 'mike'], ['nickel']])
    film.target = 'nickel'
    film.clickAt(5, 6, 40)
    expect(film.now!.marks).toEqual([nickel, { man: 'nickel', xPixels: 5, yPixels: 6, frame: 40 }])
    film.see('man moves', 30)
    film.see('back commits', 60)
    expect(film.now!.seen).toEqual([
      { what: 'man moves', man: 'nickel', frame: 30 },
      { what: 'back commits', man: undefined, frame: 60 },
    ])
    film.target = 'TE'
    film.see('contact', 50)
    expect(film.now!.seen).toHaveLength(2)
    await vi.waitFor(() => expect(film.saving).toBe(false))
  })
  it('cuts a new play with the log of the last one, but for what is of that alone', async () => {
    const film = await opened(filmedPlay({ log: { ...filmedPlay().log, gain: 12, quarter: 2, theirPlay: 'power' } }))
    post.mockImplementation(() => ok(filmedPlay({ id: 12 })))
    await film.addPlay(33)
    const { body } = post.mock.calls[0]![1] as { body: { reel: number; frame: number; log: object } }
    expect(body).toMatchObject({ reel: 3, frame: 33, log: { call: 'anvil-drizzle', quarter: 2 } })
    expect(body.log).not.toHaveProperty('gain')
    expect(body.log).not.toHaveProperty('theirPlay')
  })
})
