import type { CallItem, Choices, SnapWords } from '../api/types'

export const HASHES = [
  { id: 'l', name: 'left hash' },
  { id: 'm', name: 'middle' },
  { id: 'r', name: 'right hash' },
]
export const SIDES = [
  { id: 'false', name: 'right' },
  { id: 'true', name: 'left' },
]
export const DOWNS = ['1st', '2nd', '3rd', '4th'].map((name, i) => ({ id: String(i + 1), name }))

const nameOf = (id: string, all: readonly { id: string; name: string }[] | undefined): string =>
  all?.find((one) => one.id === id)?.name ?? id

/** Where the ball lies as the defence says it. */
export const spotName = (toGoal: number, choices: Choices | undefined): string =>
  choices?.spots[toGoal - 1] ?? String(toGoal)

/** The snap line as one sentence; typed again it reads as itself. */
export function lineWords(
  snap: SnapWords,
  call: string,
  choices: Choices | undefined,
  calls: readonly CallItem[],
): string {
  const motions = choices?.formations.find((f) => f.id === snap.formation)?.motions
  const distance = snap.distance === snap.toGoal ? 'goal' : String(snap.distance)
  return [
    `${nameOf(snap.code, choices?.codes)} · ball on ${spotName(snap.toGoal, choices)}, ${nameOf(snap.hash, HASHES)}`,
    `${nameOf(String(snap.down), DOWNS)} and ${distance}`,
    `${nameOf(snap.formation, choices?.formations)} ${nameOf(String(snap.mirrored), SIDES)} with ${
      snap.motion ? nameOf(snap.motion, motions) : 'no motion'
    } — we call ${nameOf(call, calls)}`,
  ].join(' · ')
}
