import type { LocationQuery } from 'vue-router'
import type { CallItem, Choices, SnapWords } from '../api/types'
import { HASHES } from './lineWords'
import { hasMotion, lineWith, ofGame } from './lineSaid'

/** What an address says of the board: who opens it sees the same snap against the same call. */
export interface BoardPlace {
  readonly snap: SnapWords
  readonly call: string
  /** Asked for alone: the other of the two gives way when they are of different games. */
  readonly only?: 'call' | 'formation'
}

/** The words of an address, in a fixed order; what is usual is left out. */
export function toQuery({ snap, call }: BoardPlace): Record<string, string> {
  return {
    call,
    against: snap.formation,
    ...(snap.mirrored ? { to: 'left' } : {}),
    ...(snap.motion ? { motion: snap.motion } : {}),
    code: snap.code,
    ball: String(snap.toGoal),
    hash: snap.hash,
    down: `${snap.down}-${snap.distance}`,
    ...(snap.men ? { men: snap.men } : {}),
  }
}

const whole = (text: string | undefined, least: number, most: number, otherwise: number): number => {
  const n = Number(text)
  return text && Number.isInteger(n) && n >= least && n <= most ? n : otherwise
}

/**
 * What an address asks for; words it does not have, or that make no sense, stand as they stood. None when it names neither
 * call nor formation.
 */
export function fromQuery(query: LocationQuery, now: BoardPlace): BoardPlace | undefined {
  const said = (name: string): string | undefined => {
    const value = query[name]
    return typeof value === 'string' && value ? value : undefined
  }
  const call = said('call') ?? now.call
  if (!said('call') && !said('against')) return undefined
  const [down, distance] = said('down')?.split('-') ?? []
  const toGoal = whole(said('ball'), 1, 99, now.snap.toGoal)
  return {
    call,
    only: !said('against') ? 'call' : !said('call') ? 'formation' : undefined,
    snap: {
      formation: said('against') ?? now.snap.formation,
      mirrored: said('to') === 'left',
      motion: said('motion'),
      code: said('code') ?? now.snap.code,
      toGoal,
      hash: said('hash') ?? now.snap.hash,
      down: whole(down, 1, 4, now.snap.down),
      distance: Math.min(toGoal, whole(distance, 1, 99, now.snap.distance)),
      men: said('men'),
    },
  }
}

export const sameQuery = (a: Record<string, string>, b: LocationQuery): boolean => {
  const keys = Object.keys(a)
  return keys.length === Object.keys(b).length && keys.every((k) => a[k] === b[k])
}

/** The board of who has seen none yet. */
export const FIRST_PLACE: BoardPlace = {
  snap: { formation: 'pro-i', mirrored: false, code: 'hs', hash: 'm', toGoal: 38, down: 2, distance: 7 },
  call: 'anvil-drizzle',
}

/** What a board may stand on, and what an address asked for in vain, in words. */
export interface Known extends BoardPlace {
  readonly unknown: readonly string[]
}
/**
 * A place made of what there is: a formation, rules, a hash or a call that nobody knows, or that is not of the game of
 * the call, gives way to one that is. So a wrong link never leaves a board that cannot line up.
 */
export function knownOnly(
  asked: BoardPlace,
  otherwise: BoardPlace,
  choices: Choices,
  calls: readonly CallItem[],
): Known {
  const unknown: string[] = []
  const among = (what: string, id: string, all: readonly { id: string }[], instead: string): string => {
    if (all.some((one) => one.id === id)) return id
    unknown.push(`${what} ${id}`)
    return instead
  }
  const named = among('call', asked.call, calls, otherwise.call)
  const formation = among('formation', asked.snap.formation, choices.formations, otherwise.snap.formation)
  const game = choices.formations.find((f) => f.id === formation)?.players
  const call = asked.only === 'formation' ? ofGame(named, calls, game) : named
  const code = among('rules', asked.snap.code, choices.codes, otherwise.snap.code)
  const numbered = asked.snap.hash !== '' && Number.isFinite(Number(asked.snap.hash))
  const hash = numbered ? asked.snap.hash : among('hash', asked.snap.hash, HASHES, otherwise.snap.hash)
  const men = formation === asked.snap.formation ? asked.snap.men : undefined
  const written = { ...asked.snap, formation, code, hash, men }
  const { snap } = lineWith({ snap: written, call, choices, calls }, { snap: {}, call })
  if (snap.formation !== formation && !asked.only) unknown.push(`${formation} against a call of another game`)
  if (snap.motion && !hasMotion(snap, choices)) {
    if (snap.formation === asked.snap.formation && !asked.only) unknown.push(`motion ${snap.motion}`)
    snap.motion = undefined
  }
  return { call, unknown, snap }
}
