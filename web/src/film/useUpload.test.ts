import { describe, expect, it, vi } from 'vitest'
import { useUpload } from './useUpload'

const film = new File(['film'], 'stoats.mp4')
/** A request that does what the test tells it. */
function request() {
  const headers: Record<string, string> = {}
  const made = {
    upload: {} as { onprogress?: (e: { loaded: number; total: number }) => void },
    status: 0,
    responseText: '',
    onload: undefined as (() => void) | undefined,
    onerror: undefined as (() => void) | undefined,
    onabort: undefined as (() => void) | undefined,
    open: vi.fn(),
    send: vi.fn(),
    setRequestHeader: (name: string, value: string) => (headers[name] = value),
    abort: () => made.onabort?.(),
  }
  return { made, headers }
}
function going() {
  const { made, headers } = request()
  const done = vi.fn()
  const upload = useUpload(done, () => made as unknown as XMLHttpRequest)
  upload.send(7, film, 'Stoats & otters', 'end zone')
  const answers = (status: number, text = ''): void => {
    Object.assign(made, { status, responseText: text })
    made.onload!()
  }
  return { made, headers, done, upload, answers }
}

describe('a film that is sent', () => {
  it('goes out as it is, with its name and view, and says how far it is', () => {
    const { made, headers, upload } = going()
    expect(made.open).toHaveBeenCalledWith('POST', '/api/games/7/reels?name=Stoats%20%26%20otters&view=end%20zone')
    expect(headers['Content-Type']).toBe('application/octet-stream')
    expect(made.send).toHaveBeenCalledWith(film)
    made.upload.onprogress!({ loaded: 1, total: 3 })
    expect(upload.sent.value).toBe(33)
  })
  it('is told when it is kept', () => {
    const { done, upload, answers } = going()
    answers(201)
    expect(done).toHaveBeenCalledOnce()
    expect([upload.sent.value, upload.fault.value]).toEqual([undefined, ''])
  })
  it('says why it was refused, whatever the answer looks like', () => {
    const refused = going()
    refused.answers(422, '{"detail": "It is no film."}')
    expect([refused.upload.fault.value, refused.done.mock.calls]).toEqual(['It is no film.', []])
    const empty = going()
    empty.answers(500)
    expect(empty.upload.fault.value).toBe('The film was not taken.')
  })
  it('can be stopped, and says when the connection broke', () => {
    const stopped = going()
    stopped.upload.stop()
    expect([stopped.upload.sent.value, stopped.upload.fault.value]).toEqual([undefined, ''])
    const broken = going()
    broken.made.onerror!()
    expect(broken.upload.fault.value).toContain('nothing was kept')
  })
})
