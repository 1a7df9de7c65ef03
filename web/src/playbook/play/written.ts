/** Values of a document as it is written, without format, kind, id and name. */
export type Body = Record<string, unknown>
/** A man and what he is told, in the order they are written. */
export interface ManRow {
  who: string
  told: string
}

/** What the offence runs. */
export const PLAYS = ['run', 'pass', 'option', 'protection']
/** What is edited as a whole. */
export const PLAY_KINDS = [...PLAYS, 'routes', 'formation']

/** A map of men as rows; {@link rowsBack} puts it together again. */
export const rows = (map: unknown): ManRow[] =>
  Object.entries((map ?? {}) as Record<string, string>).map(([who, told]) => ({ who, told }))
/** Rows with nobody named are left out; of two for one man the later holds. */
export const rowsBack = (list: readonly ManRow[]): Record<string, string> =>
  Object.fromEntries(list.filter((r) => r.who.trim()).map((r) => [r.who.trim(), r.told]))

/** "a, b" as a list; empty for nothing. */
export const listed = (text: string): string[] =>
  text
    .split(',')
    .map((t) => t.trim())
    .filter(Boolean)
export const text = (list: unknown): string => ((list ?? []) as string[]).join(', ')

/** What a play needs of the formation, one by one; an older document says it in one. */
export function needsOf(body: Body): string[] {
  const { needs } = body
  if (Array.isArray(needs)) return needs.map(String)
  return typeof needs === 'string' && needs ? [needs] : []
}

/** The body with one value; a value that says nothing is not written at all. */
export function withValue(body: Body, key: string, value: unknown): Body {
  const next = { ...body, [key]: value }
  const nothing = value === undefined || value === '' || (Array.isArray(value) && !value.length)
  if (nothing && key !== 'needs' && key !== 'stay') delete next[key]
  return next
}

/** Every route of a document as rows that can be typed into. */
export interface RouteRow {
  id: string
  path: string
  breaks: number
  settles: boolean
}
interface WrittenRoute {
  path: string[]
  breaks?: number
  ends?: string
}
export const routeRows = (body: Body): RouteRow[] =>
  Object.entries((body.routes ?? {}) as Record<string, WrittenRoute>).map(([id, r]) => ({
    id,
    path: r.path.join(', '),
    breaks: r.breaks ?? 0,
    settles: r.ends === 'settle',
  }))
export const routesBack = (list: readonly RouteRow[]): Record<string, WrittenRoute> =>
  Object.fromEntries(
    list
      .filter((r) => r.id.trim())
      .map((r) => [
        r.id.trim(),
        {
          path: listed(r.path),
          ...(r.breaks > 0 ? { breaks: r.breaks } : {}),
          ends: r.settles ? 'settle' : 'run',
        },
      ]),
  )
/** A route with one point of its way told anew. */
export function withCorner(row: RouteRow, at: number, words: string): RouteRow {
  return { ...row, path: text(listed(row.path).map((p, i) => (i === at ? words : p))) }
}

/** A motion of a formation, its steps in the notation. */
export interface MotionRow {
  id: string
  name: string
  shift: boolean
  /** Yards a second until the snap; 0 as the model has it. */
  speed: number
  steps: string
}
interface WrittenMotion {
  id: string
  name?: string
  shift?: boolean
  speed?: number
  steps: string[]
}
export const motionRows = (body: Body): MotionRow[] =>
  ((body.motions ?? []) as WrittenMotion[]).map((m) => ({
    id: m.id,
    name: m.name ?? m.id,
    shift: m.shift ?? false,
    speed: m.speed ?? 0,
    steps: m.steps.join(', then '),
  }))
const idOf = (name: string): string =>
  name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
export const motionsBack = (list: readonly MotionRow[]): WrittenMotion[] =>
  list
    .filter((m) => m.name.trim())
    .map((m) => ({
      id: m.id || idOf(m.name),
      name: m.name.trim(),
      ...(m.shift ? { shift: true } : {}),
      ...(m.speed > 0 ? { speed: m.speed } : {}),
      steps: m.steps
        .split(/,\s*then\s+/)
        .map((s) => s.trim())
        .filter(Boolean),
    }))
