import { answer, client, over, type Problem } from '../api/client'
import type { CallItem, CallSheet } from '../api/types'
import { useBoard } from './boardStore'

/** Refused because somebody saved meanwhile: his revision, as it stands in the book. */
export type Overtaken = Problem & { theirs: CallItem; theirCall: CallSheet }

/** Saves what was changed of the call on the board: as a call of its own, or as its next revision. */
export function useSaving() {
  const board = useBoard()
  async function saveAs(name: string): Promise<void> {
    const body = { name, from: board.callId, fromRevision: board.revision, edits: [...board.draft.edits] }
    await board.saved(await answer(client.POST('/api/calls', { body })))
  }
  /** Refused when somebody saved a revision over `base` meanwhile. */
  async function saveNext(base: number): Promise<void> {
    const params = { path: { id: board.callId }, header: over(base) }
    await board.saved(await answer(client.PUT('/api/calls/{id}', { params, body: { edits: [...board.draft.edits] } })))
  }
  return { saveAs, saveNext }
}
