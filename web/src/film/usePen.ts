import { ref } from 'vue'
import type { DrawnPoint } from './drawing'

/** A pen over the picture: put down somewhere, led along, taken up again. */
export function usePen(done: (way: DrawnPoint[]) => void) {
  /** The way it went since it was put down; empty while it is up. */
  const way = ref<DrawnPoint[]>([])
  function lead(x: number, y: number): void {
    if (way.value.length) way.value.push({ xPixels: x, yPixels: y })
  }
  function put(x: number, y: number): void {
    way.value = [{ xPixels: x, yPixels: y }]
  }
  function lift(): void {
    const gone = way.value
    way.value = []
    if (gone.length > 1) done(gone)
  }
  function drop(): void {
    way.value = []
  }
  return { way, put, lead, lift, drop }
}
