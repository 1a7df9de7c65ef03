import type { SnapWords } from '../api/types'
import { lineWith, type LineNow, type SaidWords } from './lineSaid'
import { namesAt, namesOf, type Kind, type Named } from './snapNames'
import { phraseAt, plain, type Said } from './snapPhrases'

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

interface Asked extends SaidWords {
  personnel?: string
  receivers?: string
}

class Reading {
  readonly asked: Asked = { snap: {}, goal: false }
  readonly unread: string[] = []
  readonly ties: Tie[] = []
  private readonly named = new Map<Kind, string>()

  constructor(
    private readonly now: LineNow,
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
export function readSnapWords(text: string, now: LineNow): ReadSnap {
  const reading = new Reading(now, namesOf(now.choices, now.calls))
  reading.read(text)
  const kind = ofKind(reading, now)
  const line = lineWith(now, reading.asked)
  return { ...line, unread: [...reading.unread, ...line.unread], ties: [...reading.ties, ...kind] }
}

/** Personnel and receivers ask for a formation: the one named or standing must be so, else those that are are offered. */
function ofKind(reading: Reading, now: LineNow): Tie[] {
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
