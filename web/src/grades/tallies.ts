import type { Tallied } from '../api/types'
import type { Watched } from '../film/playlist'

type Counted = Tallied['plays'][number]['as']
const DONE: Counted[] = ['above', 'to standard']
const TOLD: Counted[] = [...DONE, 'below']

const as = (t: Tallied, which: Counted[]): Watched[] =>
  t.plays.filter((p) => which.includes(p.as)).map(({ game, number }) => ({ game, number }))

/** Plays that were told and are the man's own. */
export const told = (t: Tallied): Watched[] => as(t, TOLD)
export const below = (t: Tallied): Watched[] => as(t, ['below'])
/** What does not count, and its plays. */
export function beside(t: Tallied): { words: string; plays: Watched[] }[] {
  const kinds: [number, string, Counted][] = [
    [t.notSeen, 'not told', 'not seen'],
    [t.notAgreed, 'not agreed', 'not agreed'],
    [t.ofTheCall, 'of the call', 'of the call'],
  ]
  return kinds.filter(([n]) => n).map(([n, words, which]) => ({ words: `${n} ${words}`, plays: as(t, [which]) }))
}
/** "9 of 10 (90 %)"; of fewer than eight no share. */
export const share = (t: Tallied): string =>
  t.told ? `${t.done} of ${t.told}${t.percent === undefined ? '' : ` (${t.percent} %)`}` : 'none told'
