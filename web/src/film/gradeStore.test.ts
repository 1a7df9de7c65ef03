import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { RepWords } from '../api/types'
import { playGrades, repRow } from '../testing/fixtures'

const get = vi.fn()
const put = vi.fn()
vi.mock('../api/client', async (original) => ({
  ...(await original<typeof import('../api/client')>()),
  client: { GET: get, PUT: put },
}))
const ok = (data: unknown) => Promise.resolve({ data, response: new Response(null, { status: 200 }) })
const refuse = (status: number, error: object) => Promise.resolve({ error, response: new Response(null, { status }) })
const KEY = 'mensch.of.nobody.grades.7.11.nickel'

interface Write {
  params: { path: { play: number; job: string }; header: { 'If-Match': string } }
  body: RepWords
}
const written = (call = 0): Write => (put.mock.calls[call] as [string, Write])[1]

/** A server that counts up the version of each man. */
function hears(): void {
  const versions = new Map<string, number>()
  put.mockImplementation((_: string, { params, body }: Write) => {
    const version = (versions.get(params.path.job) ?? 0) + 1
    if (params.header['If-Match'] !== `"${version - 1}"`)
      return refuse(412, { code: 'grade-overtaken', detail: 'late' })
    versions.set(params.path.job, version)
    return ok(repRow({ job: params.path.job, marks: body.marks, version }))
  })
}
async function opened(found = playGrades()) {
  setActivePinia(createPinia())
  get.mockImplementation(() => ok(found))
  const { useGrades } = await import('./gradeStore')
  const grades = useGrades()
  await grades.open(7, 11)
  return grades
}

describe('grades of a play', () => {
  beforeEach(() => {
    localStorage.clear()
    get.mockReset()
    put.mockReset()
    vi.useRealTimers()
  })
  it('are proposed, and said yes to with one word; what is marked already stays', async () => {
    hears()
    const grades = await opened()
    grades.mark('nickel', 'KEY', '+')
    await vi.waitFor(() => expect(grades.unheard).toBe(0))
    expect(grades.confirm('nickel')).toBe(true)
    expect(grades.confirm('nickel')).toBe(false)
    await vi.waitFor(() => expect(grades.unheard).toBe(0))
    expect(put).toHaveBeenCalledTimes(2)
    expect(written(1).body.marks).toEqual([
      { facet: 'KEY', mark: '+' },
      { facet: 'AL', mark: '-' },
    ])
    expect(written(1).params.header['If-Match']).toBe('"1"')
  })
  it('are taken off by the same mark again', async () => {
    hears()
    const grades = await opened()
    grades.mark('nickel', 'EF', '=')
    grades.mark('nickel', 'EF', '=')
    expect(grades.markOf('nickel', 'EF')).toBeUndefined()
    await vi.waitFor(() => expect(grades.unheard).toBe(0))
  })
  it('said while one is on its way go out after it, over the version it got', async () => {
    hears()
    const grades = await opened()
    for (const mark of ['+', '=', '-'] as const) grades.mark('nickel', 'EF', mark)
    grades.mark('mike', 'EF', '=')
    await vi.waitFor(() => expect(grades.unheard).toBe(0))
    expect(grades.markOf('nickel', 'EF')).toBe('-')
    expect(grades.problem).toBeUndefined()
  })
  it('survive a server that does not answer, and another window that opens later', async () => {
    vi.useFakeTimers()
    put.mockImplementation(() => Promise.reject(new Error('gone')))
    const grades = await opened()
    grades.mark('nickel', 'EF', '-')
    await vi.waitFor(() => expect(grades.problem?.status).toBe(0))
    expect(localStorage.getItem(KEY)).toContain('"EF"')
    hears()
    await vi.advanceTimersByTimeAsync(5000)
    expect(grades.unheard).toBe(0)
    expect(localStorage.getItem(KEY)).toBeNull()

    put.mockImplementation(() => Promise.reject(new Error('gone')))
    grades.mark('nickel', 'EF', '+')
    await vi.waitFor(() => expect(grades.problem?.status).toBe(0))
    const kept = localStorage.getItem(KEY)!
    grades.$dispose()
    put.mockImplementation(() => ok(repRow({ version: 2 })))
    localStorage.setItem(KEY, kept)
    const later = await opened()
    expect(later.unheard).toBe(0)
    expect(written(put.mock.calls.length - 1).body.marks).toEqual([{ facet: 'EF', mark: '+' }])
  })
  it('on another screen are told, and either stands', async () => {
    for (const mine of [true, false]) {
      put.mockImplementation(() => refuse(412, { code: 'grade-overtaken', detail: 'on another screen' }))
      const grades = await opened()
      grades.mark('nickel', 'EF', '-')
      await vi.waitFor(() => expect(grades.problem?.code).toBe('grade-overtaken'))
      get.mockImplementation(() => ok(playGrades({ mine: [repRow({ version: 9, marks: [] })] })))
      put.mockImplementation((_: string, { body }: Write) => ok(repRow({ version: 10, marks: body.marks })))
      put.mockClear()
      await grades.settle(mine)
      expect(put.mock.calls).toHaveLength(mine ? 1 : 0)
      if (mine) expect(written().params.header['If-Match']).toBe('"9"')
      expect(grades.markOf('nickel', 'EF')).toBe(mine ? '-' : undefined)
      expect(grades.unheard).toBe(0)
    }
  })
  it('of a play that is no more are thrown away when he says so, and hold up no other', async () => {
    put.mockImplementation((_: string, { params, body }: Write) =>
      params.path.job === 'nickel'
        ? refuse(404, { code: 'not-found', detail: 'gone' })
        : ok(repRow({ job: params.path.job, marks: body.marks })),
    )
    const grades = await opened()
    grades.mark('nickel', 'EF', '-')
    await vi.waitFor(() => expect(grades.problem?.status).toBe(404))
    grades.mark('mike', 'EF', '=')
    await vi.waitFor(() => expect(grades.unheard).toBe(1))
    expect(grades.markOf('mike', 'EF')).toBe('=')
    await grades.drop()
    expect(grades.unheard).toBe(0)
    expect(grades.problem).toBeUndefined()
  })
})
