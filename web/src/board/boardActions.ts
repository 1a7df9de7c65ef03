import type { Action } from '../shell/keys'
import { LAYERS, type Layer, type Panel } from './boardStore'
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
  addRung: (document?: string) => void
  lineBack: () => void
  undo: () => void
  redo: () => void
  save: () => void
  help: () => void
  picked: () => boolean
  movable: () => boolean
  /** Whether there is a before and an after. */
  moves: () => boolean
  mayMute: () => boolean
  mayAdd: () => boolean
  mayGoBack: () => boolean
  maySave: () => boolean
}

const always = (): boolean => true

/** Every key of the board. */
export function boardActions(hands: BoardHands): Action[] {
  return [
    { id: 'type', label: 'Type a snap', shortcut: '/', enabled: always, perform: hands.typeSnap },
    { id: 'previous', label: 'Man to the left', shortcut: 'ArrowLeft', enabled: always, perform: () => hands.walk(-1) },
    { id: 'next', label: 'Man to the right', shortcut: 'ArrowRight', enabled: always, perform: () => hands.walk(1) },
    {
      id: 'rules',
      label: 'His rules (or put him where his ghost stands)',
      shortcut: 'Enter',
      enabled: hands.picked,
      perform: hands.enter,
    },
    { id: 'back', label: 'One step back', shortcut: 'Escape', enabled: always, perform: hands.back },
    {
      id: 'nudge-left',
      label: 'Move him half a yard left',
      shortcut: 'Shift+ArrowLeft',
      enabled: hands.movable,
      perform: () => hands.nudge(-0.5, 0),
    },
    {
      id: 'nudge-right',
      label: 'Move him half a yard right',
      shortcut: 'Shift+ArrowRight',
      enabled: hands.movable,
      perform: () => hands.nudge(0.5, 0),
    },
    {
      id: 'nudge-up',
      label: 'Move him half a yard up',
      shortcut: 'Shift+ArrowUp',
      enabled: hands.movable,
      perform: () => hands.nudge(0, 0.5),
    },
    {
      id: 'nudge-down',
      label: 'Move him half a yard down',
      shortcut: 'Shift+ArrowDown',
      enabled: hands.movable,
      perform: () => hands.nudge(0, -0.5),
    },
    {
      id: 'put-back',
      label: 'Put him back where his rules say',
      shortcut: 'Delete',
      enabled: hands.picked,
      perform: hands.putBack,
    },
    ...LAYERS.map((layer, i): Action => ({
      id: layer,
      label: `Layer: ${layer}`,
      shortcut: String(i + 1),
      enabled: always,
      perform: () => hands.toggle(layer),
    })),
    {
      id: 'offence',
      label: 'Place men of the offence',
      shortcut: 'O',
      enabled: always,
      perform: hands.place,
    },
    {
      id: 'receiver',
      label: 'Who has the next receiver',
      shortcut: 'R',
      enabled: always,
      perform: () => hands.askReceiver(1),
    },
    {
      id: 'receiver-before',
      label: 'Who has the receiver before',
      shortcut: 'E',
      enabled: always,
      perform: () => hands.askReceiver(-1),
    },
    { id: 'legend', label: 'What the marks on the field mean', shortcut: 'L', enabled: always, perform: hands.legend },
    {
      id: 'phase',
      label: 'Before and after the motion',
      shortcut: 'M',
      enabled: hands.moves,
      perform: hands.turnPhase,
    },
    {
      id: 'play',
      label: 'Play the motion step by step',
      shortcut: 'G',
      enabled: hands.moves,
      perform: hands.playMotion,
    },
    {
      id: 'turn',
      label: 'Seen from behind the offence or the defence',
      shortcut: 'V',
      enabled: always,
      perform: hands.turn,
    },
    { id: 'findings', label: 'What breaks', shortcut: 'F', enabled: always, perform: () => hands.show('findings') },
    {
      id: 'repairs',
      label: 'Try repairs of his worst finding',
      shortcut: 'T',
      enabled: always,
      perform: hands.tryRepairs,
    },
    {
      id: 'finding-next',
      label: 'Next finding, or next play',
      shortcut: 'ArrowDown',
      enabled: always,
      perform: () => hands.walkList(1),
    },
    {
      id: 'finding-previous',
      label: 'Finding or play before',
      shortcut: 'ArrowUp',
      enabled: always,
      perform: () => hands.walkList(-1),
    },
    {
      id: 'mute',
      label: 'Mute the finding pointed at',
      shortcut: 'X',
      enabled: hands.mayMute,
      perform: hands.mute,
    },
    {
      id: 'plays',
      label: 'Plays against it; again the next kind',
      shortcut: 'P',
      enabled: always,
      perform: hands.showPlays,
    },
    {
      id: 'changes',
      label: 'What the motion changed',
      shortcut: 'C',
      enabled: hands.moves,
      perform: () => hands.show('changes'),
    },
    {
      id: 'add',
      label: 'Add a rung on top of his ladder',
      shortcut: 'A',
      enabled: hands.mayAdd,
      perform: () => hands.addRung(),
    },
    {
      id: 'week',
      label: 'Add a rung for this week only',
      shortcut: 'W',
      enabled: hands.mayAdd,
      perform: () => hands.addRung(THIS_WEEK),
    },
    {
      id: 'line-back',
      label: 'Back to the snap line before',
      shortcut: 'Z',
      enabled: hands.mayGoBack,
      perform: hands.lineBack,
    },
    { id: 'undo', label: 'Undo', shortcut: 'U', enabled: always, perform: hands.undo },
    { id: 'redo', label: 'Redo', shortcut: 'Y', enabled: always, perform: hands.redo },
    {
      id: 'save',
      label: 'Save the call',
      shortcut: 'S',
      enabled: hands.maySave,
      perform: hands.save,
    },
    { id: 'help', label: 'This list', shortcut: '?', enabled: always, perform: hands.help },
  ]
}
