import type { CallSheet, Edit, Hand, RungRow } from '../api/types'

/** Changes on top of a saved call: sentences edited or added, men put somewhere for now. */
export interface Draft {
  readonly edits: readonly Edit[]
  readonly hand: readonly Hand[]
}

export const EMPTY: Draft = { edits: [], hand: [] }

/** The draft with one sentence set; the last word on a rung stands. */
export function withEdit(draft: Draft, edit: Edit): Draft {
  return { ...draft, edits: [...draft.edits.filter((e) => e.rung !== edit.rung), edit] }
}

export function withHand(draft: Draft, hand: Hand): Draft {
  return { ...draft, hand: [...draft.hand.filter((h) => h.job !== hand.job), hand] }
}

export function withoutHand(draft: Draft, job: string): Draft {
  return { ...draft, hand: draft.hand.filter((h) => h.job !== job) }
}

/** Rungs of this document stand above the call's own and go when the week is over. */
export const THIS_WEEK = 'this-week'
export function layerOf(rung: string): string {
  return rung.startsWith(`${THIS_WEEK}/`) ? 'plan' : 'call'
}

/** A role's ladder as the call has it with the draft laid over it, top first. */
export function ladderOf(sheet: CallSheet, role: string): readonly RungRow[] {
  return sheet.roles.find((r) => r.id === role)?.rungs ?? []
}

/** This week's rungs of every role. */
export function weekOf(sheet: CallSheet): string[] {
  return [...new Set(sheet.roles.flatMap((r) => r.rungs.filter((x) => x.layer === 'plan').map((x) => x.id)))]
}

/** A name that no rung of the call has, for one of its own or of this week. */
export function freshRung(sheet: CallSheet, role: string, document?: string): string {
  const own = sheet.roles.find((r) => r.id === role)!
  return document === THIS_WEEK ? own.freshThisWeek : own.fresh
}
