import { beforeEach, describe, expect, it, vi } from 'vitest'
import { answer, client, problemOf, RefusedError, whenSignedOut } from './client'

const refused = (status: number, error: object) =>
  Promise.resolve({ error, response: new Response(null, { status, statusText: 'no' }) })
async function problem(call: Promise<unknown>) {
  try {
    await call
  } catch (error) {
    expect(error).toBeInstanceOf(RefusedError)
    return problemOf(error)
  }
  throw new Error('it was answered')
}

describe('a question to the server', () => {
  it('leaves at once and proves that this page asks it', async () => {
    document.cookie = 'XSRF-TOKEN=a%2Fb'
    const sent = vi.fn().mockResolvedValue(Response.json({ phases: [] }))
    vi.stubGlobal('fetch', sent)
    const asked = client.GET('/api/choices')
    expect(sent).toHaveBeenCalledOnce()
    expect((sent.mock.calls[0]![0] as Request).headers.get('X-XSRF-TOKEN')).toBe('a/b')
    expect(await answer(asked)).toEqual({ phases: [] })
    vi.unstubAllGlobals()
  })
})

describe('answers of the server', () => {
  const signedOut = vi.fn()
  beforeEach(() => {
    signedOut.mockReset()
    whenSignedOut(signedOut)
    vi.unstubAllGlobals()
  })
  it('are the data, or a refusal with its code, its words and where it went wrong', async () => {
    expect(await answer(Promise.resolve({ data: 7, response: new Response() }))).toBe(7)
    const p = await problem(
      answer(refused(422, { code: 'sentence-fault', detail: 'at word 3', at: 3, word: 'gapp', expected: ['gap'] })),
    )
    expect(p).toMatchObject({ status: 422, code: 'sentence-fault', at: 3, word: 'gapp', expected: ['gap'] })
    expect((await problem(answer(refused(500, {})))).code).toBe('unknown')
    expect(signedOut).not.toHaveBeenCalled()
  })
  it('say that nothing typed is lost when the application does not answer', async () => {
    const p = await problem(answer(Promise.reject(new TypeError('Failed to fetch'))))
    expect(p.code).toBe('unreachable')
    expect(p.detail).toContain('is kept')
  })
  it('tell a lost session from something one may not do', async () => {
    await problem(answer(refused(401, { code: 'no-session' })))
    expect(signedOut).toHaveBeenCalledTimes(1)
    await problem(answer(refused(401, { code: 'sign-in-refused' })))
    expect(signedOut).toHaveBeenCalledTimes(1)
    vi.stubGlobal('fetch', vi.fn().mockResolvedValue(new Response(null, { status: 204 })))
    expect((await problem(answer(refused(403, {})))).detail).toContain('signed out')
    expect(signedOut).toHaveBeenCalledTimes(2)
    vi.stubGlobal('fetch', vi.fn().mockResolvedValue(new Response('{}', { status: 200 })))
    expect((await problem(answer(refused(403, {})))).detail).toContain('Ask a coordinator')
    expect(signedOut).toHaveBeenCalledTimes(2)
  })
  it('make a problem of anything that is thrown', () => {
    expect(problemOf('odd')).toMatchObject({ code: 'unexpected', detail: 'odd' })
  })
})
