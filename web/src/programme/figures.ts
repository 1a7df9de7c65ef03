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

/** What a document may set it to. */
export function bounded(figure: Figure): string {
  return `${figure.least} to ${figure.most} ${figure.unit}`
}
