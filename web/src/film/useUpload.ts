import { ref, type Ref } from 'vue'
import type { Problem } from '../api/client'

export interface Upload {
  /** Percent sent; undefined while nothing is on its way. */
  sent: Ref<number | undefined>
  fault: Ref<string>
  send: (game: number, file: File, name: string, view: string) => void
  stop: () => void
}

/** A film goes out as it is read, with its progress; nothing is kept of one that was refused or stopped. */
export function useUpload(done: () => void, make: () => XMLHttpRequest = () => new XMLHttpRequest()): Upload {
  const sent = ref<number>()
  const fault = ref('')
  let request: XMLHttpRequest | undefined

  function send(game: number, file: File, name: string, view: string): void {
    fault.value = ''
    sent.value = 0
    const going = (request = make())
    const asked = `name=${encodeURIComponent(name)}&view=${encodeURIComponent(view)}`
    going.open('POST', `/api/games/${game}/reels?${asked}`)
    going.setRequestHeader('Content-Type', 'application/octet-stream')
    going.setRequestHeader('X-XSRF-TOKEN', decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1] ?? ''))
    going.upload.onprogress = (e) => (sent.value = e.total ? Math.round((100 * e.loaded) / e.total) : 0)
    going.onload = () => {
      sent.value = undefined
      if (going.status < 300) done()
      else
        fault.value = (JSON.parse(going.responseText || '{}') as Partial<Problem>).detail ?? 'The film was not taken.'
    }
    going.onerror = () => {
      sent.value = undefined
      fault.value = 'The connection broke; nothing was kept. Try again.'
    }
    going.onabort = () => (sent.value = undefined)
    going.send(file)
  }
  return { sent, fault, send, stop: () => request?.abort() }
}
