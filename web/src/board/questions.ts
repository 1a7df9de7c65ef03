import { answer, client } from '../api/client'
import type { Edit, FindingRow, FoundPhrase, RepairOffer, Spot } from '../api/types'
import { useBoard } from './boardStore'

/** What core is asked about the board as it stands, besides its line-up. */
export function useQuestions() {
  const board = useBoard()
  /** What a place of a defender could mean, in words of a rung. */
  async function phrasesAt(job: string, spot: Spot): Promise<FoundPhrase[]> {
    const body = { board: board.request(board.draft), job, x: spot.x, y: spot.y }
    return answer(client.POST('/api/phrases', { body }))
  }
  /** Changes that mend a finding of the phase shown, each tried by core. */
  async function repairsOf(finding: FindingRow, seen: Edit[][]): Promise<RepairOffer> {
    const body = { board: board.request(board.draft), phase: board.phaseShown, finding: finding.key, seen }
    return answer(client.POST('/api/repairs', { body }))
  }
  return { phrasesAt, repairsOf }
}
