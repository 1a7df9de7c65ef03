import { ref, type Ref } from 'vue'
import { DetailedError, Upload as Sending, defaultOptions, type UploadOptions } from 'tus-js-client'
import { answer, client, problemOf, token } from '../api/client'
import type { ReelSheet } from '../api/types'

export interface Upload {
  /** Percent sent; undefined while nothing is on its way. */
  sent: Ref<number | undefined>
  fault: Ref<string>
  send: (game: number, file: File, name: string, view: ReelSheet['view']) => Promise<void>
  /** Drops what is on its way. */
  stop: () => Promise<void>
}
/** A cut line is tried again after so long, milliseconds: the application may be starting anew. */
const AGAIN = [500, 1000, 3000, 5000, 10_000, 20_000, 30_000]
/** A piece lasts seconds, so that who may not any more is told soon. */
const PIECE = 64 * 2 ** 20

/** No answer at all, or nobody signed in who may. */
const UNDECIDED = [0, 401, 403]

/** What a library's upload is asked for; a test has its own. */
export type Sender = Pick<Sending, 'start' | 'abort' | 'findPreviousUploads' | 'resumeFromPreviousUpload' | 'url'>

/**
 * A film goes out in pieces, with its progress. A line that is cut is tried again by itself; the same film, chosen again,
 * goes on from where it was. A film that came whole is then taken in by its name.
 */
export function useUpload(
  done: () => void,
  make: (file: File, options: Partial<UploadOptions>) => Sender = (file, options) => new Sending(file, options),
): Upload {
  const sent = ref<number>()
  const fault = ref('')
  let going: Sender | undefined

  async function send(game: number, file: File, name: string, view: ReelSheet['view']): Promise<void> {
    fault.value = ''
    sent.value = 0
    const mine = make(file, {
      endpoint: `/api/games/${game}/uploads`,
      retryDelays: AGAIN,
      chunkSize: PIECE,
      onBeforeRequest: (request) => request.setHeader('X-XSRF-TOKEN', token()),
      onProgress: (bytes, all) => (sent.value = all ? Math.round((100 * bytes) / all) : 0),
      onError: (error) => stopped(said(error)),
      onSuccess: () => void take(game, name, view, mine),
    })
    going = mine
    const [before] = await mine.findPreviousUploads()
    if (before) mine.resumeFromPreviousUpload(before)
    mine.start()
  }
  async function take(game: number, name: string, view: ReelSheet['view'], mine: Sender): Promise<void> {
    sent.value = 100
    const upload = mine.url!.split('/').at(-1)!
    try {
      await answer(client.POST('/api/games/{game}/reels', { params: { path: { game } }, body: { name, view, upload } }))
      stopped('')
      done()
    } catch (error) {
      const problem = problemOf(error)
      stopped(problem.detail)
      // what the application did not decide on is still there to be taken in
      if (UNDECIDED.includes(problem.status) || problem.status >= 500) return
    }
    await forget(mine)
  }
  async function forget(mine: Sender): Promise<void> {
    for (const { urlStorageKey } of await mine.findPreviousUploads())
      await defaultOptions.urlStorage.removeUpload(urlStorageKey)
  }
  function stopped(words: string): void {
    sent.value = undefined
    going = undefined
    fault.value = words
  }
  async function stop(): Promise<void> {
    const mine = going
    stopped('')
    // what cannot be dropped now is given up in a day
    await mine?.abort(true).catch(() => undefined)
  }
  return { sent, fault, send, stop }
}

function said(error: Error): string {
  const response = error instanceof DetailedError ? error.originalResponse : undefined
  if (response?.getStatus() === 401)
    return 'Your sign-in is over. Sign in and choose the film again: it goes on from where it is.'
  const body = response?.getBody() ?? ''
  if (body.startsWith('{')) return (JSON.parse(body) as { detail?: string }).detail ?? 'The film was not taken.'
  return 'The connection broke. Press Upload again: the film goes on from where it is.'
}
