import type { Sheet, Spot } from '../../api/types'

/** His eyes are so high, yards; a man is so high, and so wide. */
const EYES = 1.85
const MAN = { high: 2.05, wide: 0.62 }
/** Nothing nearer than this is drawn, yards. */
const NEAR = 0.6
/** What is as far to the side as ahead of him is at the edge of the picture. */
const SPREAD = 1.05
/** How much of the picture is above the horizon. */
const SKY = 0.36

const WIDE = [-26.7, 26.7] as const

export interface Seen {
  readonly name: string
  readonly defends: boolean
  readonly x: number
  readonly top: number
  readonly feet: number
  readonly wide: number
  readonly away: number
}
export interface OwnView {
  readonly width: number
  readonly height: number
  readonly horizon: number
  /** The farthest first, so that who is nearer is drawn over him. */
  readonly men: Seen[]
  /** Yard lines on the ground, every fifth. */
  readonly lines: { readonly d: string; readonly line: boolean }[]
  readonly ball?: { readonly x: number; readonly y: number; readonly size: number }
}

/** Where he looks, a spot on the field, and how large his picture is. */
export interface Look {
  readonly to: Spot
  readonly ball?: Spot
  /** Where the field ends to both sides, yards; an eleven-man field where it is not known. */
  readonly sidelines?: readonly [number, number]
  readonly width: number
  readonly height: number
}

/**
 * What a man sees from where he stands: upright figures on the ground, the nearer the larger, one hiding another as he
 * really does.
 */
export function ownView(sheet: Sheet, man: string, look: Look): OwnView {
  const { to, ball, sidelines = WIDE, width, height } = look
  const me = [
    ...sheet.jobs.map((j) => ({ id: j.id, feet: j.feet })),
    ...sheet.offence.map((m) => ({ id: m.name, feet: m.feet })),
  ].find((one) => one.id === man)?.feet
  const horizon = height * SKY
  if (!me) return { width, height, horizon, men: [], lines: [] }
  const long = Math.hypot(to.x - me.x, to.y - me.y) || 1
  const ahead = { x: (to.x - me.x) / long, y: (to.y - me.y) / long }
  const right = { x: ahead.y, y: -ahead.x }
  const scale = width / 2 / SPREAD
  const see = (spot: Spot): { away: number; side: number } => {
    const [dx, dy] = [spot.x - me.x, spot.y - me.y]
    return { away: dx * ahead.x + dy * ahead.y, side: dx * right.x + dy * right.y }
  }
  const across = (at: { away: number; side: number }): number => width / 2 + (scale * at.side) / at.away
  const down = (away: number, high = 0): number => horizon + (scale * (EYES - high)) / away

  const men = [
    ...sheet.jobs.filter((j) => j.id !== man).map((j) => ({ name: j.label, feet: j.feet, defends: true })),
    ...sheet.offence.filter((m) => m.name !== man).map((m) => ({ name: m.name, feet: m.feet, defends: false })),
  ]
    .flatMap(({ name, feet, defends }) => {
      const at = feet && see(feet)
      if (!at || at.away < NEAR) return []
      return [
        {
          name,
          defends,
          x: across(at),
          top: down(at.away, MAN.high),
          feet: down(at.away),
          wide: (scale * MAN.wide) / at.away,
          away: at.away,
        },
      ]
    })
    .sort((a, b) => b.away - a.away)

  const lines = []
  for (let y = -30; y <= 40; y += 5) {
    // a line is cut where it would come behind his eyes
    const [a, b] = [see({ x: sidelines[0], y }), see({ x: sidelines[1], y })]
    if (a.away < NEAR && b.away < NEAR) continue
    const cut = (one: typeof a, other: typeof a): typeof a => {
      if (one.away >= NEAR) return one
      const part = (NEAR - one.away) / (other.away - one.away)
      return { away: NEAR, side: one.side + part * (other.side - one.side) }
    }
    const [from, end] = [cut(a, b), cut(b, a)]
    const point = (at: typeof a): string => `${across(at).toFixed(1)} ${down(at.away).toFixed(1)}`
    lines.push({ d: `M${point(from)}L${point(end)}`, line: y === 0 })
  }
  const at = ball && see(ball)
  return {
    width,
    height,
    horizon,
    men,
    lines,
    ball: at && at.away > NEAR ? { x: across(at), y: down(at.away, 1), size: (scale * 0.16) / at.away } : undefined,
  }
}
