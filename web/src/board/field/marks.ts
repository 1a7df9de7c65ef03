import type { JobRow, Sheet } from '../../api/types'
import type { Drawing, SvgPoint } from './field'
import { apart, boxAt, type Box, type Size } from './placing'

/** A mark of a man in units before it is enlarged: what may not be covered. */
const MAN: Size = { width: 23, height: 22 }
const NAMED: Size = { width: 21, height: 21 }
const LINEMAN: Size = { width: 18, height: 18 }

const times = (size: Size, by: number): Size => ({ width: size.width * by, height: size.height * by })

/** Where the marks of the defenders are drawn: their feet, moved apart where marks would cover each other. */
export function defendersAt(jobs: readonly JobRow[], drawing: Drawing): Map<string, SvgPoint> {
  const standing = jobs.filter((j) => j.feet)
  const spots = apart(
    standing.map((j) => drawing.fieldToSvg(j.feet!)),
    times(MAN, drawing.mark),
  )
  return new Map(standing.map((j, i) => [j.id, spots[i]!]))
}
type Attacker = Sheet['offence'][number]
export const named = (man: Attacker): boolean => man.post === 'eligible' || man.post === 'quarterback'
/** Units a quarterback under centre is drawn behind him, so that neither hides the other. */
const UNDER_CENTRE = 15
/** Where the marks of the offence are drawn; men with letters are moved apart, the line stands as it stands. */
export function offenceAt(men: readonly Attacker[], drawing: Drawing): Map<string, SvgPoint> {
  const lettered = men.filter(named)
  const spots = apart(
    lettered.map((m) => behindCentre(m, men, drawing)),
    times(NAMED, drawing.mark),
  )
  const moved = new Map(lettered.map((m, i) => [m.name, spots[i]!]))
  return new Map(men.map((m) => [m.name, moved.get(m.name) ?? drawing.fieldToSvg(m.feet)]))
}
function behindCentre(man: Attacker, men: readonly Attacker[], drawing: Drawing): SvgPoint {
  const p = drawing.fieldToSvg(man.feet)
  const centre = men.find((m) => m.post === 'centre')
  if (man.post !== 'quarterback' || !centre) return p
  const c = drawing.fieldToSvg(centre.feet)
  const least = UNDER_CENTRE * drawing.mark
  if (Math.abs(p.x - c.x) > least || Math.abs(p.y - c.y) >= least) return p
  return { x: p.x, y: c.y + (p.y < c.y ? -least : least) }
}

/** What no lettering may cover: every man of both sides. */
export function menBoxes(sheet: Sheet, drawing: Drawing): Box[] {
  const defenders = [...defendersAt(sheet.jobs, drawing).values()].map((p) => boxAt(p, times(MAN, drawing.mark)))
  const at = offenceAt(sheet.offence, drawing)
  const offence = sheet.offence.map((m) => boxAt(at.get(m.name)!, times(named(m) ? NAMED : LINEMAN, drawing.mark)))
  return [...defenders, ...offence]
}
