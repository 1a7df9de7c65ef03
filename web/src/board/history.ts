/** What a coach has changed and not saved, with the way back and forth. Plain values; every change gives a new one. */
export interface History<T> {
  readonly past: readonly T[]
  readonly now: T
  readonly future: readonly T[]
}

const MOST = 60

export function begin<T>(now: T): History<T> {
  return { past: [], now, future: [] }
}

export function change<T>(h: History<T>, now: T): History<T> {
  return { past: [...h.past, h.now].slice(-MOST), now, future: [] }
}

export function undo<T>(h: History<T>): History<T> {
  const last = h.past.at(-1)
  return last === undefined ? h : { past: h.past.slice(0, -1), now: last, future: [h.now, ...h.future] }
}

export function redo<T>(h: History<T>): History<T> {
  const next = h.future[0]
  return next === undefined ? h : { past: [...h.past, h.now], now: next, future: h.future.slice(1) }
}
