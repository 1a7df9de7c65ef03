import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { snapSheet } from '../testing/fixtures'

const get = vi.fn()
const put = vi.fn()
vi.mock('../api/client', async (original) => ({
  ...(await original<typeof import('../api/client')>()),
  client: { GET: get, PUT: put, POST: vi.fn() },
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
  snaps: [{ number: 1, firstFrame: 0, snapFrame: 1, points: 0, marks: 0 }],
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

describe('film store', () => {
  beforeEach(() => {
    localStorage.clear()
    get.mockReset()
    put.mockReset()
  })
  it('saves each change with the version it was made on, and the last one wins', async () => {
    const film = await opened()
    let version = 0
    put.mockImplementation((_path: string, { body }: { body: { version: number; work: { marks: unknown[] } } }) => {
      expect(body.version).toBe(version)
      version++
      return ok(snapSheet({ version, marks: body.work.marks as [] }))
    })
    film.set({ ...film.now!, marks: [{ man: 'TE', xPixels: 1, yPixels: 1 }] })
    film.set({ ...film.now!, marks: [{ man: 'TE', xPixels: 2, yPixels: 2 }] })
    await vi.waitFor(() => expect(film.saving).toBe(false))
    expect(put).toHaveBeenCalledTimes(2)
    expect(film.snap!.marks).toEqual([{ man: 'TE', xPixels: 2, yPixels: 2 }])
    expect(localStorage.getItem('mensch.film.3.1')).toBeNull()
  })
  it('keeps what could not be saved and brings it back', async () => {
    const film = await opened()
    put.mockImplementation(() => refuse(401, { code: 'x', detail: 'signed out' }))
    film.set({ ...film.now!, marks: [{ man: 'TE', xPixels: 9, yPixels: 9 }] })
    await vi.waitFor(() => expect(film.problem?.status).toBe(401))
    expect(localStorage.getItem('mensch.film.3.1')).toContain('"xPixels":9')
    put.mockImplementation((_p: string, { body }: { body: { work: { marks: unknown[] } } }) =>
      ok(snapSheet({ version: 1, marks: body.work.marks as [] })),
    )
    await film.openSnap(1)
    await vi.waitFor(() => expect(film.snap!.version).toBe(1))
    expect(film.now!.marks).toEqual([{ man: 'TE', xPixels: 9, yPixels: 9 }])
  })
  it("puts my clicks on top of somebody else's save when asked", async () => {
    const film = await opened()
    put.mockImplementation(() => refuse(409, { code: 'snap-overtaken', detail: 'late' }))
    film.set({ ...film.now!, marks: [{ man: 'QB', xPixels: 4, yPixels: 4 }] })
    await vi.waitFor(() => expect(film.problem?.code).toBe('snap-overtaken'))
    get.mockImplementation(() => ok(snapSheet({ version: 7 })))
    put.mockImplementation((_p: string, { body }: { body: { version: number; work: { marks: unknown[] } } }) =>
      ok(snapSheet({ version: body.version + 1, marks: body.work.marks as [] })),
    )
    await film.mineOnTop()
    await vi.waitFor(() => expect(film.snap!.version).toBe(8))
    expect(film.snap!.marks).toEqual([{ man: 'QB', xPixels: 4, yPixels: 4 }])
  })
})
