import type { Ref } from 'vue'
import { actionsOf, type Action } from '../shell/actions/action'
import type { Mode, useFilm } from './filmStore'
import { withoutMark } from './work'

/** What the keys of the film room move besides the store: the frame shown, and what is open over it. */
export interface ReelControls {
  film: ReturnType<typeof useFilm>
  frame: Ref<number>
  zoom: Ref<boolean>
  erasing: Ref<boolean>
  go: (frame: number) => void
  enter: (mode: Mode) => void
  stage: () => { toggle: () => void; walk: (x: number, y: number) => void; drop: () => void } | null
}

const time = actionsOf('The film')
const snaps = actionsOf('Snaps')
const clicks = actionsOf('Measuring')

const CROSS = [
  ['ArrowLeft', -1, 0],
  ['ArrowRight', 1, 0],
  ['ArrowUp', 0, -1],
  ['ArrowDown', 0, 1],
] as const
const FAR = 20

/** Every key of the film room. */
export function reelActions({ film, frame, zoom, erasing, go, enter, stage }: ReelControls): Action[] {
  const pointing = (): boolean => film.mode !== 'look'
  const looking = (): boolean => film.mode === 'look'
  const marking = (): boolean => film.mode === 'mark'
  const turn = (by: number): void => (film.mode === 'mark' ? film.walkMan(by) : film.walkPlace(by))
  return [
    time('back', ',', 'One frame back', () => go(frame.value - 1)),
    time('on', '.', 'One frame on', () => go(frame.value + 1)),
    time('left', 'ArrowLeft', 'One frame back', () => go(frame.value - 1), looking),
    time('right', 'ArrowRight', 'One frame on', () => go(frame.value + 1), looking),
    time('play', 'P', 'Play or stop', () => stage()?.toggle()),
    time('snap', 'J', 'To the frame where the ball moves', () => go(film.now?.snapFrame ?? 0)),
    time('zoom', 'Z', 'Zoom in where the pointer is', () => (zoom.value = !zoom.value)),
    snaps('previous', '[', 'Previous snap', () => void film.walkSnap(-1)),
    snaps('next', ']', 'Next snap', () => void film.walkSnap(1)),
    snaps(
      'ball',
      'B',
      'The ball moves in this frame',
      () => film.now && film.set({ ...film.now, snapFrame: frame.value }),
    ),
    snaps('add', 'N', 'A new snap at this frame', () => void film.addSnap(frame.value)),
    snaps(
      'erase',
      'X',
      'Take this snap out of the log',
      () => (erasing.value = true),
      () => !!film.number,
    ),
    clicks('calibrate', 'K', 'Calibrate: known places', () => enter('calibrate')),
    clicks('mark', 'M', 'Mark feet', () => enter('mark')),
    clicks('turn', 'D', 'Next man or place', () => turn(1), pointing),
    clicks('turn-back', 'A', 'Previous man or place', () => turn(-1), pointing),
    ...CROSS.flatMap(([key, x, y]) => [
      clicks(`cross-${key}`, key, 'Move the cross one pixel', () => stage()?.walk(x, y), pointing),
      clicks(
        `cross-far-${key}`,
        `Shift+${key}`,
        'Move the cross twenty pixels',
        () => stage()?.walk(FAR * x, FAR * y),
        pointing,
      ),
    ]),
    clicks('drop', 'Enter', 'Click where the cross is', () => stage()?.drop(), pointing),
    clicks(
      'remove',
      'Delete',
      'Remove his mark',
      () => film.now && film.target && film.set(withoutMark(film.now, film.target)),
      marking,
    ),
    clicks('undo', 'U', 'Undo', film.undo),
    clicks('redo', 'Y', 'Redo', film.redo),
    clicks('leave', 'Escape', 'Leave the mode', () => ((film.mode = 'look'), (zoom.value = false))),
  ]
}
