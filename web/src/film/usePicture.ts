import { watch, type Ref } from 'vue'
import { useBallInPicture } from './ballInPicture'
import { useFilm } from './filmStore'
import { useFoundMen } from './foundMen'
import { useFoundPlaces } from './foundPlaces'
import type { Paths } from './usePaths'

/** What the frame that is shown shows by itself, and how it becomes his clicks. */
export function usePicture(
  frame: Ref<number>,
  paths: Paths,
  go: (to: number) => void,
  /** Puts the cross where somebody is to be clicked. */
  point: (x: number, y: number) => void,
) {
  const film = useFilm()
  const men = useFoundMen(frame, paths)
  const places = useFoundPlaces(frame)
  const ball = useBallInPicture(frame, go)
  watch(men.ofTarget, (man) => man && point(man.xPixels, man.yPixels))

  /** A click where the picture shows him is what the picture found. */
  function click(x: number, y: number): void {
    const his = men.ofTarget.value
    film.clickAt(x, y, frame.value, his?.xPixels === x && his.yPixels === y ? true : undefined)
  }
  function take(): void {
    if (film.mode === 'calibrate') places.take()
    else men.take()
  }
  return { men, places, ball, click, take }
}
export type InPicture = ReturnType<typeof usePicture>
