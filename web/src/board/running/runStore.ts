import { useQuery } from '@tanstack/vue-query'
import { usePreferredReducedMotion } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref, watch } from 'vue'
import { answer, client, faultOf } from '../../api/client'
import type { FaultWords, Spot } from '../../api/types'
import { queries } from '../../shell/queries'
import { useBoard } from '../boardStore'
import { usePlays } from '../playsStore'
import { ballOf, pictureOf } from './snapAt'

const HALF_YARD = 0.5
const halves = (yards: number): number => Math.round(yards / HALF_YARD) * HALF_YARD

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
  /** Whom a link of the cause is about. */
  const lit = ref<string>()
  /** From whose own place it is seen, and whether he has acted and what he saw may be said. */
  const own = ref<string>()
  const told = ref(false)

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
  /** From whose place it is seen when it is asked for: who is picked, else who is to blame, else who stands in the middle. */
  const whom = computed(() => {
    const jobs = board.sheet?.jobs ?? []
    const is = (id?: string): boolean => jobs.some((j) => j.id === id)
    const blamed = snap.value?.cause.links.find((l) => is(l.man))?.man
    return is(board.selected) ? board.selected : (blamed ?? jobs[Math.floor(jobs.length / 2)]?.id)
  })

  const last = computed(() => (snap.value?.ticks ?? 1) - 1)
  const trouble = computed(() => (on.value ? faultOf(asked.error.value) : ''))
  const picture = computed(() =>
    snap.value && board.sheet ? pictureOf(board.sheet, snap.value, tick.value) : undefined,
  )
  const ball = computed(() => snap.value && ballOf(snap.value, tick.value))

  /** The snap as the man has it from whose place it is seen. */
  const his = computed(() => snap.value?.own.find((o) => o.man === own.value))
  /** The tick at which he first acts; the end when he never does. */
  const acts = computed(() => his.value?.acts ?? last.value)
  /** He stands before what he has to do: what that is, is said when he is asked. */
  const waits = computed(() => !!own.value && !told.value && tick.value >= acts.value)
  const end = computed(() => (own.value && !told.value ? acts.value : last.value))

  function pause(): void {
    playing.value = false
  }
  /** From where it stands, or from the snap when it is over; stands at the end when less motion is asked for. */
  function play(): void {
    if (!snap.value) return
    if (lessMotion.value === 'reduce') {
      tick.value = tick.value >= end.value ? 0 : end.value
      return
    }
    if (tick.value >= end.value) tick.value = 0
    playing.value = true
    let before = performance.now()
    const next = (now: number): void => {
      if (!playing.value || !snap.value) return
      const passed = (now - before) / 1000 / snap.value.secondsPerTick
      before = now
      tick.value = Math.min(end.value, tick.value + passed * speed.value)
      if (tick.value >= end.value) pause()
      else requestAnimationFrame(next)
    }
    requestAnimationFrame(next)
  }
  function stand(to: number): void {
    pause()
    tick.value = Math.max(0, Math.min(end.value, to))
  }
  /** To the moment of a link, with the man it is about lit. */
  function show(to: number, man: string): void {
    stand(to)
    lit.value = man || undefined
  }
  /** What one man does otherwise; nothing of it when it is nought. The snap that is watched stays the one it is. */
  function put(man: string, kind: FaultWords['kind'], amount: number, route?: string): void {
    seed.value ??= snap.value?.seed
    const others = faults.value.filter((f) => f.man !== man || f.kind !== kind)
    faults.value = amount || route ? [...others, { man, kind, amount, route }] : others
  }
  const putIn = (man: string, kind: FaultWords['kind']): number =>
    faults.value.find((f) => f.man === man && f.kind === kind)?.amount ?? 0
  /** A defender is dragged, or nudged, from where he is drawn: he lines up so much elsewhere. */
  function move(man: string, to: Spot): void {
    const from = picture.value?.jobs.find((j) => j.id === man)?.feet
    if (!from) return
    const across = halves(putIn(man, 'MOVED_RIGHT') + to.x - from.x)
    const deep = halves(putIn(man, 'MOVED_DEEP') + to.y - from.y)
    put(man, 'MOVED_RIGHT', across)
    put(man, 'MOVED_DEEP', deep)
    stand(0)
  }
  /** From a man's own place, from the snap until he acts. */
  function seeFrom(man: string | undefined): void {
    own.value = man
    told.value = false
    tick.value = 0
    if (man) play()
  }
  /** He has said what he does: it is said what he saw, and the snap goes on. */
  function tell(): void {
    told.value = true
    play()
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
    lit.value = undefined
    own.value = undefined
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
    lit,
    own,
    told,
    waits,
    his,
    whom,
    end,
    show,
    put,
    putIn,
    move,
    seeFrom,
    tell,
    go,
    play,
    pause,
    stand,
    step,
    leave,
  }
})
