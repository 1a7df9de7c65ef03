/** The lettering of the field, decided once: sizes in pixels as seen on the board. Men's letters are 14, nothing is ever under 12. */
export interface Letter {
  readonly size: number
  readonly weight: 600 | 700
}
export const LETTERS = {
  man: { size: 14, weight: 700 },
  finding: { size: 13, weight: 700 },
  gap: { size: 14, weight: 700 },
  owner: { size: 13, weight: 600 },
  word: { size: 13, weight: 600 },
  number: { size: 12.5, weight: 600 },
  painted: { size: 26, weight: 700 },
} as const satisfies Record<string, Letter>
export type LetterName = keyof typeof LETTERS

const FAMILY = "'Archivo Narrow', 'Arial Narrow', sans-serif"
/** Height of a line of lettering, as a share of its size: capitals and the room under them. */
export const LINE = 1.06
/** Where letters are not drawn there is nothing to measure them with; narrow letters are about half as wide as high. */
const NARROW = 0.5

/** No drawing is so small that its letters are smaller. */
const SMALLEST = 12
/** Pixels of a letter in a drawing whose lettering is enlarged by so much. */
export const letterSize = (letter: LetterName, zoom: number): number => Math.max(SMALLEST, LETTERS[letter].size * zoom)

/** The width of a text in pixels. */
export type Measure = (text: string, letter: LetterName, zoom: number) => number

let context: CanvasRenderingContext2D | null | undefined
const known = new Map<string, number>()

/** Widths as this browser draws them, each measured once; `forget` after the fonts have come. */
export const measured: Measure = (text, letter, zoom) => {
  const { size, weight } = LETTERS[letter]
  const key = `${letter} ${text}`
  let width = known.get(key)
  if (width === undefined) {
    context ??= typeof document === 'undefined' ? null : (document.createElement('canvas').getContext('2d') ?? null)
    if (context) context.font = `${weight} ${size}px ${FAMILY}`
    width = context?.measureText(text).width ?? text.length * size * NARROW
    known.set(key, width)
  }
  return (width * letterSize(letter, zoom)) / size
}
export function forget(): void {
  known.clear()
}
