import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { answer, client, problemOf } from '../api/client'
import type { Choices, PlanCell, PlanLoad, SnapWords } from '../api/types'
import { useKept } from '../shell/kept'
import { secondsLeft } from './order'

export const WHICH = [
  { id: 'plan', name: "this week's plan" },
  { id: 'installed', name: 'what is installed' },
  { id: 'all', name: 'the whole playbook' },
]
export interface Named {
  id: string
  name: string
}
export interface PlanRow {
  call: Named
  cells: PlanCell[]
}

/** How many of each standing, worst first. */
export function tally(rows: readonly PlanRow[], meantOnly: boolean): { standing: string; cells: number }[] {
  const all = rows.flatMap((r) => r.cells).filter((c) => !meantOnly || c.meant)
  return ['breaks', 'unknown', 'leaks', 'holds'].map((standing) => ({
    standing,
    cells: all.filter((c) => c.standing === standing).length,
  }))
}

/** So many calls are asked at one time: one for each core of a small machine. */
const AT_ONCE = 2

/** All calls by all formations, a row a call: it shows how far it is and can be stopped. */
export const usePlan = defineStore('plan', () => {
  const which = useKept('plan.which', 'plan')
  const motions = useKept('plan.motions', true)
  const plays = useKept('plan.plays', false)
  const against = useKept('plan.against', 'all')
  const order = useKept('plan.order', 'book')
  const rows = shallowRef<PlanRow[]>([])
  const load = shallowRef<PlanLoad>()
  const wanted = ref(0)
  const running = ref(false)
  const seconds = ref(0)
  const trouble = ref('')
  const done = computed(() => rows.value.length)

  let run = 0
  function cancel(): void {
    run++
    running.value = false
  }
  async function audit(calls: readonly Named[], formations: readonly string[], snap: SnapWords): Promise<void> {
    const mine = ++run
    const started = performance.now()
    rows.value = []
    load.value = undefined
    wanted.value = calls.length
    trouble.value = ''
    running.value = true
    const spot = { code: snap.code, hash: snap.hash, toGoal: snap.toGoal, down: snap.down, distance: snap.distance }
    try {
      const order = calls.map((c) => c.id)
      const left = [...calls]
      const ask = async (): Promise<void> => {
        for (let call = left.shift(); call && mine === run; call = left.shift()) {
          const found = await answer(
            client.POST('/api/plan-audits', {
              body: { call: call.id, formations: [...formations], spot, motions: motions.value, plays: plays.value },
            }),
          )
          if (mine !== run) return
          rows.value = [...rows.value, { call, cells: found.cells }].sort(
            (a, b) => order.indexOf(a.call.id) - order.indexOf(b.call.id),
          )
          seconds.value = (performance.now() - started) / 1000
        }
      }
      await Promise.all(Array.from({ length: AT_ONCE }, ask))
      if (mine !== run) return
      if (calls.length && formations.length) {
        const found = await answer(
          client.POST('/api/teaching-loads', {
            body: { calls: calls.map((c) => c.id), formation: formations[0]!, spot },
          }),
        )
        if (mine === run) load.value = found
      }
    } catch (error) {
      if (mine === run) {
        trouble.value = problemOf(error).detail
        cancel()
      }
    } finally {
      if (mine === run) running.value = false
    }
  }
  const left = computed(() => secondsLeft(done.value, wanted.value, seconds.value))
  return {
    which,
    motions,
    plays,
    against,
    order,
    left,
    rows,
    load,
    wanted,
    running,
    seconds,
    trouble,
    done,
    audit,
    cancel,
  }
})

/** A cell of the heat. */
export interface Place {
  row: number
  column: number
}
export function formationName(formations: Choices['formations'], id: string): string {
  return formations.find((f) => f.id === id)?.name ?? id
}
/** A cell as it is read out. */
export function cellWords(call: string, formations: Choices['formations'], cell: PlanCell): string {
  return `${call} against ${formationName(formations, cell.formation)}: ${cell.standing}`
}
