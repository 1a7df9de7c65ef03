import { computed, ref, type ComputedRef, type Ref } from 'vue'
import { useRoute, useRouter, type LocationQueryRaw, type RouteLocationRaw } from 'vue-router'
import type { OnPlay } from '../api/types'

/** A play that is watched. */
export type Watched = Pick<OnPlay, 'game' | 'number'>

/** Where plays are watched one after the other; the address says which, so that it can be passed on. */
export function playlistOf(plays: readonly Watched[], of: string): RouteLocationRaw {
  const [first] = plays
  if (!first) return '/film'
  // what several men did on one play is watched once
  const named = new Set(plays.map((p) => `${p.game}.${p.number}`))
  return at(first, { list: [...named].join('-'), of })
}
function at(play: Watched, rest: LocationQueryRaw): RouteLocationRaw {
  return { path: `/film/${play.game}/room`, query: { play: String(play.number), ...rest } }
}

export interface Playlist {
  plays: ComputedRef<Watched[]>
  /** What the plays are of, in words. */
  of: ComputedRef<string>
  /** Which of them is shown, from 0; -1 while another play is. */
  at: ComputedRef<number>
  /** Whether the next one comes by itself. */
  running: ComputedRef<boolean>
  stopped: Ref<boolean>
  /** Stops at each play, or runs again. */
  toggle: () => void
  walk: (by: number) => void
  leave: () => void
  /** What keeps the list in the address when another play is chosen. */
  query: () => LocationQueryRaw
}

/** The plays that the address names. */
export function usePlaylist(): Playlist {
  const route = useRoute()
  const router = useRouter()
  const stopped = ref(false)
  const plays = computed(() => {
    const words = typeof route.query.list === 'string' ? route.query.list : ''
    return words
      .split('-')
      .map((w) => w.split('.').map(Number))
      .filter((p) => p.length === 2 && p.every(Number.isInteger))
      .map(([game, number]) => ({ game: game!, number: number! }))
  })
  const of = computed(() => (typeof route.query.of === 'string' ? route.query.of : ''))
  const shown = computed(() =>
    plays.value.findIndex((p) => p.game === Number(route.params.game) && p.number === Number(route.query.play)),
  )
  const query = (): LocationQueryRaw => (plays.value.length ? { list: route.query.list, of: route.query.of } : {})
  function walk(by: number): void {
    const next = plays.value[shown.value + by]
    if (next) void router.push(at(next, query()))
    else stopped.value = true
  }
  return {
    plays,
    of,
    at: shown,
    running: computed(() => plays.value.length > 0 && !stopped.value),
    stopped,
    toggle: () => (stopped.value = !stopped.value),
    walk,
    leave: () => void router.replace({ query: { play: route.query.play } }),
    query,
  }
}
