import type { Choice } from '../../words/fitting'

/** The choices, and what is written when it is none of them. */
export function withOwn(choices: readonly Choice[], own: string): readonly Choice[] {
  return !own || choices.some((c) => c.id === own) ? choices : [...choices, { id: own, name: own }]
}
/** What something is called among the choices; as it is written when it is none of them. */
export function called(choices: readonly Choice[], id: string): string {
  return choices.find((c) => c.id === id)?.name ?? id
}
