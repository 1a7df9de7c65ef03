import type { LocationQueryRaw, Router } from 'vue-router'
import { actionsOf, type Action } from './actions/action'
import { callChoices, type useLists } from './lists'

/** What the actions that are everywhere move. */
export interface ShellHands {
  router: Router
  mayWrite: () => boolean
  turnPaper: () => void
  signOut: () => void
  palette: () => void
  help: () => void
}

const everywhere = actionsOf('Everywhere')
const goTo = actionsOf('Go to')
/** Where there is something to go to; `all` for everybody, else for coaches, or for players alone. */
const VIEWS: { path: string; name: string; words: string; all: boolean; player?: boolean }[] = [
  { path: '/', name: 'Start', words: 'what is here and where to begin', all: true },
  { path: '/mine', name: 'My job', words: 'a player on this week’s calls', all: false, player: true },
  { path: '/board', name: 'Board', words: 'a call against a formation', all: true },
  { path: '/playbook', name: 'Playbook', words: 'calls, fronts, coverages, plays, formations', all: true },
  { path: '/plan', name: 'Plan', words: 'all calls against all formations', all: true },
  { path: '/playbook/compare', name: 'Compare two calls', words: 'side by side, on one snap', all: true },
  { path: '/film', name: 'Film', words: 'reels, measuring, grading', all: false },
  { path: '/grades', name: 'Grades', words: 'who does his job how often', all: false },
  { path: '/programme', name: 'House conventions', words: 'how this programme says and counts things', all: false },
  { path: '/programme/roster', name: 'Roster', words: 'who plays what', all: false },
  { path: '/programme/figures', name: 'Figures', words: 'what calls and findings are measured by', all: false },
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
        () => v.all || hands.mayWrite() !== (v.player ?? false),
      ),
      words: v.words,
    })),
  ]
}

/** Calls and formations as places to go: onto the board, which stays as it is otherwise. */
export function placesToGo(lists: ReturnType<typeof useLists>, router: Router): Action[] {
  const { path, query } = router.currentRoute.value
  const now: LocationQueryRaw = path === '/board' ? query : {}
  const onBoard = (more: LocationQueryRaw) => (): void =>
    void router.push({ path: '/board', query: { ...now, ...more } })
  const call = actionsOf('Calls')
  const formation = actionsOf('Formations')
  return [
    ...callChoices(lists.calls, undefined).map((c) => ({
      ...c,
      ...call(`call ${c.id}`, [], c.name, onBoard({ call: c.id })),
    })),
    ...lists.formations.map((f) => ({
      ...f,
      ...formation(`formation ${f.id}`, [], f.name, onBoard({ against: f.id, men: undefined, motion: undefined })),
    })),
  ]
}
