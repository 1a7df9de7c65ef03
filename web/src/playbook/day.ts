/** When something was saved, as the reader's place writes it; nothing when it never was. */
export const day = (at?: string): string =>
  at ? new Date(at).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' }) : ''
