import { computed, ref, type Ref } from 'vue'
import { drawnAt, strokeOf, withDrawing, withoutLastDrawing, type DrawnPoint, type Shape } from './drawing'
import { useFilm } from './filmStore'

/** What is drawn over the frame that is shown, and what the pen in hand adds to it. */
export function useDrawing(frame: Ref<number>) {
  const film = useFilm()
  const shape = ref<Shape>('arrow')
  const times = computed(() => film.reel?.frameTimes ?? [])
  const here = computed(() => (film.now ? drawnAt(film.now, frame.value, times.value) : []))
  function draw(way: DrawnPoint[]): void {
    const points = strokeOf(shape.value, way)
    if (film.now && points.length) film.set(withDrawing(film.now, { shape: shape.value, frame: frame.value, points }))
  }
  function wipe(): void {
    if (film.now && here.value.length) film.set(withoutLastDrawing(film.now, frame.value, times.value))
  }
  function take(one: Shape): void {
    shape.value = one
  }
  return { shape, take, here, draw, wipe }
}
export type DrawingOver = ReturnType<typeof useDrawing>
