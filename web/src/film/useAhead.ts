import { useDebounceFn } from '@vueuse/core'
import { onBeforeUnmount, ref, watch, type Ref } from 'vue'
import { Ahead } from './ahead'
import { frameAt, seekTime } from './frames'
import { videoScout } from './videoScout'

/** The film itself goes to a frame whose picture is shown when he stays at it so long, milliseconds. */
const STAYS = 120

/**
 * Shows the frame that is asked for: by its picture, laid over the film at once where it was decoded ahead, and by the film,
 * which comes after. `over` is the frame whose picture lies there, until the film has come to it.
 */
export function useAhead(
  props: { src: string; times: number[]; frame: number },
  video: Ref<HTMLVideoElement | undefined>,
  canvas: Ref<HTMLCanvasElement | undefined>,
): { over: Ref<number | undefined>; goThere: () => void } {
  const over = ref<number>()
  let ahead: Ahead<ImageBitmap> | undefined

  /** Whether the film itself is at the frame, or on its way there. */
  const there = (film: HTMLVideoElement): boolean => frameAt(film.currentTime, props.times) === props.frame
  function goThere(): void {
    if (video.value) video.value.currentTime = seekTime(props.frame, props.times)
  }
  const settle = useDebounceFn(goThere, STAYS)
  function lay(picture: ImageBitmap, frame: number): void {
    canvas.value!.width = picture.width
    canvas.value!.height = picture.height
    canvas.value!.getContext('2d')?.drawImage(picture, 0, 0)
    if (over.value === undefined) video.value!.requestVideoFrameCallback(arrived)
    over.value = frame
  }
  /** The film presents a frame: when it is the one he is at, or it plays, no picture is needed. */
  function arrived(_: number, { mediaTime }: VideoFrameCallbackMetadata): void {
    if (!video.value) return
    if (!video.value.paused || frameAt(mediaTime + 1e-4, props.times) === props.frame) over.value = undefined
    else video.value.requestVideoFrameCallback(arrived)
  }

  function begin(): void {
    ahead?.drop()
    over.value = undefined
    const scout = videoScout(props.src, props.times)
    ahead =
      scout &&
      new Ahead(
        scout,
        props.times.length,
        (picture) => picture.close(),
        (frame, picture) => {
          if (frame === props.frame && video.value && !there(video.value)) lay(picture, frame)
        },
      )
    ahead?.shown(props.frame)
  }
  watch(() => props.src, begin, { immediate: true })
  onBeforeUnmount(() => ahead?.drop())
  watch(
    () => props.frame,
    (frame) => {
      if (!video.value) return
      if (video.value.paused) ahead?.shown(frame)
      if (over.value === undefined && there(video.value)) return
      const picture = ahead?.at(frame)
      if (picture) lay(picture, frame)
      // what is on its way comes sooner than a film that is sent there as well
      if (picture || ahead?.soon(frame)) void settle()
      else goThere()
    },
  )
  return { over, goThere }
}
