import { ref, type Ref } from 'vue'
import { problemOf } from '../api/client'
import { useBoard } from '../board/boardStore'
import { useLists } from '../shell/lists'

interface PutInForce {
  /** What is said when it is done. */
  readonly said: Ref<string>
  /** Why it is not done. */
  readonly trouble: Ref<string>
  readonly put: (work: () => Promise<void>) => Promise<void>
}

/** What the whole programme goes by from now on: put in force, said, and the board that is open begun anew by it. */
export function usePutInForce(): PutInForce {
  const board = useBoard()
  const lists = useLists()
  const said = ref('')
  const trouble = ref('')
  async function put(work: () => Promise<void>): Promise<void> {
    try {
      await work()
      said.value = 'In force everywhere now.'
      trouble.value = ''
      if (lists.choices) await board.start()
    } catch (error) {
      trouble.value = problemOf(error).detail
    }
  }
  return { said, trouble, put }
}
