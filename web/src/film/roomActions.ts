import type { Ref } from 'vue'
import { actionsOf, type Action } from '../shell/actions/action'
import { SHAPES, type Shape } from './drawing'
import type { Mode, useFilm } from './filmStore'
import type { Facet, GradeMark } from './gradeStore'
import { MARKS, OTHERWISE } from './marks'
import { SEEN_KEYS, type What } from './seen'
import { ballMovesAt, beginsAt, endsAt, frameOf, withHidden, withoutMark } from './work'

/** What the keys of the film room move besides the store: the frame shown, and what is open over it. */
export interface RoomControls {
  film: ReturnType<typeof useFilm>
  frame: Ref<number>
  zoom: Ref<boolean>
  erasing: Ref<boolean>
  go: (frame: number) => void
  /** So many seconds on, or back. */
  skip: (seconds: number) => void
  /** To the next frame with a click or a moment, or the one before. */
  walkMark: (by: number) => void
  /** To the next play of the game, or of the playlist. */
  walkPlay: (by: number) => void
  slow: () => void
  loop: () => void
  beside: () => void
  enter: (mode: Mode) => void
  stage: () => { toggle: () => void; walk: (x: number, y: number) => void; drop: () => void } | null
  grading: {
    ready: () => boolean
    walk: (by: number) => void
    mark: (mark: GradeMark | undefined) => void
    confirm: () => void
    /** Yes to what is proposed, to standard what of his job is not, and the next man. */
    didHisJob: () => void
    /** Technique as a whole, yes to what is proposed, and the next man. */
    whole: (technique: GradeMark) => void
    /** A facet is not as proposed. */
    otherwise: (facet: Facet) => void
  }
  drawing: { take: (shape: Shape) => void; wipe: () => void }
  /** Goes where the picture shows the ball move. */
  findBall: () => void
  /** Makes clicks of the places or the men that the picture shows. */
  takeFound: () => void
  /** Opens the list of those who may have played. */
  who: () => void
}

const time = actionsOf('The film')
const plays = actionsOf('Plays')
const cuts = actionsOf('Cutting')
const clicks = actionsOf('Measuring')
const chalk = actionsOf('Drawing')
const grades = actionsOf('Grading')

const CROSS = [
  ['ArrowLeft', -1, 0],
  ['ArrowRight', 1, 0],
  ['ArrowUp', 0, -1],
  ['ArrowDown', 0, 1],
] as const
const FAR = 20
const capital = (words: string): string => words[0]!.toUpperCase() + words.slice(1)

