import type { Scout } from './ahead'
import { frameAt, seekTime } from './frames'

/** No wider than this are pictures kept; the film itself takes their place when he stops. */
const WIDEST = 1280

/** A second player of the same film, never shown; none where a browser cannot tell which frame it presents. */
export function videoScout(src: string, times: readonly number[]): Scout<ImageBitmap> | undefined {
  if (!('requestVideoFrameCallback' in HTMLVideoElement.prototype)) return undefined
  const video = document.createElement('video')
  video.muted = true
  video.preload = 'auto'
  let run = 0
  return {
    run(from, to, seen, done) {
      const mine = ++run
      if (!video.src) video.src = src
      const each = (_: number, { mediaTime }: VideoFrameCallbackMetadata): void => {
        if (mine !== run) return
        const frame = frameAt(mediaTime + 1e-4, times)
        if (frame >= from && frame <= to)
          void createImageBitmap(video, { resizeWidth: Math.min(WIDEST, video.videoWidth) }).then((p) => seen(frame, p))
        if (frame >= to || video.ended) {
          video.pause()
          done()
        } else video.requestVideoFrameCallback(each)
      }
      // what it presents before it has come there is of an earlier run
      const begin = (): void => {
        if (mine !== run) return
        video.requestVideoFrameCallback(each)
        video.play().catch(done)
      }
      video.addEventListener('seeked', begin, { once: true })
      video.currentTime = seekTime(from, times)
    },
    stop() {
      run++
      video.pause()
    },
  }
}
