import type { PlayLog } from '../api/types'
import { snapAgainst, useLists } from '../shell/lists'

/** The log of the play after one: they line up the same until somebody says otherwise, and nothing is known of it yet. */
export function fresh(log: PlayLog): PlayLog {
  const { snap, call, revision, quarter, drive } = log
  return { snap, call, revision, quarter, drive }
}
/** A plain snap by the rules of the game, and a call for as many men. */
export function firstLog(code: string): PlayLog {
  const { choices, calls } = useLists()
  const players = choices?.codes.find((c) => c.id === code)?.players
  const snap = snapAgainst(
    choices?.formations.find((f) => f.players === players),
    choices,
  )
  const call = calls.find((c) => c.players === players)
  if (!snap || !call) throw new Error('no formation and call is known for these rules')
  return { snap: { ...snap, code }, call: call.id, revision: call.revision }
}