/** Every key of the film room. */
export function roomActions(controls: RoomControls): Action[] {
  const { film, frame, zoom, erasing, go, enter, stage, grading } = controls
  const clicking = (): boolean => film.mode === 'calibrate' || film.mode === 'mark'
  const drawing = (): boolean => film.mode === 'draw'
  const pointing = (): boolean => clicking() || drawing()
  const looking = (): boolean => !pointing()
  const marking = (): boolean => film.mode === 'mark'
  const timing = (): boolean => film.mode === 'time'
  const judging = (): boolean => film.mode === 'grade' && grading.ready()
  const turning = (): boolean => film.mode !== 'look' && !drawing()
  const inHand = (): boolean => !!film.now
  const turn = (by: number): void => (film.mode === 'calibrate' ? film.walkPlace(by, frame.value) : film.walkMan(by))
  return [
    time('back', ',', 'One frame back', () => go(frame.value - 1)),
    time('on', '.', 'One frame on', () => go(frame.value + 1)),
    time('left', 'ArrowLeft', 'One frame back', () => go(frame.value - 1), looking),
    time('right', 'ArrowRight', 'One frame on', () => go(frame.value + 1), looking),
    time('second-back', 'Shift+ArrowLeft', 'One second back', () => controls.skip(-1), looking),
    time('second-on', 'Shift+ArrowRight', 'One second on', () => controls.skip(1), looking),
    time('play', 'P', 'Play or stop', () => stage()?.toggle()),
    time('slow', 'Q', 'A quarter of the speed, or all of it', controls.slow),
    time('loop', 'L', 'Play the play round and round, or not', controls.loop),
    time('snap', 'J', 'To the frame where the ball moves', () => go(film.now?.snapFrame ?? 0)),
    time('mark-back', 'PageUp', 'To the moment marked before', () => controls.walkMark(-1), inHand),
    time('mark-on', 'PageDown', 'To the next moment marked', () => controls.walkMark(1), inHand),
    time('zoom', 'Z', 'Zoom in where the pointer is', () => (zoom.value = !zoom.value)),
    time(
      'side',
      'V',
      'The same moment from the other side',
      () => void film.walkSide(),
      () => film.sides.length > 1,
    ),
    time('beside', ';', 'Both sides beside each other, or one', controls.beside, () => film.sides.length > 1),
    plays('previous', '[', 'Previous play', () => controls.walkPlay(-1)),
    plays('next', ']', 'Next play', () => controls.walkPlay(1)),
    plays(
      'erase',
      'X',
      'Take this play out of the game',
      () => (erasing.value = true),
      () => !!film.playId,
    ),
    plays(
      'back',
      'R',
      'Put back the play that was taken out last',
      () => void film.putBack(),
      () => !!film.game?.takenOut.length,
    ),
    cuts(
      'add',
      'N',
      'A new play: the ball moves in this frame',
      () => void film.addPlay(frame.value),
      () => !!film.reel,
    ),
    cuts(
      'also',
      'T',
      'The next play is on this reel too: the ball moves in this frame',
      () => void film.addAngle(frame.value),
      () => !!film.missing && !!film.reel,
    ),
    cuts('in', 'I', 'The play begins in this frame', () => film.set(beginsAt(film.now!, frame.value)), inHand),
    cuts('ball', 'B', 'The ball moves in this frame', () => film.set(ballMovesAt(film.now!, frame.value)), inHand),
    cuts(
      'find-ball',
      'S',
      'To the frame near here in which the picture shows the ball move',
      controls.findBall,
      () => !!film.reel && film.mode === 'look',
    ),
    cuts('out', 'O', 'The play ends in this frame', () => film.set(endsAt(film.now!, frame.value)), inHand),
    clicks('calibrate', 'K', 'Calibrate: known places', () => enter('calibrate'), inHand),
    clicks('mark', 'M', 'Mark feet', () => enter('mark'), inHand),
    clicks('moments', 'E', 'Moments: what happens when', () => enter('time'), inHand),
    ...(Object.entries(SEEN_KEYS) as [What, string][]).map(([what, key]) =>
      clicks(`seen-${what}`, key, capital(what), () => film.see(what, frame.value), timing),
    ),
    clicks('turn', 'D', 'Next man or place', () => turn(1), turning),
    clicks('turn-back', 'A', 'Previous man or place', () => turn(-1), turning),
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
    clicks('drop', 'Enter', 'Click where the cross is', () => stage()?.drop(), clicking),
    chalk(
      'draw',
      'C',
      'Draw over the picture',
      () => enter('draw'),
      () => inHand() && !timing(),
    ),
    ...SHAPES.map(({ id, key, name }) =>
      chalk(`draw-${id}`, key, `Draw: ${name}`, () => controls.drawing.take(id), drawing),
    ),
    chalk('pen', 'Enter', 'Put the pen down where the cross is, or take it up', () => stage()?.drop(), drawing),
    chalk('wipe', 'Delete', 'Take away what was drawn last in this frame', controls.drawing.wipe, drawing),
    clicks(
      'remove',
      'Delete',
      'Remove his mark',
      () => film.now && film.target && film.set(withoutMark(film.now, film.target, frameOf(film.now, frame.value))),
      marking,
    ),
    clicks(
      'hidden',
      'H',
      'His feet are hidden, or seen after all',
      () => film.now && film.last && film.set(withHidden(film.now, film.last, frameOf(film.now, frame.value))),
      marking,
    ),
    clicks('found', 'F', 'Take the places or the men that the picture shows', controls.takeFound, clicking),
    clicks('undo', 'U', 'Undo', film.undo),
    clicks('redo', 'Y', 'Redo', film.redo),
    grades(
      'grade',
      'G',
      'Grade the men',
      () => enter('grade'),
      () => !!film.play,
    ),
    grades('facet-up', 'ArrowUp', 'Previous facet', () => grading.walk(-1), judging),
    grades('facet-down', 'ArrowDown', 'Next facet', () => grading.walk(1), judging),
    ...MARKS.map(({ mark, key, name }) =>
      // signs of one letter are keys themselves
      grades(`mark-${mark}`, mark.length === 1 ? [key, mark] : key, capital(name), () => grading.mark(mark), judging),
    ),
    ...MARKS.flatMap(({ mark, whole, name }) =>
      whole
        ? [
            grades(
              `whole-${mark}`,
              whole,
              `Technique ${name}, yes to what is proposed, and on to the next man`,
              () => grading.whole(mark),
              judging,
            ),
          ]
        : [],
    ),
    ...OTHERWISE.map(({ facet, key, name }) =>
      grades(
        `otherwise-${facet}`,
        key,
        `His ${name} is not as proposed; again: another mark`,
        () => grading.otherwise(facet),
        judging,
      ),
    ),
    grades('unmark', 'Delete', 'Take the mark off', () => grading.mark(undefined), judging),
    grades('who', 'W', 'Say who played, from this play on', controls.who, judging),
    grades('confirm', 'Enter', 'Yes to what is proposed, and on to the next man', grading.confirm, judging),
    grades(
      'did-his-job',
      'Shift+Enter',
      'He did his job: yes to what is proposed, to standard what is not, and on to the next man',
      grading.didHisJob,
      judging,
    ),
    clicks('leave', 'Escape', 'Leave the mode', () => ((film.mode = 'look'), (zoom.value = false))),
  ]
}
