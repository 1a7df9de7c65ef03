import { shallowRef } from 'vue'
import { answer, client } from '../api/client'
import type { CallSheet, Edit } from '../api/types'

/** A call with its sentences that are not saved. */
export interface DraftedCall {
  readonly id: string
  readonly revision: number
  readonly edits: readonly Edit[]
}

/** The ladders of a call as its draft leaves them; only the answer to the last question counts. */
export function useCallSheet(call: () => DraftedCall) {
  const callSheet = shallowRef<CallSheet>()
  let last = 0
  async function loadCall(): Promise<void> {
    const mine = ++last
    const { id, revision, edits } = call()
    const found = await answer(
      client.POST('/api/calls/{id}/drafts', { params: { path: { id } }, body: { revision, edits: [...edits] } }),
    )
    if (mine === last && id === call().id) callSheet.value = found
  }
  return { callSheet, loadCall }
}
