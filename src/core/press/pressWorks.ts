import type { StageId } from '../stages/stages'
import type { PressKind } from './PressStep'

/** Everything a watch case is put under a press for, in the order of the work. */
export const PRESS_WORKS = [
  'ring-clamp',
  'push-out',
  'crystal-in',
  'bezel-light',
  'bezel-final',
  'insert-in',
  'back-on',
] as const
export type PressWork = (typeof PRESS_WORKS)[number]
/** All but bringing a crystal home, which rests on what was picked. */
export type OtherPressWork = Exclude<PressWork, 'crystal-in'>

interface PressWorkFacts {
  /** heads its plan */
  readonly label: string
  /** in a sentence: “pushing a crystal out” */
  readonly doing: string
  readonly stage: StageId
  /** the step that a run which went well shows to be done; null where it only may spare one */
  readonly step: string | null
  /** the press that is the usual choice for it: two schools of common practice */
  readonly prefers: PressKind
  readonly prefersWhy: string
}

const FEELS = 'the hand feels the glass slide in and come home'
const HOLDS = 'it holds while one looks, and does not lunge'

/** Common practice. */
export const PRESS_WORK_FACTS: Readonly<Record<PressWork, PressWorkFacts>> = {
  'push-out': {
    label: 'Push the crystal out',
    doing: 'pushing a crystal out',
    stage: 'push-out',
    step: 'crystal-out',
    prefers: 'lever',
    prefersWhy: 'the hand feels the glass let go, and stops there',
  },
  'crystal-in': {
    label: 'Press the crystal in',
    doing: 'pressing a crystal in',
    stage: 'press-in',
    step: 'crystal-in',
    prefers: 'lever',
    prefersWhy: FEELS,
  },
  'ring-clamp': {
    label: 'Clamp the chapter ring',
    doing: 'clamping a chapter ring',
    stage: 'push-out',
    step: null,
    prefers: 'screw',
    prefersWhy: 'a hair further is a part of a turn, and it holds while one looks',
  },
  'bezel-light': {
    label: 'Bezel, light fit',
    doing: 'a light fit of a bezel',
    stage: 'align',
    step: 'bezel-light',
    prefers: 'screw',
    prefersWhy: HOLDS,
  },
  'bezel-final': {
    label: 'Bezel, final fit',
    doing: 'pressing a bezel home',
    stage: 'align',
    step: 'bezel-home',
    prefers: 'screw',
    prefersWhy: HOLDS,
  },
  'insert-in': {
    label: 'Insert into its seat',
    doing: 'pressing an insert in',
    stage: 'align',
    step: 'insert-in',
    prefers: 'screw',
    prefersWhy: 'it lies evenly on the insert and holds while the cement takes',
  },
  'back-on': {
    label: 'Snap the back on',
    doing: 'snapping a back on',
    stage: 'close',
    step: 'back-on',
    prefers: 'screw',
    prefersWhy:
      'it holds, can be turned and looked at before the back snaps, and does not lunge when it does',
  },
}

/** How a press of anything but a crystal ended. */
export const WORK_OUTCOMES = ['done', 'not-done', 'uneven', 'marked', 'broke'] as const
export type WorkOutcome = (typeof WORK_OUTCOMES)[number]

/** Those that are asked what they are put down to. */
export const FAILED_WORK: readonly WorkOutcome[] = ['marked', 'broke']
