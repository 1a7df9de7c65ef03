import type { GradeMark } from './gradeStore'

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
