import { useQuery } from '@tanstack/vue-query'
import { defineStore } from 'pinia'
import { computed, ref, watch } from 'vue'
import { answer, client, faultOf } from '../../api/client'
import { queries } from '../../shell/queries'
import { useBoard } from '../boardStore'
import { usePlays } from '../playsStore'
import { useRunning } from './runStore'
import { ballOf, pictureOf } from './snapAt'

/** The play that is watched at another call, in step with it: the same snap, the same luck. */
export const useBeside = defineStore('beside', () => {
  const board = useBoard()
  const plays = usePlays()
  const running = useRunning()
  const call = ref<string>()
  const on = computed(() => !!call.value && !!running.snap && !!plays.painted)

  const lineUp = useQuery(
    computed(() => ({
      queryKey: ['line-up beside', call.value, board.snap],
      queryFn: () =>
        answer(
          client.POST('/api/line-ups', { body: { snap: { ...board.snap }, call: call.value!, edits: [], hand: [] } }),
        ),
      enabled: on.value,
      staleTime: Infinity,
    })),
    queries,
  )
  const asked = useQuery(
    computed(() => {
      const play = plays.there
      const first = {
        ...plays.painted!,
        play: play?.id ?? '',
        left: play?.left ?? false,
        faults: running.faults,
        seed: running.snap?.seed,
      }
      return {
        queryKey: ['snap run beside', first, call.value],
        queryFn: () => answer(client.POST('/api/snap-runs/beside', { body: { first, call: call.value! } })),
        enabled: on.value,
        placeholderData: (before: unknown) => before as never,
        staleTime: Infinity,
      }
    }),
    queries,
  )
  const row = computed(() => (on.value && asked.data.value?.call === call.value ? asked.data.value : undefined))
  const sheet = computed(() => {
    const phases = on.value ? lineUp.data.value?.phases : undefined
    return phases?.[Math.min(board.phaseShown, phases.length - 1)]
  })
  /** Who is down here before the other is, stays down. */
  const tick = computed(() => (row.value ? Math.min(running.tick, row.value.snap.ticks - 1) : 0))
  const picture = computed(() =>
    row.value && sheet.value ? pictureOf(sheet.value, row.value.snap, tick.value) : undefined,
  )
  const ball = computed(() => row.value && ballOf(row.value.snap, tick.value))
  const trouble = computed(() => (on.value ? faultOf(asked.error.value ?? lineUp.error.value) : ''))
  watch(
    () => running.on,
    (now) => {
      if (!now) call.value = undefined
    },
  )
  return { call, row, tick, picture, ball, trouble, asking: asked.isFetching }
})
