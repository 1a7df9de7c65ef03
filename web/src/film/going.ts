import type { WorkRow } from '../api/types'

/** How often it is asked how far work is, milliseconds. */
export const WATCH_MILLIS = 1000

/** Whether work waits or runs. */
export const isGoing = (work: WorkRow | undefined): boolean => work?.state === 'waiting' || work?.state === 'running'
