import type { GradeMark } from './gradeStore'

/** The marks that there are, each with the key that gives it. */
export const MARKS: { mark: GradeMark; key: string; name: string }[] = [
  { mark: '+', key: '1', name: 'above standard' },
  { mark: '=', key: '2', name: 'to standard' },
  { mark: '-', key: '3', name: 'below standard' },
  { mark: 'n/a', key: '0', name: 'not seen' },
]
