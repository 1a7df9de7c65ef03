import { answer, client, problemOf } from '../api/client'
import type { SnapWords, Spot } from '../api/types'
import { useLists } from '../shell/lists'
import { useBoard } from './boardStore'

/** Men of the offence put elsewhere by hand, and such an offence kept as a formation. */
export function usePlacing() {
  const board = useBoard()
  const lists = useLists()
  const asShown = (): SnapWords => (board.phase ? board.snap : { ...board.snap, motion: undefined })

  /** A man of the offence stands elsewhere; the formation is as placed from now on. */
  async function placeMan(man: string, spot: Spot): Promise<void> {
    try {
      const body = { snap: asShown(), man, x: spot.x, y: spot.y }
      const { men } = await answer(client.POST('/api/placements', { body }))
      void board.say({ men, motion: undefined })
    } catch (error) {
      board.problem = problemOf(error)
    }
  }
  /** Keeps the offence as placed; the answer tells what the rules have against it. */
  async function keepFormation(name: string): Promise<string[]> {
    const body = { name, men: board.snap.men ?? '' }
    const against = await answer(client.POST('/api/playbook/formations', { body }))
    await lists.loadChoices()
    const kept = lists.choices?.formations.find((f) => f.name === name.trim())
    if (kept) void board.say({ formation: kept.id, mirrored: false, men: undefined })
    return against
  }
  return { placeMan, keepFormation }
}
