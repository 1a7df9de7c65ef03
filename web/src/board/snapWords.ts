import type { CallItem, Choices, SnapWords } from '../api/types'

export interface ReadSnap {
  readonly snap: Partial<SnapWords>
  readonly call?: string
  /** Words that nothing fits, in order. */
  readonly unread: readonly string[]
}

type Named = { id: string; name: string }

/** The thing whose name or id has a word starting like this; the shortest name wins. */
function startingLike<T extends Named>(word: string, all: readonly T[]): T | undefined {
  const fits = all.filter((o) =>
    [...o.name.toLowerCase().split(/[\s,]+/), ...o.id.split('-')].some((part) => part.startsWith(word)),
  )
  return fits.sort((a, b) => a.name.length - b.name.length)[0]
}

/** Reads a few typed words in any order into the snap line. */
export function readSnapWords(
  text: string,
  now: SnapWords,
  formations: Choices['formations'],
  calls: readonly CallItem[],
): ReadSnap {
  const snap: Partial<SnapWords> = {}
  const unread: string[] = []
  let call: string | undefined
  for (const word of text
    .toLowerCase()
    .split(/[\s,]+/)
    .filter(Boolean)) {
    const situation = /^([1-4])(?:&|and)(\d{1,2})$/.exec(word)
    const formation = word.length > 1 ? startingLike(word, formations) : undefined
    const motions = formations.find((f) => f.id === (snap.formation ?? now.formation))?.motions ?? []
    const motion = word.length > 1 ? startingLike(word, motions) : undefined
    const named = word.length > 1 ? startingLike(word, calls) : undefined
    if (situation) Object.assign(snap, { down: Number(situation[1]), distance: Number(situation[2]) })
    else if (['l', 'm', 'r'].includes(word)) snap.hash = word
    else if (word === 'left' || word === 'right') snap.mirrored = word === 'left'
    else if (['hs', 'col', 'pro'].includes(word) && !(word === 'pro' && !snap.formation)) snap.code = word
    else if (/^\d{1,2}$/.test(word) && Number(word) > 0) snap.toGoal = Number(word)
    else if (formation) Object.assign(snap, { formation: formation.id, motion: undefined })
    else if (motion) snap.motion = motion.id
    else if (named) call = named.id
    else unread.push(word)
  }
  return { snap, call, unread }
}
