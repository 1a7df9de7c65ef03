import type { CallItem, Choices } from '../api/types'
import { plain } from './snapPhrases'

export type Kind = 'code' | 'formation' | 'motion' | 'call'

/** Something that is called by its name. */
export interface Called {
  readonly id: string
  readonly name: string
  /** What it is called wherever the game is played; only whole words of these are meant. */
  readonly also?: readonly string[]
}

/** Something that has a name on the snap line. */
export interface Named extends Called {
  readonly kind: Kind
  /** The formation that a motion is of. */
  readonly of?: string
}

/** Names that fit the start of some words, all by as many words; several when it is not clear which is meant. */
export interface Fitting<T extends Called = Named> {
  readonly words: number
  readonly names: readonly T[]
}

const MOST_WORDS = 9

export function namesOf(choices: Choices | undefined, calls: readonly CallItem[]): Named[] {
  return [
    ...(choices?.codes ?? []).map((c): Named => ({ kind: 'code', id: c.id, name: c.name })),
    ...(choices?.formations ?? []).flatMap((f): Named[] => [
      { kind: 'formation', id: f.id, name: f.name },
      ...f.motions.map((m): Named => ({ kind: 'motion', id: m.id, name: m.name, of: f.id })),
    ]),
    ...calls.map((c): Named => ({ kind: 'call', id: c.id, name: c.name, also: c.kinds })),
  ]
}

const split = (text: string): string[] => plain(text).replace(/-/g, ' ').split(' ')

const isName = (words: readonly string[], named: Called): boolean => split(named.name).join(' ') === words.join(' ')
const isId = (words: readonly string[], named: Called): boolean => split(named.id).join(' ') === words.join(' ')
/** Whether words begin the words of the name one by one, from the first or a later one on. */
function begins(words: readonly string[], named: Called): boolean {
  const name = split(named.name)
  return name.some((_, at) => at + words.length <= name.length && words.every((w, i) => name[at + i]!.startsWith(w)))
}

/**
 * Names at the start of some words. More words fit better than fewer, a whole name better than a beginning. Names that
 * fit equally are all given.
 */
export function namesAt<T extends Called>(words: readonly string[], names: readonly T[]): Fitting<T> | undefined {
  for (let n = Math.min(MOST_WORDS, words.length); n > 0; n--) {
    const some = words.slice(0, n).flatMap((w) => w.split('-'))
    const exact = names.filter((named) => isName(some, named))
    if (exact.length) return { words: n, names: exact }
    const called = names.filter((named) => named.also?.includes(some.join(' ')))
    if (called.length) return { words: n, names: called }
    const found = names.filter((named) => isId(some, named) || (some.join('').length > 1 && begins(some, named)))
    if (found.length) return { words: n, names: found }
  }
  return undefined
}
