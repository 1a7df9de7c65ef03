import { useQuery } from '@tanstack/vue-query'
import { usePreferredReducedMotion } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref, watch } from 'vue'
import { answer, client, faultOf } from '../../api/client'
import type { FaultWords } from '../../api/types'
import { queries } from '../../shell/queries'
import { useBoard } from '../boardStore'
import { usePlays } from '../playsStore'
import { ballOf, pictureOf } from './snapAt'

/** How fast a snap is watched: as it is, half, a quarter. */
export const SPEEDS = [1, 0.5, 0.25] as const

/** The picked play as it runs at the call on the board: asked when it is first run, watched tick by tick. */
export const useRunning = defineStore('running', () => {
  const board = useBoard()
  const plays = usePlays()
  const lessMotion = usePreferredReducedMotion()
  const on = ref(false)
  const faults = ref<FaultWords[]>([])
  const seed = ref<number>()
  /** Ticks after the snap; between two the men are on their way. */
  const tick = ref(0)
  const speed = ref<number>(1)
  const playing = ref(false)

  const may = computed(() => !!plays.there && !!(plays.run ?? plays.pass))
  const asked = useQuery(
    computed(() => {
      const play = plays.there
      const body = { ...plays.painted!, play: play?.id ?? '', left: play?.left ?? false, faults: faults.value }
      return {
        queryKey: ['snap run', body, seed.value],
        queryFn: () => answer(client.POST('/api/snap-runs', { body: { ...body, seed: seed.value } })),
        enabled: on.value && may.value && !!plays.painted,
        // what was watched stays while what if is asked
        placeholderData: (before: unknown) => before as never,
        staleTime: Infinity,
      }
    }),
    queries,
  )
  const run = computed(() => (on.value && may.value ? asked.data.value : undefined))
  const snap = computed(() => run.value?.snap)
  const last = computed(() => (snap.value?.ticks ?? 1) - 1)
  const trouble = computed(() => (on.value ? faultOf(asked.error.value) : ''))
  const picture = computed(() =>
    snap.value && board.sheet ? pictureOf(board.sheet, snap.value, tick.value) : undefined,
  )
  const ball = computed(() => snap.value && ballOf(snap.value, tick.value))

  function pause(): void {
    playing.value = false
  }
  /** From where it stands, or from the snap when it is over; stands at the end when less motion is asked for. */
  function play(): void {
    if (!snap.value) return
    if (lessMotion.value === 'reduce') {
      tick.value = tick.value >= last.value ? 0 : last.value
      return
    }
    if (tick.value >= last.value) tick.value = 0
    playing.value = true
    let before = performance.now()
    const next = (now: number): void => {
      if (!playing.value || !snap.value) return
      const passed = (now - before) / 1000 / snap.value.secondsPerTick
      before = now
      tick.value = Math.min(last.value, tick.value + passed * speed.value)
      if (tick.value >= last.value) pause()
      else requestAnimationFrame(next)
    }
    requestAnimationFrame(next)
  }
  function stand(to: number): void {
    pause()
    tick.value = Math.max(0, Math.min(last.value, to))
  }
  const step = (by: number): void => stand(Math.round(tick.value) + by)
  /** Runs it, and plays or pauses what is run. */
  function go(): void {
    if (!may.value) return
    if (!on.value) {
      on.value = true
      tick.value = 0
    } else if (playing.value) pause()
    else play()
  }
  function leave(): void {
    pause()
    on.value = false
    faults.value = []
    seed.value = undefined
    tick.value = 0
  }
  // another board or another play is another question
  watch(() => [plays.painted, plays.there?.id, plays.there?.left], leave)
  watch(snap, (now, before) => {
    if (!now) return
    if (!before) play()
    else stand(Math.min(tick.value, now.ticks - 1))
  })
  return {
    on,
    may,
    run,
    snap,
    last,
    trouble,
    asking: asked.isFetching,
    picture,
    ball,
    faults,
    seed,
    tick,
    speed,
    playing,
    go,
    play,
    pause,
    stand,
    step,
    leave,
  }
})
