import type { Ref } from 'vue'
import type { Action } from '../shell/keys'
import type { Mode, useFilm } from './filmStore'
import { withoutMark } from './work'

/** What the keys of the film room move besides the store: the frame shown, and what is open over it. */
export interface ReelControls {
  film: ReturnType<typeof useFilm>
  frame: Ref<number>
  zoom: Ref<boolean>
  help: Ref<boolean>
  erasing: Ref<boolean>
  go: (frame: number) => void
  enter: (mode: Mode) => void
  stage: () => { toggle: () => void; walk: (x: number, y: number) => void; drop: () => void } | null
}

const always = (): boolean => true

/** Every key of the film room. */
export function reelActions({ film, frame, zoom, help, erasing, go, enter, stage }: ReelControls): Action[] {
  const pointing = (): boolean => film.mode !== 'look'
  const looking = (): boolean => film.mode === 'look'
  return [
    { id: 'back', label: 'One frame back', shortcut: ',', enabled: always, perform: () => go(frame.value - 1) },
    { id: 'on', label: 'One frame on', shortcut: '.', enabled: always, perform: () => go(frame.value + 1) },
    {
      id: 'left',
      label: 'One frame back',
      shortcut: 'ArrowLeft',
      enabled: looking,
      perform: () => go(frame.value - 1),
    },
    {
      id: 'right',
      label: 'One frame on',
      shortcut: 'ArrowRight',
      enabled: looking,
      perform: () => go(frame.value + 1),
    },
    { id: 'play', label: 'Play or stop', shortcut: 'P', enabled: always, perform: () => stage()?.toggle() },
    {
      id: 'snap',
      label: 'To the frame where the ball moves',
      shortcut: 'J',
      enabled: always,
      perform: () => go(film.now?.snapFrame ?? 0),
    },
    { id: 'previous', label: 'Previous snap', shortcut: '[', enabled: always, perform: () => void film.walkSnap(-1) },
    { id: 'next', label: 'Next snap', shortcut: ']', enabled: always, perform: () => void film.walkSnap(1) },
    {
      id: 'ball',
      label: 'The ball moves in this frame',
      shortcut: 'B',
      enabled: always,
      perform: () => film.now && film.set({ ...film.now, snapFrame: frame.value }),
    },
    {
      id: 'add',
      label: 'A new snap at this frame',
      shortcut: 'N',
      enabled: always,
      perform: () => void film.addSnap(frame.value),
    },
    {
      id: 'erase',
      label: 'Take this snap out of the log',
      shortcut: 'X',
      enabled: () => !!film.number,
      perform: () => (erasing.value = true),
    },
    {
      id: 'calibrate',
      label: 'Calibrate: known places',
      shortcut: 'K',
      enabled: always,
      perform: () => enter('calibrate'),
    },
    { id: 'mark', label: 'Mark feet', shortcut: 'M', enabled: always, perform: () => enter('mark') },
    {
      id: 'zoom',
      label: 'Zoom in where the pointer is',
      shortcut: 'Z',
      enabled: always,
      perform: () => (zoom.value = !zoom.value),
    },
    {
      id: 'turn',
      label: 'Next man or place',
      shortcut: 'D',
      enabled: pointing,
      perform: () => (film.mode === 'mark' ? film.walkMan(1) : film.walkPlace(1)),
    },
    {
      id: 'turn-back',
      label: 'Previous man or place',
      shortcut: 'A',
      enabled: pointing,
      perform: () => (film.mode === 'mark' ? film.walkMan(-1) : film.walkPlace(-1)),
    },
    ...(
      [
        ['ArrowLeft', -1, 0],
        ['ArrowRight', 1, 0],
        ['ArrowUp', 0, -1],
        ['ArrowDown', 0, 1],
      ] as const
    ).flatMap(([key, x, y]): Action[] => [
      {
        id: `cross-${key}`,
        label: 'Cross one pixel',
        shortcut: key,
        enabled: pointing,
        perform: () => stage()?.walk(x, y),
      },
      {
        id: `cross-far-${key}`,
        label: 'Cross twenty pixels',
        shortcut: `Shift+${key}`,
        enabled: pointing,
        perform: () => stage()?.walk(20 * x, 20 * y),
      },
    ]),
    {
      id: 'drop',
      label: 'Click where the cross is',
      shortcut: 'Enter',
      enabled: pointing,
      perform: () => stage()?.drop(),
    },
    {
      id: 'remove',
      label: 'Remove his mark',
      shortcut: 'Delete',
      enabled: () => film.mode === 'mark',
      perform: () => film.now && film.target && film.set(withoutMark(film.now, film.target)),
    },
    { id: 'undo', label: 'Undo', shortcut: 'U', enabled: always, perform: film.undo },
    { id: 'redo', label: 'Redo', shortcut: 'Y', enabled: always, perform: film.redo },
    {
      id: 'leave',
      label: 'Leave the mode',
      shortcut: 'Escape',
      enabled: always,
      perform: () => ((film.mode = 'look'), (zoom.value = false)),
    },
    { id: 'help', label: 'This list', shortcut: '?', enabled: always, perform: () => (help.value = true) },
  ]
}
