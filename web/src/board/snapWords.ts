import type { CallItem, Choices, SnapWords } from '../api/types'
import { namesAt, namesOf, type Kind, type Named } from './snapNames'
import { phraseAt, plain, type Said } from './snapPhrases'

/** The snap line as it stands: what is typed changes it word by word. */
export interface SnapLineNow {
  readonly snap: SnapWords
  readonly call: string
  readonly choices?: Choices
  readonly calls: readonly CallItem[]
}

/** Words that several names fit; one of them is to be chosen. */
export interface Tie {
  /** The words, as typed and plain. */
  readonly words: string
  readonly names: readonly Named[]
}

export interface ReadSnap {
  /** What the line will be, whole and fitting together. */
  readonly snap: SnapWords
  readonly call: string
  /** What cannot be taken, each in words. Nothing is applied while there is one. */
  readonly unread: readonly string[]
  readonly ties: readonly Tie[]
}

interface Asked {
  snap: Partial<SnapWords>
  goal: boolean
  call?: string
  personnel?: string
  receivers?: string
}

class Reading {
  readonly asked: Asked = { snap: {}, goal: false }
  readonly unread: string[] = []
  readonly ties: Tie[] = []
  private readonly named = new Map<Kind, string>()

  constructor(
    private readonly now: SnapLineNow,
    private readonly names: readonly Named[],
  ) {}

  read(text: string): void {
    const words = plain(text).split(' ').filter(Boolean)
    for (let at = 0; at < words.length;) at += this.take(words.slice(at))
  }

  /** How many words were taken. */
  private take(words: readonly string[]): number {
    const phrase = phraseAt(words)
    const fitting = namesAt(words, this.possible())
    if (fitting && fitting.words > (phrase?.words ?? 0)) {
      this.name(words.slice(0, fitting.words).join(' '), fitting.names)
      return fitting.words
    }
    if (phrase) {
      this.say(phrase.said)
      return phrase.words
    }
    this.unread.push(words[0]!)
    return 1
  }

  /** Motions are those of the formation that was named before, else of the one that stands. */
  private possible(): readonly Named[] {
    const formation = this.asked.snap.formation ?? this.now.snap.formation
    return this.names.filter((n) => n.kind !== 'motion' || n.of === formation)
  }

  private name(words: string, fitting: readonly Named[]): void {
    const [one, another] = fitting
    if (!one || another) this.ties.push({ words, names: fitting })
    else if (this.named.has(one.kind) && this.named.get(one.kind) !== one.id)
      this.unread.push(`${words} (a ${one.kind} is named already)`)
    else this.choose(one)
  }
  private choose(one: Named): void {
    this.named.set(one.kind, one.id)
    if (one.kind === 'call') this.asked.call = one.id
    else this.asked.snap = { ...this.asked.snap, [one.kind]: one.id }
  }

  private say(said: Said): void {
    if ('snap' in said) Object.assign(this.asked.snap, said.snap)
    else if ('goal' in said) Object.assign(this.asked, { goal: true, snap: { ...this.asked.snap, down: said.down } })
    else if ('asks' in said) this.asked[said.asks] = said.value
  }
}

/** Reads a typed line. What it will be is always given; whether it may be taken, `unread` and `ties` tell. */
export function readSnapWords(text: string, now: SnapLineNow): ReadSnap {
  const reading = new Reading(now, namesOf(now.choices, now.calls))
  reading.read(text)
  const kind = ofKind(reading, now)
  return { ...fitTogether(reading.asked, now, reading.unread), ties: [...reading.ties, ...kind] }
}

/** Personnel and receivers ask for a formation: the one named or standing must be so, else those that are are offered. */
function ofKind(reading: Reading, now: SnapLineNow): Tie[] {
  const { personnel, receivers } = reading.asked
  if (!personnel && !receivers) return []
  const words = [personnel ? `${personnel} personnel` : '', receivers ?? ''].filter(Boolean).join(' ')
  const formations = now.choices?.formations ?? []
  const so = formations.filter(
    (f) => (!personnel || f.personnel === personnel) && (!receivers || f.receivers === receivers),
  )
  const meant = reading.asked.snap.formation ?? now.snap.formation
  if (so.some((f) => f.id === meant)) return []
  if (!so.length) reading.unread.push(`${words} (no formation is so)`)
  else if (reading.asked.snap.formation)
    reading.unread.push(`${words} (${formations.find((f) => f.id === meant)?.name ?? meant} is not so)`)
  else if (!reading.ties.some((t) => t.names.some((n) => n.kind === 'formation')))
    return [{ words, names: so.map((f) => ({ kind: 'formation', id: f.id, name: f.name })) }]
  return []
}

/** Code, formation and call are of one game: what was asked decides, and takes the others along. */
function fitTogether(asked: Asked, now: SnapLineNow, unread: string[]): Omit<ReadSnap, 'ties'> {
  const players = {
    formation: (id: string) => now.choices?.formations.find((f) => f.id === id)?.players,
    code: (id: string) => now.choices?.codes.find((c) => c.id === id)?.players,
    call: (id: string) => now.calls.find((c) => c.id === id)?.players,
  }
  const games = [
    asked.snap.formation && players.formation(asked.snap.formation),
    asked.snap.code && players.code(asked.snap.code),
    asked.call && players.call(asked.call),
  ].filter((n): n is number => typeof n === 'number')
  const game = games[0] ?? players.formation(now.snap.formation)
  if (games.some((n) => n !== game)) unread.push(`${games.join(' and ')} men a side do not play together`)

  const formation = asked.snap.formation ?? ofGame(now.snap.formation, now.choices?.formations, game)
  const code = asked.snap.code ?? ofGame(now.snap.code, now.choices?.codes, game)
  const call = asked.call ?? ofGame(now.call, now.calls, game)
  const same = formation === now.snap.formation
  const snap: SnapWords = { ...now.snap, motion: same ? now.snap.motion : undefined, ...asked.snap, formation, code }
  if (!same || snap.mirrored !== now.snap.mirrored) snap.men = undefined
  if (asked.goal) snap.distance = snap.toGoal
  if (snap.distance > snap.toGoal) {
    if (asked.snap.distance) unread.push(`${snap.distance} yards to go with ${snap.toGoal} to the goal line`)
    snap.distance = snap.toGoal
  }
  return { snap, call, unread }
}

/** What stands, when it is of this game; else the first that is. */
export function ofGame(
  id: string,
  all: readonly { id: string; players: number }[] | undefined,
  players: number | undefined,
): string {
  const fits = (one: { players: number }): boolean => players === undefined || one.players === players
  return (all?.find((one) => one.id === id && fits(one)) ?? all?.find(fits))?.id ?? id
}
