import type { Figure, FigureGroup } from '../api/types'

/** Groups with the figures that say every word, or whose group does; groups that are left with none go. */
export function matching(groups: FigureGroup[], wanted: string): FigureGroup[] {
  const words = wanted.toLowerCase().split(/\s+/).filter(Boolean)
  return groups
    .map((g) => ({
      ...g,
      figures: g.figures.filter((f) => words.every((w) => `${g.name} ${f.what} ${f.id}`.toLowerCase().includes(w))),
    }))
    .filter((g) => g.figures.length)
}

/** Groups with the figures that the programme has set, or is setting. */
export function ours(groups: FigureGroup[], set: ReadonlySet<string>): FigureGroup[] {
  return groups
    .map((g) => ({ ...g, figures: g.figures.filter((f) => set.has(keyOf(g, f))) }))
    .filter((g) => g.figures.length)
}

/** What the server knows a figure by. */
export const keyOf = (group: FigureGroup, figure: Figure): string => `${group.id}/${figure.id}`

/** A value as it is read and typed: no more places than tell it. */
export const told = (value: number): string => String(Number(value.toFixed(3)))

/** What it may be set to. */
export function bounded(figure: Figure): string {
  return `${told(figure.least)} to ${told(figure.most)} ${figure.unit}`
}

/** What is wrong with what is typed for a figure, by its bounds; what is counted in whole ones the server says. */
export function wrong(figure: Figure, typed: string): string {
  const value = Number(typed)
  if (!typed.trim() || !Number.isFinite(value)) return `Type a number from ${bounded(figure)}.`
  return value < figure.least || value > figure.most ? `It is from ${bounded(figure)}.` : ''
}

/**
 * What the programme will measure by: its own figures with what is typed now; its own that is typed as it ships is so
 * no more.
 *
 * @param typed by key
 */
export function measures(
  groups: FigureGroup[],
  own: Readonly<Record<string, number>>,
  typed: Readonly<Record<string, string>>,
): Record<string, number> {
  const all = { ...own }
  for (const g of groups) {
    for (const f of g.figures) {
      const text = typed[keyOf(g, f)]
      if (text === undefined) continue
      if (Number(text) === f.ships && keyOf(g, f) in own) delete all[keyOf(g, f)]
      else all[keyOf(g, f)] = Number(text)
    }
  }
  return all
}
