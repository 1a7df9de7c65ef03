import { answer, client } from '../api/client'
import type { Board, BoardRequest } from '../api/types'
import { queries } from '../shell/queries'

/** So long a line-up that was looked at in a menu is as good as one asked now. */
const FRESH_MILLIS = 3000

/** What the board asks is kept apart from the pictures of other views. */
const BOARD = 'board'

const asked = (body: BoardRequest) => ({
  queryKey: [BOARD, body],
  queryFn: () => answer(client.POST('/api/line-ups', { body })),
  staleTime: FRESH_MILLIS,
  gcTime: FRESH_MILLIS,
})

/** The line-up of a board, asked again only when it was not asked just now. */
export const lineUpOf = (body: BoardRequest): Promise<Board> => queries.fetchQuery(asked(body))

/** What was asked before somebody was elsewhere in the application is asked anew. */
export const forgetLineUps = (): void => void queries.invalidateQueries({ queryKey: [BOARD], refetchType: 'none' })

let looked: BoardRequest | undefined
let looking = false
/**
 * Asks for the line-up of what is looked at in a menu, so that it is there when it is taken. One at a time: what the
 * eye has left is not asked.
 */
export async function lookAhead(body: BoardRequest): Promise<void> {
  looked = body
  if (looking) return
  looking = true
  while (looked) {
    const next: BoardRequest = looked
    looked = undefined
    await queries.prefetchQuery(asked(next))
  }
  looking = false
}
