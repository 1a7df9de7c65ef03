import { onMounted, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { problemOf } from '../api/client'
import { useFilm } from './filmStore'
import type { Playlist } from './playlist'

/** The address says which game and which of its plays is in hand, and the other way about. */
export function useRoomAddress(list: Playlist): void {
  const film = useFilm()
  const route = useRoute()
  const router = useRouter()

  async function open(): Promise<void> {
    const asked = (what: unknown): number | undefined => (what ? Number(what) : undefined)
    try {
      const { play: wanted, reel: on } = route.query
      await film.open(Number(route.params.game), { play: asked(wanted), reel: asked(on) })
    } catch (error) {
      film.problem = problemOf(error)
    }
  }
  onMounted(open)
  // a playlist goes on to plays of this game and of others
  watch(
    () => [route.params.game, route.query.play].join(),
    () => {
      if (route.params.game === undefined) return
      if (Number(route.params.game) !== film.game?.id) void open()
      else if (route.query.play && Number(route.query.play) !== film.number) {
        const row = film.rows.find((r) => r.number === Number(route.query.play))
        if (row) void film.openPlay(row.id)
      }
    },
  )
  watch(
    () => film.number,
    (to) => {
      if (to !== undefined) void router.replace({ query: { play: String(to), ...list.query() } })
    },
  )
}
