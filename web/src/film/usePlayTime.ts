import { computed, ref, watch, type Ref } from 'vue'
import { useFilm } from './filmStore'
import { drawnFrames } from './drawing'
import { clampFrame, frameAt, playEnd } from './frames'

/** Where the frame that is shown is in the play in hand, and how one goes through it. */
export function usePlayTime(frame: Ref<number>) {
  const film = useFilm()
  const times = computed(() => film.reel?.frameTimes ?? [])
  /** Moments on the ribbon: the play's, those of the man in hand, and frames in which somebody was clicked. */
  const moments = computed(() => {
    const seen = film.now?.seen.filter((s) => !s.man || s.man === film.target) ?? []
    const clicked = new Set(film.now?.marks.flatMap((m) => m.frame ?? []))
    return [
      ...seen.map((s) => ({ frame: s.frame, name: s.what })),
      ...[...clicked].map((f) => ({ frame: f, name: 'feet clicked' })),
      ...(film.now ? drawnFrames(film.now) : []).map((f) => ({ frame: f, name: 'drawn' })),
    ]
  })
  function walkMark(by: number): void {
    const frames = [...new Set([film.now?.snapFrame ?? 0, ...moments.value.map((m) => m.frame)])].sort((a, b) => a - b)
    const next = by > 0 ? frames.find((f) => f > frame.value) : frames.findLast((f) => f < frame.value)
    if (next !== undefined) frame.value = next
  }
  /** First and last frame of the play in hand on this reel; the whole reel when none is. */
  const span = computed<[number, number]>(() =>
    film.now && film.angle
      ? [film.now.firstFrame, playEnd(film.now, film.footage?.angles ?? [], film.angle.reel, times.value)]
      : [0, Math.max(0, times.value.length - 1)],
  )
  /** Seconds since the ball moved: what the sides of a play have in common. */
  const sinceBall = ref(0)
  /** The angle whose frame is shown; a frame of the one before says nothing of the one that is there now. */
  let shownOf: number | undefined
  watch([frame, () => film.now], () => {
    if (film.angle?.id !== shownOf) return
    const ball = times.value[film.now?.snapFrame ?? -1]
    if (ball !== undefined) sinceBall.value = (times.value[frame.value] ?? ball) - ball
  })
  watch(
    () => film.angle?.id,
    (id, before) => {
      shownOf = id
      const now = film.now
      const ball = times.value[now?.snapFrame ?? 0] ?? 0
      const samePlay = before !== undefined && film.play?.angles.some((a) => a.id === before)
      if (!samePlay) sinceBall.value = 0
      frame.value = now ? (samePlay ? frameAt(ball + sinceBall.value + 1e-4, times.value) : now.snapFrame) : 0
    },
  )
  function go(to: number): void {
    frame.value = clampFrame(to, times.value)
  }
  function skip(seconds: number): void {
    frame.value = frameAt((times.value[frame.value] ?? 0) + seconds, times.value)
  }
  return { times, span, moments, sinceBall, go, skip, walkMark }
}
