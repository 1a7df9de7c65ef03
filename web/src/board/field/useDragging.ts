import { ref, type Ref } from 'vue'
import type { Spot } from '../../api/types'
import type { Drawing } from './field'

/** Yards a pointer moves before a click is a drag. */
const CLICK_YARDS = 0.4
/** A defender stays this far before the line, a man of the offence behind it, yards. */
const DEFENDER_LEAST = 0.6
const OFFENCE_MOST = -0.5

interface Options {
  svg: Ref<SVGSVGElement | null>
  drawing: () => Drawing
  /** Where a defender stands, by his job. */
  feet: (job: string) => Spot | undefined
  dropped: (job: string, spot: Spot) => void
  placed: (man: string, spot: Spot) => void
}

/** Men under the pointer: where the one being dragged is, and what becomes of him when he is let go. */
export function useDragging(options: Options) {
  const defender = ref<{ job: string; spot: Spot }>()
  const attacker = ref<{ name: string; spot: Spot }>()
  let job: string | undefined
  let man: string | undefined

  function spotOf(event: PointerEvent): Spot {
    const matrix = options.svg.value!.getScreenCTM()!.inverse()
    const p = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix)
    return options.drawing().svgToField({ x: p.x, y: p.y })
  }
  function take(of: { job?: string; man?: string }, event: PointerEvent): void {
    job = of.job
    man = of.man
    options.svg.value!.setPointerCapture(event.pointerId)
  }
  function move(event: PointerEvent): void {
    if (man) {
      const spot = spotOf(event)
      attacker.value = { name: man, spot: { x: spot.x, y: Math.min(OFFENCE_MOST, spot.y) } }
    }
    if (!job) return
    const spot = spotOf(event)
    const from = options.feet(job)
    if (!defender.value && from && Math.hypot(spot.x - from.x, spot.y - from.y) < CLICK_YARDS) return
    defender.value = { job, spot: { x: spot.x, y: Math.max(DEFENDER_LEAST, spot.y) } }
  }
  function up(): void {
    if (attacker.value) options.placed(attacker.value.name, attacker.value.spot)
    if (defender.value) options.dropped(defender.value.job, defender.value.spot)
    job = man = undefined
    defender.value = undefined
    attacker.value = undefined
  }
  return { defender, attacker, take, move, up }
}
