import type { Choice } from '../../words/fitting'

const OTHER = ' other side'
/** Men of whom there is one on each side of the ball, and so one play side and one backside. */
const LINE = ['tackle', 'guard', 'tight end', 'wing', 'H-back']
/** Men who are told a side to work to. */
const BACKS = ['back', 'deepest back', 'fullback', 'lead']

/** A man of the offence as a coach says him, seen from the side the play goes to. */
export function manName(id: string): string {
  if (!id.endsWith(OTHER)) return LINE.includes(id) ? `play-side ${id}` : id
  const who = id.slice(0, -OTHER.length)
  return BACKS.includes(who) ? `${who} to the backside` : `backside ${who}`
}
export const manChoice = (id: string): Choice => ({ id, name: manName(id) })
export const plain = (id: string): Choice => ({ id, name: id.replaceAll('-', ' ') })

/** The choices, and what is written when it is none of them. */
export function withOwn(choices: readonly Choice[], own: string): readonly Choice[] {
  return !own || choices.some((c) => c.id === own) ? choices : [...choices, plain(own)]
}

export const aim = (point: string): Choice => ({
  id: point,
  name: point.length === 1 ? `the ${point} gap` : 'outside everybody',
})

const BEGINS: Record<string, string> = { straight: 'straight', away: 'with a step away', pass: 'as a pass' }
export const begin = (first: string): Choice => ({ id: first, name: BEGINS[first] ?? first })

const LAUNCHES: Record<string, string> = {
  set: 'where he sets up',
  boot: 'a boot to the play side',
  sprint: 'a sprint to the play side',
}
export const launch = (from: string): Choice => ({ id: from, name: LAUNCHES[from] ?? from })

const READS: Record<string, string> = { backer: 'the inside backer' }
/** The man a run-pass option reads. */
export function read(id: string): Choice {
  const other = id.endsWith(OTHER)
  const who = other ? id.slice(0, -OTHER.length) : id
  return { id, name: `${READS[who] ?? `the ${who}`}${other ? ' away from the play' : ' to the play side'}` }
}

/** A run that is faked, to the play side or away from it. */
export function fake(id: string): Choice {
  const other = id.endsWith(OTHER)
  const run = (other ? id.slice(0, -OTHER.length) : id).replaceAll('-', ' ')
  return { id, name: other ? `${run} the other way` : run }
}
