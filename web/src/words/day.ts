/** When something was saved, as the reader's place writes it; nothing when it never was. */
export const day = (at?: string): string =>
  at ? new Date(at).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' }) : ''

/** A day without a time, such as that of a game: "26 Sept 2026" of "2026-09-26". */
export const dayOf = (date: string): string =>
  new Date(`${date}T00:00:00Z`).toLocaleDateString(undefined, { dateStyle: 'medium', timeZone: 'UTC' })
