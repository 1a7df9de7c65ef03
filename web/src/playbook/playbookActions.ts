import { actionsOf, type Action } from '../shell/actions/action'
import type { usePlaybook } from './playbookStore'

/** What the keys of the playbook move. */
export interface ListHands {
  walk: (by: number) => void
  find: () => void
  open: () => void
  begin: () => void
  beginPressure: () => void
  picked: () => boolean
  favour: () => void
  unsay: () => void
  said: () => boolean
}

/** Lines that a page key goes. */
const PAGE = 12
const list = actionsOf('The list')
const writes = actionsOf('The list', true)
const documents = actionsOf('Documents of the playbook')

/** Every key of the playbook. */
export function listActions(hands: ListHands): Action[] {
  return [
    list('next', 'ArrowDown', 'The next one', () => hands.walk(1)),
    list('previous', 'ArrowUp', 'The one before', () => hands.walk(-1)),
    list('page-on', 'PageDown', 'A page on', () => hands.walk(PAGE)),
    list('page-back', 'PageUp', 'A page back', () => hands.walk(-PAGE)),
    list('find', '/', 'Find by name or by what it is', hands.find),
    list('open', 'Enter', 'Open it: its rules, or its sheet', hands.open, hands.picked),
    list('favour', 'F', 'A favourite of mine, or none any more', hands.favour, hands.picked),
    writes('undo', 'Z', 'Take the last change of standing back', hands.unsay, hands.said),
    writes('new', 'N', 'Begin a new one', hands.begin),
    writes('new-pressure', 'B', 'Begin a pressure: who comes, then what is left', hands.beginPressure),
  ]
}

/** Documents besides calls and formations, which every view finds. */
export function documentFinds(playbook: ReturnType<typeof usePlaybook>): Action[] {
  return playbook.items
    .filter((i) => !i.retired && i.kind !== 'call' && i.kind !== 'formation')
    .map((i) => ({
      ...documents(`${i.kind} ${i.id}`, [], i.name, () => playbook.show(i)),
      words: `${i.kind}, ${i.summary}`,
      kinds: i.kinds,
    }))
}
