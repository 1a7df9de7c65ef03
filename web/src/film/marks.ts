import type { Facet, GradeMark } from './gradeStore'

/**
 * The marks that there are, each with the key that gives it; and with the key that gives it to a man's technique as a whole,
 * which is never proposed, and goes on to the next man.
 */
export const MARKS: { mark: GradeMark; key: string; whole?: string; name: string }[] = [
  { mark: '+', key: '1', whole: '7', name: 'above standard' },
  { mark: '=', key: '2', whole: '8', name: 'to standard' },
  { mark: '-', key: '3', whole: '9', name: 'below standard' },
  { mark: 'n/a', key: '0', name: 'not seen' },
]

/** Keys that say another mark of a facet than what is proposed of it, wherever one is in the list. */
export const OTHERWISE: { facet: Facet; key: string; name: string }[] = [
  { facet: 'AL', key: '4', name: 'alignment' },
  { facet: 'KEY', key: '5', name: 'read' },
  { facet: 'AS', key: '6', name: 'assignment' },
]

/** Marks that a coach says instead of a proposed one, the likeliest first. */
const INSTEAD: Record<GradeMark, GradeMark[]> = {
  '+': ['=', '-'],
  '=': ['-', '+'],
  '-': ['=', '+'],
  'n/a': ['=', '-', '+'],
}

/** The next mark said instead of what is proposed; undefined after the last: it is as proposed. */
export function otherwise(proposed: GradeMark | undefined, said: GradeMark | undefined): GradeMark | undefined {
  const instead = INSTEAD[proposed ?? 'n/a']
  return instead[said === undefined ? 0 : instead.indexOf(said) + 1]
}
