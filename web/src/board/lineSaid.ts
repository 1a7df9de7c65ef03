import type { CallItem, Choices, SnapWords } from '../api/types'

/** What is looked at: a snap and the call against it. */
export interface Line {
  readonly snap: SnapWords
  readonly call: string
}

/** The line as it stands, and what there is to say instead. */
export interface LineNow extends Line {
  readonly choices?: Choices
  readonly calls: readonly CallItem[]
}

/** Words of the line said anew, by a menu, a typed line or a hand. */
export interface SaidWords {
  snap: Partial<SnapWords>
  call?: string
  /** To the goal line, whatever the yards. */
  goal?: boolean
}

type Game = { readonly id: string; readonly players: number }

/** What stands, when it is of this game; else the first that is. */
export function ofGame(id: string, all: readonly Game[] | undefined, players: number | undefined): string {
  const fits = (one: { players: number }): boolean => players === undefined || one.players === players
  return (all?.find((one) => one.id === id && fits(one)) ?? all?.find(fits))?.id ?? id
}

/** How many men a side what was said is for, by formation, rules, call. */
function gamesOf({ snap, call }: SaidWords, now: LineNow): number[] {
  const players = (id: string | undefined, all: readonly Game[] | undefined): number | undefined =>
    id === undefined ? undefined : all?.find((one) => one.id === id)?.players
  return [
    players(snap.formation, now.choices?.formations),
    players(snap.code, now.choices?.codes),
    players(call, now.calls),
  ].filter((n) => n !== undefined)
}

/** Whether the formation of a snap has its motion. */
export function hasMotion({ formation, motion }: SnapWords, choices: Choices | undefined): boolean {
  return !!choices?.formations.find((f) => f.id === formation)?.motions.some((m) => m.id === motion)
}

/**
 * The line with words said anew, whole and fitting together: formation, rules and call are of one game, and what was
 * said takes the others along; men put by hand and a motion belong to the formation they were said of.
 */
export function lineWith(now: LineNow, said: SaidWords): Line & { readonly unread: readonly string[] } {
  const unread: string[] = []
  const games = gamesOf(said, now)
  const game = games[0] ?? now.choices?.formations.find((f) => f.id === now.snap.formation)?.players
  if (games.some((n) => n !== game)) unread.push(`${games.join(' and ')} men a side do not play together`)

  const formation = said.snap.formation ?? ofGame(now.snap.formation, now.choices?.formations, game)
  const code = said.snap.code ?? ofGame(now.snap.code, now.choices?.codes, game)
  const snap: SnapWords = { ...now.snap, ...said.snap, formation, code }
  if (code !== now.snap.code && !said.snap.code && !said.snap.hash) snap.hash = 'm'
  const same = formation === now.snap.formation
  if (!same && !said.snap.motion && !hasMotion(snap, now.choices)) snap.motion = undefined
  if ((!same || snap.mirrored !== now.snap.mirrored) && !said.snap.men) snap.men = undefined
  if (said.goal) snap.distance = snap.toGoal
  if (snap.distance > snap.toGoal) {
    if (said.snap.distance) unread.push(`${snap.distance} yards to go with ${snap.toGoal} to the goal line`)
    snap.distance = snap.toGoal
  }
  return { snap, call: said.call ?? ofGame(now.call, now.calls, game), unread }
}
