import type { Edit } from '../api/types'
import { useBoard } from './boardStore'

/** The man a sentence is for; both of a role that stands on each side. */
export function useWhom(): (edit: Edit) => string {
  const board = useBoard()
  return (edit) => {
    const role = edit.rung.split('/')[1]!
    const his = board.sheet?.jobs.filter((j) => j.role === role) ?? []
    return his.length === 1 ? his[0]!.name : (board.callSheet?.roles.find((r) => r.id === role)?.name ?? role)
  }
}
