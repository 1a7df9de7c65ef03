import { actionsOf, type Action } from '../shell/actions/action'
import type { Panel } from './boardStore'
import { LAYERS, type Layer } from './field/layers'
import { THIS_WEEK } from './draft'

/** What the keys of the board move, and when they may. */
export interface BoardHands {
  typeSnap: () => void
  walk: (by: number) => void
  enter: () => void
  back: () => void
  nudge: (x: number, y: number) => void
  putBack: () => void
  toggle: (layer: Layer) => void
  place: () => void
  askReceiver: (by: number) => void
  legend: () => void
  turnPhase: () => void
  playMotion: () => void
  turn: () => void
  show: (panel: Panel) => void
  tryRepairs: () => void
  walkList: (by: number) => void
  mute: () => void
  showPlays: () => void
  runIt: () => void
  stepSnap: (by: number) => void
  fromHisPlace: () => void
  addRung: (document?: string) => void
  lineBack: () => void
  undo: () => void
  redo: () => void
  save: () => void
  picked: () => boolean
  movable: () => boolean
  /** Whether there is a before and an after. */
  moves: () => boolean
  mayMute: () => boolean
  /** Whether the play picked can be run. */
  mayRun: () => boolean
  /** Whether a snap is being watched. */
  watches: () => boolean
  mayAdd: () => boolean
  mayGoBack: () => boolean
  maySave: () => boolean
}

const HALF_YARD = 0.5
const line = actionsOf('The snap line')
const men = actionsOf('A man')
const field = actionsOf('The field')
const lists = actionsOf('What breaks, and plays')
const mutes = actionsOf('What breaks, and plays', true)
const rules = actionsOf('His rules, and the call')
const writes = actionsOf('His rules, and the call', true)

/** Every key of the board. */
export function boardActions(hands: BoardHands): Action[] {
  return [
    line('type', '/', 'Type a snap', hands.typeSnap),
    line('line-back', 'Z', 'Back to the line before', hands.lineBack, hands.mayGoBack),
    men('previous', 'ArrowLeft', 'The man to the left', () => hands.walk(-1)),
    men('next', 'ArrowRight', 'The man to the right', () => hands.walk(1)),
    men('rules', 'Enter', 'His rules; or put him where his ghost stands', hands.enter, hands.picked),
    men('nudge-left', 'Shift+ArrowLeft', 'Move him half a yard', () => hands.nudge(-HALF_YARD, 0), hands.movable),
    men('nudge-right', 'Shift+ArrowRight', 'Move him half a yard', () => hands.nudge(HALF_YARD, 0), hands.movable),
    men('nudge-up', 'Shift+ArrowUp', 'Move him half a yard', () => hands.nudge(0, HALF_YARD), hands.movable),
    men('nudge-down', 'Shift+ArrowDown', 'Move him half a yard', () => hands.nudge(0, -HALF_YARD), hands.movable),
    men('put-back', 'Delete', 'Put him back where his rules say', hands.putBack, hands.picked),
    men('back', 'Escape', 'One step back', hands.back),
    field('receiver', 'R', 'Who has the next receiver', () => hands.askReceiver(1)),
    field('receiver-before', 'E', 'Who has the receiver before', () => hands.askReceiver(-1)),
    ...LAYERS.map((layer, i) => field(layer, String(i + 1), `Show or hide ${layer}`, () => hands.toggle(layer))),
    field('legend', 'L', 'What the marks mean', hands.legend),
    field('phase', 'M', 'Before and after the motion', hands.turnPhase, hands.moves),
    field('play', 'G', 'Play the motion step by step', hands.playMotion, hands.moves),
    field('turn', 'V', 'Seen from behind the offence or the defence', hands.turn),
    field('offence', 'O', 'Place men of the offence', hands.place),
    lists('findings', 'F', 'What breaks', () => hands.show('findings')),
    lists('finding-next', 'ArrowDown', 'Next finding, or next play', () => hands.walkList(1)),
    lists('finding-previous', 'ArrowUp', 'Finding or play before', () => hands.walkList(-1)),
    lists('repairs', 'T', 'Try repairs of his worst finding', hands.tryRepairs),
    mutes('mute', 'X', 'Mute the finding pointed at', hands.mute, hands.mayMute),
    lists('plays', 'P', 'Plays against it; again the next kind', hands.showPlays),
    lists('changes', 'C', 'What the motion changed', () => hands.show('changes'), hands.moves),
    lists('run', 'I', 'Run the run that is picked; play, pause', hands.runIt, hands.mayRun),
    lists('own-place', 'H', 'The snap from his own place, or from above', hands.fromHisPlace, hands.watches),
    lists('tick-back', ',', 'The snap a tick back', () => hands.stepSnap(-1), hands.watches),
    lists('tick-on', '.', 'The snap a tick on', () => hands.stepSnap(1), hands.watches),
    writes('add', 'A', 'Add a rung on top of his ladder', () => hands.addRung(), hands.mayAdd),
    writes('week', 'W', 'Add a rung for this week only', () => hands.addRung(THIS_WEEK), hands.mayAdd),
    rules('undo', 'U', 'Undo', hands.undo),
    rules('redo', 'Y', 'Redo', hands.redo),
    writes('save', 'S', 'Save the call', hands.save, hands.maySave),
  ]
}
