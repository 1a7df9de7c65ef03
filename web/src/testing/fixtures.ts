import type {
  AngleSheet,
  CallItem,
  Choices,
  FieldRow,
  FilmedPlay,
  FindingRow,
  GameFilm,
  GameSheet,
  JobRow,
  PartRow,
  PlaybookItem,
  PlayGrades,
  ReelSheet,
  RepRow,
  Sheet,
  SnapRow,
} from '../api/types'

/** Small made-up answers of the server for component tests. */
export function part(
  name: PartRow['part'],
  shown: string,
  rung = `anvil/x/${name}`,
  facts: PartRow['because'][number]['facts'] = [],
): PartRow {
  return {
    part: name,
    given: 'value',
    words: shown,
    shown,
    because: [{ rung, layer: 'front', sentence: `${name} ${shown}`, facts }],
  }
}
/** A field with the ball in its middle, not to any rules. */
export const FIELD: FieldRow = {
  code: 'high school',
  distance: 10,
  endLine: 60,
  leftHash: -3,
  rightHash: 3,
  leftSideline: -26,
  rightSideline: 27,
  numbersBottom: 7,
  numbersTop: 9,
  painted: true,
  toGoal: 50,
}
/** A formation of a menu, of so many men and with motions of these names. */
export function formationItem(id: string, players = 11, motions: string[] = []): Choices['formations'][number] {
  return {
    id,
    name: id,
    family: '',
    players,
    personnel: '11',
    receivers: '2x2',
    motions: motions.map((m) => ({ id: m, name: m })),
  }
}
/** Words for the spots, as the server gives them. */
export const SPOTS = Array.from({ length: 99 }, (_, i) =>
  i < 49 ? `our ${i + 1}` : i === 49 ? 'midfield' : `their own ${99 - i}`,
)
/** What there is to choose from: these formations, in these games. */
export function choicesOf(
  formations: Choices['formations'],
  codes: Choices['codes'] = [{ id: 'hs', name: 'high school', players: 11 }],
): Choices {
  return { codes, formations, runs: [], spots: SPOTS }
}
/** A call of a menu, by so many men and meant for any formation. */
export function callItem(id: string, players = 11, over: Partial<CallItem> = {}): CallItem {
  return { id, name: id, players, words: '', kinds: [], digest: '', meantFor: [], revision: 0, ...over }
}
/** A document of the playbook: the call Anvil Fog as it ships, unless told otherwise. */
export function playbookItem(over: Partial<PlaybookItem> = {}): PlaybookItem {
  return {
    kind: 'call',
    id: 'anvil-fog',
    name: 'Anvil Fog',
    summary: 'two deep',
    family: 'Cover 2',
    kinds: ['cover 2', 'zone'],
    revision: 0,
    install: 'catalogue',
    published: true,
    retired: false,
    version: -1,
    sketch: { offence: [], defence: [], ways: [] },
    ...over,
  }
}
const NAMES: PartRow['part'][] = ['show', 'align', 'stance', 'key', 'move', 'reads', 'run', 'pass', 'technique']
export function job(id: string, label: string, x: number, over: Record<string, PartRow> = {}): JobRow {
  const parts = NAMES.map((n) => over[n] ?? part(n, n === 'show' || n === 'move' ? 'none' : `${n} of ${id}`))
  return {
    id,
    name: id.replaceAll('-', ' '),
    role: id,
    label,
    body: 'DB',
    side: x < 0 ? 'left' : 'right',
    onCoverSide: x >= 0,
    kind: 'deep',
    feet: { x, y: 7 },
    force: false,
    from: [],
    reads: [],
    taught: [],
    parts,
  }
}
export function finding(severity: FindingRow['severity'], title: string, who: string[] = []): FindingRow {
  return {
    key: `gaps/${title}`,
    check: 'gaps',
    severity,
    mendable: severity === 'bust' || severity === 'weak',
    where: { x: 0, y: 1 },
    who,
    title,
    reason: 'because',
  }
}
export function sheet(jobs: JobRow[], findings: FindingRow[] = []): Sheet {
  return {
    notation: '',
    facts: [],
    movedIn: [],
    offence: [],
    jobs,
    findings,
    areas: [],
    cones: [],
    box: '6 in the box',
    gapCount: '1 of 2 owned once, 1 open',
    gaps: [
      {
        words: 'A gap left',
        letter: 'A',
        side: 'left',
        at: { x: -0.7, y: 0 },
        owners: ['nose'],
        said: 'N',
        owned: 'once',
      },
      {
        words: 'A gap right',
        letter: 'A',
        side: 'right',
        at: { x: 0.7, y: 0 },
        owners: [],
        said: 'open',
        owned: 'open',
      },
    ],
    edges: [{ side: 'left', at: { x: -5, y: 2 }, forces: [] }],
    eligibles: [{ man: 'TE', number: '#2 right', byMan: [], byZone: [] }],
  }
}
/** An angle of the play on reel 3, as nobody has worked on it yet. */
export function angleSheet(over: Partial<AngleSheet> = {}): AngleSheet {
  return {
    id: 50,
    reel: 3,
    firstFrame: 0,
    snapFrame: 24,
    points: [],
    marks: [],
    seen: [],
    drawn: [],
    stills: [],
    trouble: '',
    leastPoints: 4,
    leastPointsTurned: 4,
    noPlaces: [],
    tripod: 0,
    nextPlaces: [],
    version: 0,
    ...over,
  }
}
/** A play filmed from one side; what is said of the angle is said of that side. */
export function filmedPlay(over: Partial<FilmedPlay> = {}, angle: Partial<AngleSheet> = {}): FilmedPlay {
  return {
    id: 11,
    number: 1,
    version: 0,
    angles: [angleSheet(angle)],
    known: [],
    verdicts: [],
    measured: [],
    apart: [],
    stood: [],
    timesApart: [],
    stillBefore: 0.5,
    followed: 3,
    atTheBall: 5,
    moments: [
      { what: 'man moves', ofAMan: true },
      { what: 'contact', ofAMan: true },
      { what: 'back commits', ofAMan: false },
    ],
    sheet: sheet([job('nickel', 'NB', 7)]),
    log: {
      snap: { formation: 'pro-i', mirrored: false, code: 'hs', hash: 'm', toGoal: 62, down: 1, distance: 10 },
      call: 'anvil-drizzle',
      revision: 0,
    },
    ...over,
  }
}
/** A game of two plays. */
export function gameSheet(over: Partial<GameSheet> = {}): GameSheet {
  const { log } = filmedPlay()
  return {
    id: 7,
    game: { opponent: 'Stoats', squad: 'under 19', season: 2026, playedOn: '2026-09-26', code: 'hs' },
    plays: [11, 12].map((id, i) => ({ id, number: i + 1, log, version: 4 })),
    takenOut: [],
    version: 0,
    ...over,
  }
}
export const REEL: ReelSheet = {
  id: 3,
  game: 7,
  name: 'sideline',
  view: 'sideline',
  width: 1920,
  height: 1080,
  rotation: 0,
  bytes: 1,
  frameTimes: Array.from({ length: 60 }, (_, i) => i / 30),
}
/** The same moment from behind, a second later on its own reel. */
export const OTHER_REEL: ReelSheet = { ...REEL, id: 4, name: 'end zone', view: 'end zone' }
export function gameFilm(): GameFilm {
  const reel = (of: ReelSheet): GameFilm['reels'][number] => ({
    id: of.id,
    name: of.name,
    view: of.view,
    plays: 2,
    placed: 1,
    marked: 1,
    frames: 60,
    width: 1920,
    height: 1080,
    rotation: 0,
    bytes: 0,
    seconds: 2,
  })
  const cut = { firstFrame: 0, snapFrame: 24, points: 1, marks: 2, version: 0 }
  return {
    reels: [reel(REEL), reel(OTHER_REEL)],
    angles: [
      { ...cut, id: 50, play: 11, reel: 3 },
      { ...cut, id: 51, play: 12, reel: 3, firstFrame: 30, snapFrame: 40 },
    ],
  }
}
/** What is proposed and graded of the play: the nickel out of his place, and nobody graded yet. */
export function playGrades(over: Partial<PlayGrades> = {}): PlayGrades {
  return {
    facets: [
      { facet: 'AL', meaning: 'alignment and leverage' },
      { facet: 'KEY', meaning: 'read' },
      { facet: 'EF', meaning: 'effort and finish' },
    ],
    proposals: [{ job: 'nickel', facet: 'AL', mark: '-', measured: 'Out: 1.8 yd wide (± 0.3)' }],
    asked: [],
    untold: '',
    players: {},
    rubrics: [],
    mine: [],
    others: [],
    waiting: [],
    earlier: [],
    ...over,
  }
}
export function repRow(over: Partial<RepRow> = {}): RepRow {
  return {
    job: 'nickel',
    grader: 'marrow',
    marks: [{ facet: 'AL', mark: '-' }],
    target: 'man',
    flags: [],
    extraCredit: false,
    call: 'anvil-drizzle',
    callRevision: 0,
    version: 1,
    criteria: [],
    ...over,
  }
}
/** Three ticks of a run: TB has the ball from QB and is through, the mike comes up. */
export function snapRow(): SnapRow {
  const at = { x: 0, y: 0 }
  return {
    seed: 3,
    gain: 1,
    ticks: 3,
    secondsPerTick: 0.05,
    men: ['QB', 'TB', 'mike'],
    tracks: [
      [0, -1, 0, -2, 0, -3],
      [0, -7, 1, -6, 2, 1],
      [1, 5, 1, 3, 1, 2],
    ],
    ball: [0, -1, 1, -6, 2, 1],
    events: [
      { tick: 0, what: 'BALL_MOVES', man: 'C', said: 'The ball is snapped.', place: at, main: true },
      {
        tick: 1,
        what: 'KEY_SHOWS',
        man: 'mike',
        whom: 'TB',
        said: 'mike sees TB: flow to me.',
        place: at,
        main: false,
      },
      { tick: 1, what: 'HANDED_OFF', man: 'TB', said: 'TB has the ball from QB.', place: at, main: true },
      { tick: 2, what: 'LINE_CROSSED', man: 'TB', said: 'TB is through the line.', place: at, main: true },
    ],
    windows: [{ man: 'TB', from: 1, to: 2 }],
    rush: [],
    gaps: [
      {
        name: 'A gap right',
        letter: 'A',
        x: [1, 1.2, 1.4],
        held: [{ man: 'mike', from: 1, to: 2 }],
      },
    ],
    own: [{ man: 'mike', looksAt: 'TB', acts: 1 }],
    cause: { blame: 'the block', links: [{ tick: 1, man: 'mike', said: 'FB is on him at 0.05 s (insert).' }] },
  }
}
