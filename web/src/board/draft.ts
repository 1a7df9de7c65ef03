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

export interface EditedRung extends RungRow {
  /** The saved sentence when this one is not saved. */
  readonly saved?: string
  readonly added: boolean
}

/** A role's ladder, top first, with the draft laid over it. */
export function ladderOf(sheet: CallSheet, role: string, draft: Draft): EditedRung[] {
  const saved = sheet.roles.find((r) => r.id === role)?.rungs ?? []
  const known = new Set(saved.map((r) => r.id))
  const added = draft.edits
    .filter((e) => !known.has(e.rung) && e.sentence && e.rung.split('/')[1] === role)
    .map((e) => ({ id: e.rung, layer: layerOf(e.rung), sentence: e.sentence, added: true }))
    .reverse()
  const gone = new Set(draft.edits.filter((e) => !e.sentence).map((e) => e.rung))
  const edited = saved
    .filter((r) => !gone.has(r.id))
    .map((r) => {
      const edit = draft.edits.find((e) => e.rung === r.id)
      return edit && edit.sentence !== r.sentence
        ? { ...r, sentence: edit.sentence, saved: r.sentence, added: false }
        : { ...r, added: false }
    })
  const all: EditedRung[] = [...added, ...edited]
  return [...all.filter((r) => r.layer === 'plan'), ...all.filter((r) => r.layer !== 'plan')]
}

/** Rungs of this document stand above the call's own and go when the week is over. */
export const THIS_WEEK = 'this-week'
export function layerOf(rung: string): string {
  return rung.startsWith(`${THIS_WEEK}/`) ? 'plan' : 'call'
}

/** This week's rungs of every role, as the draft leaves them. */
export function weekOf(sheet: CallSheet, draft: Draft): string[] {
  return [
    ...new Set(
      sheet.roles.flatMap((r) =>
        ladderOf(sheet, r.id, draft)
          .filter((x) => x.layer === 'plan')
          .map((x) => x.id),
      ),
    ),
  ]
}

/** A name for a rung of the call's own, or of this week, that no other has. */
export function freshRung(call: string, role: string, draft: Draft, sheet: CallSheet): string {
  const taken = new Set([...draft.edits.map((e) => e.rung), ...sheet.roles.flatMap((r) => r.rungs.map((x) => x.id))])
  for (let n = 1; ; n++) {
    const id = `${call}/${role}/own-${n}`
    if (!taken.has(id)) return id
  }
}
