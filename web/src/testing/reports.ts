import type { GradedMan, ManPage, Tallied, UnitPage } from '../api/types'
import { repRow } from './fixtures'

type Counted = Tallied['plays'][number]['as']
const play = (number: number, rep = repRow()) => ({ game: 7, opponent: 'Stoats', play: 10 + number, number, rep })

/** What a facet's plays come to, play by play from the newest. */
export function tallied(what: string, ...as: Counted[]): Tallied {
  const count = (...of: Counted[]): number => as.filter((a) => of.includes(a)).length
  const done = count('above', 'to standard')
  const told = done + count('below')
  return {
    topic: { of: '', what },
    done,
    told,
    notSeen: count('not seen'),
    notAgreed: count('not agreed'),
    ofTheCall: count('of the call'),
    percent: told < 8 ? undefined : Math.round((100 * done) / told),
    plays: as.map((a, i) => ({ game: 7, number: as.length - i, as: a })),
  }
}
const NINE = Array<Counted>(9).fill('to standard')

export const SNAPS: GradedMan['snaps'] = {
  plays: 2,
  of: 3,
  games: [
    {
      opponent: 'Stoats',
      plays: [3, 2].map((number) => ({ game: 7, opponent: 'Stoats', number })),
      of: 3,
      runs: 1,
      passes: 1,
    },
  ],
}

export const MAN: GradedMan = {
  who: { man: 'dunmore', name: 'Dunmore', number: 54, seats: ['mike'], unit: 'backers' },
  snaps: SNAPS,
  plays: 11,
  score: { words: '9 plus, 2 minus', percent: 82 },
  facets: [
    tallied('AL', 'not seen', ...NINE, 'below'),
    tallied('KEY', 'to standard', 'not agreed', 'of the call', 'below', 'of the call'),
  ],
  newest: [
    play(3, repRow({ marks: [{ facet: 'AL', mark: '+' }] })),
    play(3, repRow({ grader: 'abara', marks: [{ facet: 'AL', mark: '-' }] })),
    play(
      5,
      repRow({
        marks: [{ facet: 'AL', mark: '=', proposed: '-', measured: 'Out: 1.2 yd wide' }],
        note: 'told to by the booth',
        callRevision: 2,
      }),
    ),
  ],
}
const FAULT = {
  topic: { of: 'backer-block', what: 'pads' },
  name: 'Pads: high',
  of: 'Linebacker against a block',
  leadsTo: 'driven',
  below: 3,
  told: 9,
  notAgreed: 1,
  ofTheCall: 2,
  share: 75,
  learnt: true,
  men: [{ man: 'dunmore', below: 3 }],
  plays: [
    { game: 7, opponent: 'Stoats', number: 5 },
    { game: 8, opponent: 'Kites', number: 2 },
  ],
}
const CLIP = {
  at: { game: 7, opponent: 'Stoats', number: 5 },
  man: 'dunmore',
  worth: -2,
  why: ['KEY -', 'loaf'],
  wrong: ['Eyes: only one of them', 'Pads: high'],
}
const DEEDS = {
  tackles: [{ what: 'missed' as const, plays: [{ game: 7, opponent: 'Stoats', number: 5 }] }],
  tacklesDiffer: [],
  afterContact: { yards: 14, tries: 3 },
  thrown: [],
  lanes: [],
  passPlays: [{ game: 7, opponent: 'Stoats', number: 9 }],
  flags: [{ what: 'loaf' as const, plays: [{ game: 7, opponent: 'Stoats', number: 5 }] }],
  extraCredit: [],
}
const TREND = {
  topic: { of: '', what: 'AL' },
  name: 'AL, alignment and leverage',
  unit: 'starters' as const,
  points: [
    { game: 6, opponent: 'Terns', done: 4, told: 10, percent: 40, low: 17, high: 69, plays: [] },
    { game: 7, opponent: 'Stoats', done: 9, told: 10, percent: 90, low: 60, high: 98, plays: [] },
  ],
  change: 1,
  claim: 'better: 4 of 10, then 9 of 10',
}
const AGAINST = [
  { unit: 'starters' as const, plays: 4, facets: [tallied('AL', 'below', 'to standard')], ended: '1-3' },
  { unit: 'backups' as const, plays: 7, facets: [], ended: '4 positive of 4' },
]

export const PAGE: ManPage = {
  who: MAN.who,
  sheet: {
    man: 'dunmore',
    snaps: SNAPS,
    plays: 11,
    ended: '5-3',
    score: MAN.score,
    facets: MAN.facets,
    against: AGAINST,
    faults: [FAULT],
    trends: [TREND],
    best: [],
    worst: [CLIP],
    deeds: DEEDS,
    effort: { plays: [] },
    chains: [{ first: { game: 7, opponent: 'Stoats', number: 3 }, named: false, stands: false }],
  },
  corrections: [
    {
      at: { game: 7, opponent: 'Stoats', number: 5 },
      correction: { good: 'stance', instead: 'eyes to the guard', drill: 'mirror' },
    },
  ],
}
export const UNIT: UnitPage = {
  unit: 'all',
  sheet: {
    plays: 11,
    reps: 20,
    facets: MAN.facets,
    against: AGAINST,
    faults: [FAULT, { ...FAULT, topic: { of: 'backer-block', what: 'hip' }, name: 'Hip: behind', share: 100 }],
    eleven: {
      checks: [
        { what: 'made', plays: [{ game: 7, opponent: 'Stoats', number: 3 }] },
        { what: 'missed', plays: [{ game: 7, opponent: 'Stoats', number: 5 }] },
      ],
      strength: [],
      notSet: [],
      atTheBall: 5,
      setSaid: [{ game: 7, opponent: 'Stoats', number: 3 }],
      pressure: { least: 2, middle: 2.4, most: 3, plays: [{ game: 7, opponent: 'Stoats', number: 9 }] },
    },
    explosives: [
      {
        at: { game: 7, opponent: 'Stoats', number: 5 },
        gain: 34,
        pass: false,
        man: 'dunmore',
        lost: ['dunmore'],
        why: 'his alone is below standard',
      },
    ],
    trends: [TREND],
    deeds: DEEDS,
    best: [],
    worst: [CLIP],
  },
  facets: ['AL', 'KEY'],
  men: [MAN],
  names: { dunmore: 'Dunmore' },
}
