import { ref, watch, type Ref } from 'vue'
import { answer, client, problemOf } from '../api/client'
import { useFilm } from './filmStore'

/** Goes to the frame near the one that is shown in which the picture shows the ball move; marking it stays his. */
export function useBallInPicture(frame: Ref<number>, go: (to: number) => void) {
  const film = useFilm()
  const words = ref('')
  /** Where what was said holds. */
  let at: number | undefined
  watch([frame, () => film.reel?.id], () => {
    if (frame.value !== at) words.value = ''
  })

  async function find(): Promise<void> {
    const reel = film.reel?.id
    const near = frame.value
    if (reel === undefined) return
    at = near
    words.value = 'Looking for the frame in which the ball moves …'
    try {
      const params = { path: { id: reel }, query: { near } }
      const found = await answer(client.GET('/api/reels/{id}/ball', { params }))
      if (film.reel?.id !== reel || frame.value !== near) return
      if (found.frame === undefined) {
        words.value =
          'Within 2 s of this frame nothing begins to move, or the camera moves itself: step nearer to the snap, or find it by hand.'
        return
      }
      at = found.frame
      go(found.frame)
      words.value =
        'The picture shows the first movement after this frame, good to two frames: step either way. ' +
        'B says that the ball moves here, N cuts a new play.'
    } catch (error) {
      words.value = problemOf(error).detail
    }
  }
  return { words, find }
}
