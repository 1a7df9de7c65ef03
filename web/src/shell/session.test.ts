import { flushPromises } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { client } from '../api/client'
import { forgetNobodys, keptKey } from './kept'
import { useSession } from './session'
import { useTrouble } from './trouble'

const marrow = { username: 'marrow', displayName: 'Ines Marrow', mayWrite: true, mayGrade: true }
const lind = { username: 'lind', displayName: 'Jory Lind', mayWrite: false, mayGrade: false }
const ok = (data?: unknown) => Promise.resolve({ data, response: new Response() }) as never
const begun = vi.fn()

async function signedIn() {
  const session = useSession()
  session.beginBy({ begin: begun })
  vi.spyOn(client, 'GET').mockImplementation(() => ok(marrow))
  await session.load()
  return session
}

describe('A4: the session', () => {
  beforeEach(() => {
    vi.restoreAllMocks()
    vi.useRealTimers()
    begun.mockReset()
    localStorage.clear()
    setActivePinia(createPinia())
  })
  it('keeps the work of each user under his name, and shows nobody what belonged to none', async () => {
    localStorage.setItem('mensch.board.draft', 'a rule of before')
    localStorage.setItem('mensch.theme', 'night')
    await signedIn()
    expect(keptKey('board.drafts')).toBe('mensch.of.marrow.board.drafts')
    expect(localStorage.getItem('mensch.board.draft')).toBeNull()
    expect(localStorage.getItem('mensch.theme')).toBe('night')
    forgetNobodys()
  })
  it('lost and found by the same user leaves all as it was', async () => {
    const session = await signedIn()
    session.me = null
    vi.spyOn(client, 'POST').mockImplementation(() => ok(marrow))
    await session.signIn('marrow', 'x')
    expect(session.me).toEqual(marrow)
    expect(begun).not.toHaveBeenCalled()
  })
  it('taken over by another user begins anew', async () => {
    const session = await signedIn()
    session.me = null
    vi.spyOn(client, 'POST').mockImplementation(() => ok(lind))
    await session.signIn('lind', 'x')
    expect(begun).toHaveBeenCalledWith('/')
    expect(session.me).toBeNull()
  })
  it('signed out begins anew, so that nothing stays on the screen', async () => {
    const session = await signedIn()
    vi.spyOn(client, 'DELETE').mockImplementation(() => ok())
    await session.signOut()
    expect(begun).toHaveBeenCalledWith('/')
  })
  it('A13: asked of an application that is away is asked again, and says so meanwhile', async () => {
    vi.useFakeTimers()
    const session = useSession()
    const trouble = useTrouble()
    const get = vi.spyOn(client, 'GET').mockImplementation(
      () =>
        Promise.resolve({
          error: { code: 'database-away', detail: 'The database does not answer.' },
          response: new Response(null, { status: 503 }),
        }) as never,
    )
    vi.spyOn(globalThis, 'fetch').mockResolvedValue(new Response(null, { status: 200 }))
    void session.load()
    await flushPromises()
    expect(session.asked).toBe(false)
    expect(trouble.problem?.detail).toContain('does not answer')
    get.mockImplementation(() => ok(marrow))
    await vi.advanceTimersByTimeAsync(3000)
    expect(session.me).toEqual(marrow)
    expect(trouble.problem).toBeUndefined()
    expect(trouble.back).toBe(1)
  })
})
