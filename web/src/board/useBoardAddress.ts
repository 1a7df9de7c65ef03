import { useDebounceFn } from '@vueuse/core'
import { watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { fromQuery, sameQuery, toQuery } from './boardAddress'
import { useBoard } from './boardStore'

/** A change stands in the address once the hand rests, so that Back goes by what was looked at. */
const REST_MILLIS = 350

/** The board and its address say the same: a link opens it, Back and Forward walk what was looked at. */
export function useBoardAddress(): { enter: () => void } {
  const board = useBoard()
  const route = useRoute()
  const router = useRouter()
  const here = route.path
  const now = () => ({ snap: board.snap, call: board.callId })

  function write(): void {
    const query = toQuery(now())
    if (route.path !== here || sameQuery(query, route.query)) return
    void (route.query.call ? router.push({ query }) : router.replace({ query }))
  }
  const writeSoon = useDebounceFn(write, REST_MILLIS)
  watch(() => [board.snap, board.callId], writeSoon, { deep: true })
  watch(
    () => route.query,
    (query) => {
      if (route.path !== here) return
      const asked = fromQuery(query, now())
      if (!asked) write()
      else if (!sameQuery(toQuery(now()), query)) void board.goTo(asked)
    },
  )
  /** Takes what the address asks for before the first question. */
  function enter(): void {
    const asked = fromQuery(route.query, now())
    if (asked) board.beginAt(asked.snap, asked.call)
    else write()
  }
  return { enter }
}
