import { describe, expect, it } from 'vitest'
import type { CallItem, Choices, SnapWords } from '../api/types'
import { lineWords } from './lineWords'
import { readSnapWords } from './snapWords'
import { SPOTS } from '../testing/fixtures'

const formation = (id: string, name: string, personnel: string, receivers: string, motions: string[] = []) => ({
  id,
  name,
  family: 'any',
  players: 11,
  personnel,
  receivers,
  motions: motions.map((m) => ({ id: m.split(' ')[0]!, name: m })),
})
const choices: Choices = {
  spots: SPOTS,
  codes: [
    { id: 'hs', name: 'high school', players: 11 },
    { id: 'col', name: 'college', players: 11 },
    { id: 'pro', name: 'professional', players: 11 },
    { id: 'flag5', name: 'flag, five a side', players: 5 },
  ],
  formations: [
    formation('pro-i', 'Pro I', '21', '2x1', ['trade tight end', 'short flanker']),
    formation('pro-offset-strong', 'Pro offset strong', '21', '2x1'),
    formation('trips-open', 'Trips open', '10', '3x1', ['back changes side']),
    formation('trips-nub', 'Trips, end away', '11', '3x1'),
    formation('doubles-gun', 'Doubles gun', '11', '2x2'),
    formation('goal-line', 'Goal line', '23', '1x1'),
    { ...formation('flag-spread', 'Flag spread', '00', '2x2'), players: 5 },
  ],
  runs: [],
}
const call = (id: string, name: string, players = 11): CallItem => ({
  id,
  name,
  players,
  revision: 0,
  digest: '',
  words: '',
  kinds: [],
  meantFor: [],
})
const calls = [
  call('awl-fog', 'Awl Fog'),
  call('anvil-fog', 'Anvil Fog'),
  call('anvil-drizzle', 'Anvil Drizzle'),
  call('tack-siskin', 'Tack Siskin', 5),
]
const snap: SnapWords = {
  formation: 'pro-i',
  mirrored: false,
  motion: 'trade',
  code: 'hs',
  hash: 'm',
  toGoal: 38,
  down: 1,
  distance: 10,
}
const read = (text: string, over: Partial<SnapWords> = {}) =>
  readSnapWords(text, { snap: { ...snap, ...over }, call: 'anvil-drizzle', choices, calls })
const names = (text: string): string[] => read(text).ties.flatMap((t) => t.names.map((n) => n.name))

describe('A2: the typed snap line', () => {
  it('takes whole names before words of names', () => {
    expect(read('anvil fog')).toMatchObject({ call: 'anvil-fog', unread: [], ties: [] })
    expect(read('pro i', { formation: 'doubles-gun' }).snap.formation).toBe('pro-i')
    expect(read('goal line').snap.formation).toBe('goal-line')
    expect(read('trips, end away left')).toMatchObject({ snap: { formation: 'trips-nub', mirrored: true }, unread: [] })
  })
  it('offers what several names fit, and takes none of them', () => {
    expect(names('fog')).toEqual(['Awl Fog', 'Anvil Fog'])
    expect(names('trips')).toEqual(['Trips open', 'Trips, end away'])
    expect(names('pro')).toEqual(['professional', 'Pro I', 'Pro offset strong'])
    expect(read('fog').call).toBe('anvil-drizzle')
  })
  it('finds a call by what it is called everywhere, and leaves our own name for it to be chosen', () => {
    const zone = { ...calls[1]!, kinds: ['cover 2', 'zone'] }
    const others = [{ ...calls[0]!, kinds: ['cover 2'] }, zone, calls[2]!]
    const line = (text: string) => readSnapWords(text, { snap, call: 'anvil-drizzle', choices, calls: others })
    expect(line('cover 2').ties[0]!.names.map((n) => n.name)).toEqual(['Awl Fog', 'Anvil Fog'])
    expect(line('zone')).toMatchObject({ call: 'anvil-fog', ties: [], unread: [] })
    expect(line('cover 4').unread).toContain('cover')
  })
  it('reads down and distance however they are said', () => {
    for (const words of ['3&8', '3 & 8', '3 and 8', '3rd and 8', 'third and 8', '3rd & 8'])
      expect(read(words), words).toMatchObject({ snap: { down: 3, distance: 8, toGoal: 38 }, unread: [] })
    expect(read('4th and goal')).toMatchObject({ snap: { down: 4, distance: 38, formation: 'pro-i' }, unread: [] })
    expect(read('1st and goal 4').snap).toMatchObject({ down: 1, distance: 4, toGoal: 4 })
  })
  it('never asks for more yards than there are', () => {
    expect(read('12').snap).toMatchObject({ toGoal: 12, distance: 10 })
    expect(read('4').snap).toMatchObject({ toGoal: 4, distance: 4 })
    expect(read('1st and 10 our 4').unread).toHaveLength(1)
  })
  it('reads spots and hashes as coaches say them', () => {
    const spots = {
      '+12': 12,
      'own 38': 62,
      'their own 38': 62,
      '-20': 80,
      'our 12': 12,
      midfield: 50,
      'ball on 12': 12,
    }
    for (const [words, toGoal] of Object.entries(spots))
      expect(read(words), words).toMatchObject({ snap: { toGoal, hash: 'm', mirrored: false }, unread: [] })
    expect(read('left hash').snap).toMatchObject({ hash: 'l', mirrored: false })
    expect(read('left').snap).toMatchObject({ hash: 'm', mirrored: true })
    expect(read('r').snap.hash).toBe('r')
  })
  it('takes no motion for a motion, and rules by name', () => {
    expect(read('no motion')).toMatchObject({ snap: { formation: 'pro-i', motion: undefined }, unread: [] })
    expect(read('short').snap.motion).toBe('short')
    expect(read('high school', { code: 'col' }).snap.code).toBe('hs')
  })
  it('asks for a formation of the men that were said', () => {
    expect(read('21 personnel')).toMatchObject({ snap: { toGoal: 38, formation: 'pro-i' }, unread: [], ties: [] })
    expect(names('11 personnel')).toEqual(['Trips, end away', 'Doubles gun'])
    expect(names('3x1')).toEqual(['Trips open', 'Trips, end away'])
    expect(names('11 personnel 3x1')).toEqual(['Trips, end away'])
    expect(read('pro i 3x1').unread).toEqual(['3x1 (Pro I is not so)'])
  })
  it('goes over to another game as a whole, and never half', () => {
    expect(read('flag spread')).toMatchObject({ snap: { code: 'flag5' }, call: 'tack-siskin', unread: [] })
    expect(read('flag spread anvil fog').unread[0]).toContain('do not play together')
  })
  it('says what it does not understand, and what is named twice', () => {
    expect(read('trips open zebra 99x').unread).toEqual(['zebra', '99x'])
    expect(read('pro i trips open').unread[0]).toContain('named already')
  })
  it('reads every line as it stands', () => {
    for (const f of choices.formations)
      for (const motion of [undefined, ...f.motions.map((m) => m.id)])
        for (const [toGoal, distance] of [
          [38, 7],
          [62, 10],
          [50, 1],
          [4, 4],
        ] as const) {
          const code = f.players === 5 ? 'flag5' : 'col'
          const line = { ...snap, formation: f.id, motion, code, hash: 'r', toGoal, distance, mirrored: true }
          const said = f.players === 5 ? 'tack-siskin' : 'anvil-fog'
          const words = lineWords(line, said, choices, calls)
          const found = read(words)
          expect(found, words).toMatchObject({ unread: [], ties: [], call: said })
          expect(found.snap, words).toEqual({ ...line, men: undefined })
        }
  })
})
