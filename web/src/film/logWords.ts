import type { PlayLog } from '../api/types'

/** How a play may have ended. */
export const RESULTS = [
  'tackled',
  'out of bounds',
  'complete',
  'incomplete',
  'sacked',
  'intercepted',
  'fumble lost',
  'scored',
  'penalty',
] as const satisfies NonNullable<PlayLog['result']>[]

/** Whom of theirs we played against. */
export const UNITS = ['starters', 'backups'] as const satisfies NonNullable<PlayLog['unit']>[]

/** Figures of a play, within what the server takes. */
export const NUMBERS: readonly {
  what: 'quarter' | 'drive' | 'lead' | 'gain'
  name: string
  unit: string
  min: number
  max: number
}[] = [
  { what: 'quarter', name: 'Quarter', unit: '', min: 1, max: 9 },
  { what: 'drive', name: 'Their drive', unit: '', min: 1, max: 99 },
  { what: 'lead', name: 'We lead by', unit: 'points', min: -199, max: 199 },
  { what: 'gain', name: 'They gained', unit: 'yd', min: -99, max: 99 },
]

/** Kinds of documents that a play of theirs may be. */
export const RAN = ['run', 'pass', 'option']
