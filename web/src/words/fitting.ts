/** One thing of a menu: what it is called here and, beside it, what it is in the trade's words. */
export interface Choice {
  readonly id: string
  readonly name: string
  /** What it is, shown beside the name and found by. */
  readonly words?: string
  /** What it is called wherever the game is played; found whole. */
  readonly kinds?: readonly string[]
  /** Under which heading it stands. */
  readonly group?: string
  /** The key that does the same. */
  readonly key?: string
}

/** A word of a search: text to be found anywhere, or a kind to be met exactly. */
export interface Sought {
  readonly words: string
  readonly kind: boolean
}

const MOST_WORDS = 3

/** What is looked for, word by word; words that together are a kind stay together: "cover 3", "man free". */
export function wordsOf(find: string, kinds: ReadonlySet<string>): Sought[] {
  const typed = find.toLowerCase().split(/\s+/).filter(Boolean)
  const found: Sought[] = []
  for (let at = 0; at < typed.length;) {
    const n = [...Array(MOST_WORDS - 1).keys()]
      .map((i) => MOST_WORDS - i)
      .find((many) => kinds.has(typed.slice(at, at + many).join(' ')))
    found.push({ words: typed.slice(at, at + (n ?? 1)).join(' '), kind: !!n })
    at += n ?? 1
  }
  return found
}

/** Whether every word is found in the text, and every kind among the kinds. */
export function finds(sought: readonly Sought[], text: string, kinds: readonly string[]): boolean {
  const whole = `${text} ${kinds.join(' ')}`.toLowerCase()
  return sought.every((s) => (s.kind ? kinds.includes(s.words) : whole.includes(s.words)))
}

/**
 * What of a menu fits the words typed, in its order, but first what is called so, then what has this id, then names that
 * begin so.
 */
export function fitting(find: string, choices: readonly Choice[]): readonly Choice[] {
  const typed = find.trim().toLowerCase()
  if (!typed) return choices
  const sought = wordsOf(typed, new Set(choices.flatMap((c) => c.kinds ?? [])))
  const rank = (c: Choice): number => {
    if (c.name.toLowerCase() === typed) return 0
    if (c.id.toLowerCase() === typed) return 1
    return c.name.toLowerCase().startsWith(typed) ? 2 : 3
  }
  return choices
    .filter((c) => finds(sought, `${c.name} ${c.words ?? ''} ${c.id}`, c.kinds ?? []))
    .sort((a, b) => rank(a) - rank(b))
}

/** A heading with what stands under it, in the order of first mention; one without a name has none. */
export interface Group {
  readonly name: string
  readonly choices: readonly Choice[]
}
export function grouped(choices: readonly Choice[]): Group[] {
  const groups = new Map<string, Choice[]>()
  for (const c of choices) {
    const name = c.group ?? ''
    const under = groups.get(name)
    if (under) under.push(c)
    else groups.set(name, [c])
  }
  return [...groups].map(([name, under]) => ({ name, choices: under }))
}

/** What a menu offers for what is typed: what fits it and, where words may be taken as they are, the words themselves. */
export function offered(find: string, choices: readonly Choice[], free?: boolean): readonly Choice[] {
  const typed = find.trim()
  const known = choices.some((c) => c.id === typed || c.name === typed)
  const own = free && typed && !known ? [{ id: typed, name: typed, words: 'as you typed it' }] : []
  return [...fitting(find, choices), ...own]
}
