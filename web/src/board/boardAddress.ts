import type { LocationQuery } from 'vue-router'
import type { SnapWords } from '../api/types'

/** What an address says of the board: who opens it sees the same snap against the same call. */
export interface BoardPlace {
  readonly snap: SnapWords
  readonly call: string
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

/** What an address asks for; words it does not have, or that make no sense, stand as they stood. None when it names no call. */
export function fromQuery(query: LocationQuery, now: BoardPlace): BoardPlace | undefined {
  const said = (name: string): string | undefined => {
    const value = query[name]
    return typeof value === 'string' && value ? value : undefined
  }
  const call = said('call')
  if (!call) return undefined
  const [down, distance] = said('down')?.split('-') ?? []
  const toGoal = whole(said('ball'), 1, 99, now.snap.toGoal)
  return {
    call,
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
