import { actionsOf, type Action } from '../shell/actions/action'
import type { useBoard } from './boardStore'
import type { Listed } from './findings'
import { usePlays } from './playsStore'

const men = actionsOf('Men')
const offence = actionsOf('Their men')
const findings = actionsOf('What breaks')

/** Men and findings of the line-up as things to be found: his rules, who has him, what breaks. */
export function boardFinds(board: ReturnType<typeof useBoard>, listed: readonly Listed[]): Action[] {
  const plays = usePlays()
  return [
    ...(board.sheet?.jobs ?? []).map((j) => ({
      ...men(j.id, [], `${j.name} (${j.label})`, () => {
        board.selected = j.id
        board.panel = 'rules'
      }),
      words: [j.player?.said, j.parts.find((p) => p.part === 'align')?.shown].filter(Boolean).join(', '),
    })),
    ...(board.sheet?.offence ?? [])
      .filter((m) => m.post === 'eligible')
      .map((m) => ({
        ...offence(m.name, [], `Who has ${m.name}`, () => (board.asked = { kind: 'MAN', name: m.name })),
        words: m.number ?? 'a back',
      })),
    ...listed.map((l) => ({
      ...findings(l.key, [], l.finding.title, () => {
        board.panel = 'findings'
        plays.pointed = l.key
      }),
      words: `finding ${l.n}, ${l.finding.severity}`,
    })),
  ]
}
