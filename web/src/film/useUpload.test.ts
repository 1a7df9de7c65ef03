import { defaultOptions, DetailedError, type UploadOptions } from 'tus-js-client'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { client } from '../api/client'
import { useUpload, type Sender } from './useUpload'

const film = new File(['film'], 'stoats.mp4')
beforeEach(() => forget.mockClear())

/** A sender that does what the test tells it. */
async function going(earlier: { urlStorageKey: string }[] = []) {
  let options: Partial<UploadOptions> = {}
  const sender = {
    url: '/api/games/7/uploads/abc',
    start: vi.fn(),
    abort: vi.fn(() => Promise.resolve()),
    findPreviousUploads: vi.fn(() => Promise.resolve(earlier)),
    resumeFromPreviousUpload: vi.fn(),
  }
  const done = vi.fn()
  const upload = useUpload(done, (_, given) => {
    options = given
    return sender as unknown as Sender
  })
  await upload.send(7, film, 'Stoats & otters', 'end zone')
  return { options, sender, done, upload }
}
const refused = (status: number, body: string): DetailedError => {
  const originalResponse = { getStatus: () => status, getBody: () => body }
  return Object.assign(new DetailedError('refused'), { originalResponse } as Partial<DetailedError>)
}
/** Forgets an upload of which nothing is to go on. */
const forget = vi.spyOn(defaultOptions.urlStorage, 'removeUpload').mockResolvedValue()

describe('a film that is sent', () => {
  it('says how far it is, and is taken in by its name and view when all of it came', async () => {
    const post = vi.spyOn(client, 'POST').mockResolvedValue({ data: {}, response: new Response() })
    const { options, sender, done, upload } = await going()
    expect(options.endpoint).toBe('/api/games/7/uploads')
    expect(sender.start).toHaveBeenCalledOnce()
    options.onProgress!(1, 3)
    expect(upload.sent.value).toBe(33)
    expect(post).not.toHaveBeenCalled()
    options.onSuccess!({} as never)
    await vi.waitFor(() => expect(done).toHaveBeenCalledOnce())
    expect(post).toHaveBeenCalledWith('/api/games/{game}/reels', {
      params: { path: { game: 7 } },
      body: { name: 'Stoats & otters', view: 'end zone', upload: 'abc' },
    })
    expect([upload.sent.value, upload.fault.value]).toEqual([undefined, ''])
  })
  it('goes on from where it was when the same film is chosen again', async () => {
    const { sender } = await going([{ urlStorageKey: 'tus::1' }])
    expect(sender.resumeFromPreviousUpload).toHaveBeenCalledWith({ urlStorageKey: 'tus::1' })
    expect(sender.resumeFromPreviousUpload.mock.invocationCallOrder[0]).toBeLessThan(
      sender.start.mock.invocationCallOrder[0]!,
    )
  })
  it('says why it was refused, and is no longer remembered', async () => {
    const response = new Response('', { status: 422 })
    vi.spyOn(client, 'POST').mockResolvedValue({ error: { detail: 'It is no film.' }, response })
    const { options, done, upload } = await going([{ urlStorageKey: 'tus::1' }])
    options.onSuccess!({} as never)
    await vi.waitFor(() => expect(upload.fault.value).toBe('It is no film.'))
    await vi.waitFor(() => expect(forget).toHaveBeenCalledWith('tus::1'))
    expect(done).not.toHaveBeenCalled()
  })
  it('is still remembered when the application was away as it was to be taken in', async () => {
    vi.spyOn(client, 'POST').mockRejectedValue(new TypeError('no line'))
    const { options, upload } = await going([{ urlStorageKey: 'tus::1' }])
    options.onSuccess!({} as never)
    await vi.waitFor(() => expect(upload.fault.value).toContain('does not answer'))
    expect(forget).not.toHaveBeenCalled()
  })
  it('says what to do when the line was cut for long, the sign-in is over, or it is too large', async () => {
    const cut = await going()
    cut.options.onError!(new Error('offline'))
    expect([cut.upload.sent.value, cut.upload.fault.value]).toEqual([
      undefined,
      'The connection broke. Press Upload again: the film goes on from where it is.',
    ])
    cut.options.onError!(refused(401, '{"detail": "nobody is signed in"}'))
    expect(cut.upload.fault.value).toContain('Sign in and choose the film again')
    cut.options.onError!(refused(413, '{"detail": "a film may have 8000 MB"}'))
    expect(cut.upload.fault.value).toBe('a film may have 8000 MB')
  })
  it('can be dropped on its way', async () => {
    const { sender, upload } = await going()
    await upload.stop()
    expect(sender.abort).toHaveBeenCalledWith(true)
    expect([upload.sent.value, upload.fault.value]).toEqual([undefined, ''])
  })
})
