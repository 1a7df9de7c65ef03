import type { LocationQueryRaw, Router } from 'vue-router'
import { actionsOf, type Action } from './actions/action'
import { callChoices, type useLists } from './lists'

/** What the actions that are everywhere move. */
export interface ShellHands {
  router: Router
  /** Whether a coach is signed in; else a player. */
  coaches: () => boolean
  turnPaper: () => void
  signOut: () => void
  palette: () => void
  help: () => void
}

const everywhere = actionsOf('Everywhere')
const goTo = actionsOf('Go to')
/** Where there is something to go to, for everybody or for whom. */
const VIEWS: { path: string; name: string; words: string; whose?: 'coach' | 'player' }[] = [
  { path: '/', name: 'Start', words: 'what is here and where to begin' },
  { path: '/mine', name: 'My job', words: 'a player on this week’s calls', whose: 'player' },
  { path: '/board', name: 'Board', words: 'a call against a formation' },
  { path: '/playbook', name: 'Playbook', words: 'calls, fronts, coverages, plays, formations' },
  { path: '/plan', name: 'Plan', words: 'all calls against all formations' },
  { path: '/playbook/compare', name: 'Compare two calls', words: 'side by side, on one snap' },
  {
    path: '/playbook/pressure',
    name: 'Begin a pressure',
    words: 'who comes, then the coverage that is left',
    whose: 'coach',
  },
  { path: '/film', name: 'Film', words: 'games, cutting, measuring, grading', whose: 'coach' },
  { path: '/grades', name: 'Grades', words: 'who does his job how often', whose: 'coach' },
  { path: '/grades/agreement', name: 'Agreement', words: 'how far two coaches agree', whose: 'coach' },
  { path: '/programme', name: 'House conventions', words: 'how this programme says and counts things', whose: 'coach' },
  { path: '/programme/roster', name: 'Roster', words: 'who plays what', whose: 'coach' },
  {
    path: '/programme/figures',
    name: 'Figures',
    words: 'what calls, findings and snaps are measured by, to be set',
    whose: 'coach',
  },
]

export function shellActions(hands: ShellHands): Action[] {
  return [
    everywhere('palette', 'Ctrl+K', 'Go to anything, or do anything', hands.palette),
    everywhere('help', '?', 'This list of keys', hands.help),
    everywhere('paper', [], 'Turn the paper: night or day', hands.turnPaper),
    everywhere('sign-out', [], 'Sign out', hands.signOut),
    ...VIEWS.map((v) => ({
      ...goTo(
        v.path,
        [],
        v.name,
        () => void hands.router.push(v.path),
        () => !v.whose || hands.coaches() === (v.whose === 'coach'),
      ),
      words: v.words,
    })),
  ]
}

/** Calls and formations as places to go: onto the board, which stays as it is otherwise. */
export function placesToGo(lists: ReturnType<typeof useLists>, router: Router): Action[] {
  const { path, query } = router.currentRoute.value
  const now: LocationQueryRaw = path === '/board' ? query : {}
  const game = lists.formation(String(now.against ?? ''))?.players
  /** What stands stays, unless it is of another game. */
  const kept = (players: number | undefined): LocationQueryRaw => (players === game ? now : {})
  const onBoard = (players: number | undefined, more: LocationQueryRaw) => (): void =>
    void router.push({ path: '/board', query: { ...kept(players), ...more } })
  const call = actionsOf('Calls')
  const formation = actionsOf('Formations')
  return [
    ...callChoices(lists.calls, undefined).map((c) => ({
      ...c,
      ...call(`call ${c.id}`, [], c.name, onBoard(lists.playersOf(c.id), { call: c.id })),
    })),
    ...lists.formations.map((f) => ({
      ...f,
      ...formation(
        `formation ${f.id}`,
        [],
        f.name,
        onBoard(lists.formation(f.id)?.players, { against: f.id, men: undefined, motion: undefined }),
      ),
    })),
  ]
}
