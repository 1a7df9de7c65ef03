import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { snapSheet } from '../testing/fixtures'

const get = vi.fn()
const put = vi.fn()
const erase = vi.fn()
const KEY = 'mensch.of.nobody.film.3.1'
vi.mock('../api/client', async (original) => ({
  ...(await original<typeof import('../api/client')>()),
  client: { GET: get, PUT: put, POST: vi.fn(), DELETE: erase },
}))
const ok = (data: unknown) => Promise.resolve({ data, response: new Response(null, { status: 200 }) })
const refuse = (status: number, error: object) => Promise.resolve({ error, response: new Response(null, { status }) })
const reel = {
  id: 3,
  name: 'r',
  view: 'sideline',
  width: 1920,
  height: 1080,
  frameTimes: [0, 0.1],
  snaps: [{ number: 1, firstFrame: 0, snapFrame: 1, points: 0, marks: 0, version: 4 }],
}

async function opened() {
  setActivePinia(createPinia())
  const { useFilm } = await import('./filmStore')
  const film = useFilm()
  get.mockImplementation((path: string) =>
    ok(path === '/api/reels/{id}' ? reel : path.includes('snaps') ? snapSheet() : []),
  )
  await film.open(3)
  return film
}

interface Write {
  params: { header: { 'If-Match': string } }
  body: { marks: unknown[] }
}
const over = ({ params }: Write): number => Number(JSON.parse(params.header['If-Match']))

describe('film store', () => {
  beforeEach(() => {
    localStorage.clear()
    get.mockReset()
    put.mockReset()
  })
  it('saves each change with the version it was made on, and the last one wins', async () => {
    const film = await opened()
    let version = 0
    put.mockImplementation((_path: string, write: Write) => {
      expect(over(write)).toBe(version)
      version++
      return ok(snapSheet({ version, marks: write.body.marks as [] }))
    })
    film.set({ ...film.now!, marks: [{ man: 'TE', xPixels: 1, yPixels: 1 }] })
    film.set({ ...film.now!, marks: [{ man: 'TE', xPixels: 2, yPixels: 2 }] })
    await vi.waitFor(() => expect(film.saving).toBe(false))
    expect(put).toHaveBeenCalledTimes(2)
    expect(film.snap!.marks).toEqual([{ man: 'TE', xPixels: 2, yPixels: 2 }])
    expect(localStorage.getItem(KEY)).toBeNull()
  })
  const TE = { man: 'TE', xPixels: 9, yPixels: 9 }
  const QB = { man: 'QB', xPixels: 4, yPixels: 4 }
  const HIS = { man: 'mike', xPixels: 7, yPixels: 7 }
  const saves = () =>
    put.mockImplementation((_p: string, write: Write) =>
      ok(snapSheet({ version: over(write) + 1, marks: write.body.marks as [] })),
    )
  async function leftBehind() {
    const film = await opened()
    put.mockImplementation(() => refuse(412, { code: 'snap-overtaken', detail: 'late' }))
    film.set({ ...film.now!, marks: [TE] })
    await vi.waitFor(() => expect(film.problem?.code).toBe('snap-overtaken'))
    expect(localStorage.getItem(KEY)).toContain('"xPixels":9')
    put.mockReset()
    saves()
    get.mockImplementation(() => ok(snapSheet({ version: 5, marks: [HIS] })))
    await film.openSnap(1)
    return film
  }
  it("A11: a reload after a refused save saves nothing by itself, and the other coach's clicks stand", async () => {
    const film = await leftBehind()
    expect(put).not.toHaveBeenCalled()
    expect(film.now!.marks).toEqual([HIS])
    expect(film.left).toMatchObject({ version: 0, work: { marks: [TE] } })
    film.set({ ...film.now!, marks: [] })
    expect(put).not.toHaveBeenCalled()
  })
  it('A11: what was left is added to what stands now when he says so, or thrown away', async () => {
    const film = await leftBehind()
    film.addLeft()
    await vi.waitFor(() => expect(film.snap!.version).toBe(6))
    expect(film.snap!.marks).toEqual([HIS, TE])
    expect(localStorage.getItem(KEY)).toBeNull()
    const again = await leftBehind()
    again.dropLeft()
    expect(localStorage.getItem(KEY)).toBeNull()
    expect(put).not.toHaveBeenCalled()
  })
  it("A11: after somebody else's save mine are added to his", async () => {
    const film = await opened()
    put.mockImplementation(() => refuse(412, { code: 'snap-overtaken', detail: 'late' }))
    film.set({ ...film.now!, marks: [QB] })
    await vi.waitFor(() => expect(film.problem?.code).toBe('snap-overtaken'))
    get.mockImplementation(() => ok(snapSheet({ version: 7, marks: [HIS] })))
    saves()
    await film.mineOnTop()
    await vi.waitFor(() => expect(film.snap!.version).toBe(8))
    expect(film.snap!.marks).toEqual([HIS, QB])
  })
  it('A7: a snap that cannot be opened is in hand to be taken out', async () => {
    const film = await opened()
    get.mockImplementation((path: string) =>
      path.includes('snaps') ? refuse(422, { code: 'input-invalid', detail: 'no such formation' }) : ok(reel),
    )
    await film.openSnap(1)
    expect(film.snap).toBeUndefined()
    expect(film.problem?.detail).toBe('no such formation')
    erase.mockImplementation(() => ok(undefined))
    await film.eraseSnap()
    expect(erase).toHaveBeenCalledWith(
      '/api/reels/{id}/snaps/{number}',
      expect.objectContaining({ params: { path: { id: 3, number: 1 }, header: { 'If-Match': '"4"' } } }),
    )
  })
})
