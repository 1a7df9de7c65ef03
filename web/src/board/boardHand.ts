import { usePreferredReducedMotion } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { Spot } from '../api/types'
import { useBoard } from './boardStore'
import type { Layer } from './field/layers'
import { withoutHand } from './draft'
import { usePlacing } from './offencePlaced'
import { pictureAt } from './scrub'

const STEP_MILLIS = 900
const STAND_MILLIS = 500
/** A defender is not put over the line, yards. */
const LEAST_DEPTH = 0.6

/** The one after a name in a list, round the end; the first or last when none is picked. */
export function nextOf(names: readonly string[], now: string | undefined, by: number): string | undefined {
  const at = now && names.includes(now) ? names.indexOf(now) : by > 0 ? -1 : names.length
  return names[(at + by + names.length) % names.length]
}

/** What hand and keys hold on the field: the man walked to, the ghost being put somewhere, the offence being placed. */
export const useHand = defineStore('hand', () => {
  const board = useBoard()
  const { placeMan } = usePlacing()
  const lessMotion = usePreferredReducedMotion()
  const ghost = ref<Spot>()
  /** A defender let go somewhere; the board asks what it shall mean. */
  const dropped = ref<{ job: string; spot: Spot }>()
  const placing = ref(false)
  /** The man of the offence being placed. */
  const man = ref<string>()

  /** Men of the offence who may be placed, left to right as the sheet has them. */
  const movable = computed(() =>
    (board.sheet?.offence ?? []).filter((m) => m.post === 'eligible' || m.post === 'quarterback'),
  )
  const turned = (): number => (board.viewFrom === 'offence' ? 1 : -1)
  function pick(job: string | undefined): void {
    board.selected = job
    ghost.value = undefined
  }
  /** The next man as seen on the screen. */
  function walk(by: number): void {
    if (placing.value) {
      const names = movable.value.map((m) => m.name)
      man.value = man.value ? nextOf(names, man.value, by) : names[0]
      return
    }
    const order = (board.sheet?.jobs ?? []).map((j) => j.id)
    if (board.viewFrom === 'defence') order.reverse()
    pick(nextOf(order, board.selected, by))
  }
  /** Who has the next man of theirs that may catch the ball, as they stand on the screen. */
  function askReceiver(by: number): void {
    const names = movable.value
      .filter((m) => m.post === 'eligible')
      .sort((a, b) => turned() * (a.feet.x - b.feet.x))
      .map((m) => m.name)
    const name = nextOf(names, board.asked?.kind === 'MAN' ? board.asked.name : undefined, by)
    if (name) board.asked = { kind: 'MAN', name }
  }
  /** Moves the picked man's ghost, or the man being placed; as seen on the screen. */
  function nudge(x: number, y: number): void {
    const by = { x: turned() * x, y: turned() * y }
    const placed = movable.value.find((m) => m.name === man.value)
    if (placing.value && placed) {
      void placeMan(placed.name, { x: placed.feet.x + by.x, y: placed.feet.y + by.y })
      return
    }
    const from = ghost.value ?? board.job?.feet
    if (from) ghost.value = { x: from.x + by.x, y: Math.max(LEAST_DEPTH, from.y + by.y) }
  }
  function putBack(): void {
    if (board.selected) board.setDraft(withoutHand(board.draft, board.selected))
  }
  function placed(): void {
    dropped.value = undefined
    ghost.value = undefined
  }
  let playing = 0
  /** The motion as it happens: set, each step, the end. */
  /** Where the motion stands under the hand: a whole number is a step of it, between two the men are on their way. */
  const moment = ref<number>()
  const onTheWay = computed(() =>
    moment.value === undefined ? undefined : pictureAt(board.board?.phases ?? [], moment.value),
  )
  function scrub(to: number): void {
    playing++
    moment.value = to
  }
  function stand(phase: number): void {
    playing++
    moment.value = undefined
    board.phase = phase
  }
  async function playMotion(): Promise<void> {
    const mine = ++playing
    const last = (board.board?.phases.length ?? 1) - 1
    for (let n = 0; n <= last && mine === playing; n++) {
      board.phase = n
      moment.value = undefined
      await new Promise((done) => setTimeout(done, STAND_MILLIS))
      if (n < last) await walkOn(n, mine)
    }
    if (mine === playing) moment.value = undefined
  }
  /** From one step to the next; at once when the system asks for less motion. */
  async function walkOn(step: number, mine: number): Promise<void> {
    if (lessMotion.value === 'reduce') return
    const began = performance.now()
    for (let t = 0; t < 1 && mine === playing;) {
      const now = await new Promise<number>(requestAnimationFrame)
      t = Math.min(1, (now - began) / STEP_MILLIS)
      if (mine === playing) moment.value = step + t
    }
  }
  function toggle(layer: Layer): void {
    board.layers = board.layers.includes(layer) ? board.layers.filter((l) => l !== layer) : [...board.layers, layer]
  }
  return {
    ghost,
    dropped,
    placing,
    man,
    pick,
    walk,
    askReceiver,
    nudge,
    putBack,
    placed,
    moment,
    onTheWay,
    scrub,
    stand,
    playMotion,
    toggle,
    mayNudge: () => !!board.selected || (placing.value && !!man.value),
  }
})
