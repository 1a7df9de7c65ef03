import type { SnapWords } from '../api/types'

/** What a phrase without a name says: a situation, a spot, a hash, a side. */
export type Said =
  | { readonly snap: Partial<SnapWords> }
  /** "and goal": as far as the goal line, wherever the ball lies. */
  | { readonly down: number; readonly goal: true }
  /** Asks for a formation of this kind. */
  | { readonly asks: 'personnel' | 'receivers'; readonly value: string }
  | { readonly filler: true }

/** A phrase found at the start of a text, and how many words it took. */
export interface Phrase {
  readonly words: number
  readonly said: Said
}

const FILLER: Said = { filler: true }
const DOWNS: Record<string, number> = {
  '1st': 1,
  first: 1,
  '2nd': 2,
  second: 2,
  '3rd': 3,
  third: 3,
  '4th': 4,
  fourth: 4,
}
const HASHES: Record<string, string> = { l: 'l', m: 'm', r: 'r', middle: 'm' }
const FARTHEST = 99

const spot = (toGoal: number): Said | undefined =>
  toGoal >= 1 && toGoal <= FARTHEST ? { snap: { toGoal } } : undefined
const situation = (down: number, distance: number): Said | undefined =>
  distance >= 1 && distance <= FARTHEST ? { snap: { down, distance } } : undefined

/** Each pattern stands at the start of the text that is left; the longest that fits is taken. */
const PATTERNS: readonly (readonly [RegExp, (m: RegExpExecArray) => Said | undefined])[] = [
  [/^(1st|first|2nd|second|3rd|third|4th|fourth) (?:and|&) goal(?= |$)/, (m) => ({ down: DOWNS[m[1]!]!, goal: true })],
  [/^([1-4]) ?(?:and|&) ?goal(?= |$)/, (m) => ({ down: Number(m[1]), goal: true })],
  [
    /^(1st|first|2nd|second|3rd|third|4th|fourth) (?:and|&) (\d{1,2})(?= |$)/,
    (m) => situation(DOWNS[m[1]!]!, Number(m[2])),
  ],
  [/^([1-4]) ?(?:and|&) ?(\d{1,2})(?= |$)/, (m) => situation(Number(m[1]), Number(m[2]))],
  [
    /^(?:their own|own|their|-|minus) ?(\d{1,2})(?= |$)/,
    (m) => (Number(m[1]) < 50 ? spot(100 - Number(m[1])) : undefined),
  ],
  [/^(?:our|\+|plus|opponent) ?(\d{1,2})(?= |$)/, (m) => (Number(m[1]) <= 50 ? spot(Number(m[1])) : undefined)],
  [/^midfield(?= |$)/, () => spot(50)],
  [/^([0-3][0-3]) (?:personnel|pers)(?= |$)/, (m) => ({ asks: 'personnel', value: m[1]! })],
  [/^([0-5]) ?(?:x|by) ?([0-5])(?= |$)/, (m) => ({ asks: 'receivers', value: counts(m[1]!, m[2]!) })],
  [/^(\d{1,2})(?= |$)/, (m) => spot(Number(m[1]))],
  [/^(left|right) hash(?= |$)/, (m) => ({ snap: { hash: m[1]!.charAt(0) } })],
  [/^(middle|l|m|r)(?= |$)/, (m) => ({ snap: { hash: HASHES[m[1]!]! } })],
  [/^(left|right)(?= |$)/, (m) => ({ snap: { mirrored: m[1] === 'left' } })],
  [/^(?:with )?no motion(?= |$)/, () => ({ snap: { motion: undefined } })],
  [/^(?:ball on|ball at|we call|ball|on|at|with|the|call|against|versus|vs|from|—|·)(?= |$)/, () => FILLER],
]

function counts(a: string, b: string): string {
  return a >= b ? `${a}x${b}` : `${b}x${a}`
}

/** Lower case, one space between words, no commas and no marks between parts of a sentence. */
export function plain(text: string): string {
  return text
    .toLowerCase()
    .replace(/[,;·—–]/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()
}

/** The longest phrase at the start of some words. */
export function phraseAt(words: readonly string[]): Phrase | undefined {
  const text = words.join(' ')
  let best: Phrase | undefined
  for (const [pattern, read] of PATTERNS) {
    const found = pattern.exec(text)
    const said = found ? read(found) : undefined
    const taken = found?.[0].split(' ').length ?? 0
    if (said && taken > (best?.words ?? 0)) best = { words: taken, said }
  }
  return best
}
