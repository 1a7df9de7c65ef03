import { EMPTY, type Draft } from './draft'
import { begin, type History } from './history'

/** What was changed of one call and not saved, on top of which revision. */
export interface CallDraft {
  readonly revision: number
  readonly history: History<Draft>
}

/** Unsaved work by call: choosing another call leaves it where it is. */
export type Drafts = Readonly<Record<string, CallDraft>>

const NOTHING: History<Draft> = begin(EMPTY)

export function historyOf(drafts: Drafts, call: string): History<Draft> {
  return drafts[call]?.history ?? NOTHING
}

/** The drafts with one call's replaced; one with nothing in it, before or after, is none. */
export function withHistory(drafts: Drafts, call: string, revision: number, history: History<Draft>): Drafts {
  const others = Object.fromEntries(Object.entries(drafts).filter(([id]) => id !== call))
  const empty = [history.now, ...history.past, ...history.future].every((d) => !d.edits.length && !d.hand.length)
  return empty ? others : { ...others, [call]: { revision, history } }
}

/** How many sentences of a call are not saved. */
export function unsaved(drafts: Drafts, call: string): number {
  return historyOf(drafts, call).now.edits.length
}

/** Calls of a menu, each with what is not saved of it beside its name. */
export function menuWords<T extends { id: string; name: string }>(drafts: Drafts, calls: readonly T[]): T[] {
  return calls.map((call) => {
    const count = unsaved(drafts, call.id)
    return count ? { ...call, name: `${call.name} (${count} not saved)` } : call
  })
}
