/** What may lie over the field, in the order of its keys. */
export const LAYERS = ['gaps', 'areas', 'sight lines', 'leverage', 'paths'] as const
export type Layer = (typeof LAYERS)[number]
