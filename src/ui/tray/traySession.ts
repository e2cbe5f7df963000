import type { RimPattern } from '@/core/level/rimPlaces'
import type { ReadingTarget } from '@/core/readings/readingPlan'
import { nextPlace } from '@/core/readings/readingPlan'
import type { DimensionId } from '@/core/readings/dimensions'
import type { StageId } from '@/core/stages/stages'
import { neededAfter } from '@/core/stages/StageState'
import type { ChosenPair } from './chosenPair'
import { chosenOf } from './chosenPair'
import type { Flash } from './flash'
import type { FigureInBar } from './figureInBar'
import { begun, onItsWay, sentBack, settled, typedMeanwhile, withTyped } from './figureInBar'
import { flashed } from './flash'
import type { JudgedPair } from '@/core/tray/judgePair'
import type { HeightsView } from '@/services/tray/heightsView'
import type { ReadingQuestion } from '@/services/tray/takeReading'
import type { TrayView } from '@/services/tray/trayView'

/** A choice from elsewhere than the shortlist, as it was judged on one state of the page. */
export interface OtherChoice extends JudgedPair {
  readonly judgedOn: TrayView
}

/** What the tray page keeps while it is open; everything else is on the server. */
export interface TraySession extends FigureInBar {
  readonly view: TrayView
  readonly stage: StageId
  readonly chosen: ChosenPair | null
  /** a choice from elsewhere than the shortlist, as from the comparison of upgrades: drawn and picked like the others */
  readonly other: OtherChoice | null
  /** second ring of a removable bezel chosen by hand; null takes the likeliest */
  readonly bezelRingId: number | null
  /** a dimension chosen on the drawing; null follows the plan */
  readonly aimedAt: ReadingTarget | null
  /** null before the first figure */
  readonly flash: Flash | null
  /** how many places of a rim are read */
  readonly rimPattern: RimPattern
  readonly busy: boolean
}

export type SessionEvent =
  | { type: 'typed'; text: string }
  | { type: 'typed-on'; character: string }
  | { type: 'last-deleted' }
  | { type: 'figure-sent'; waited: boolean }
  | { type: 'accept-waits' }
  | { type: 'waited-before'; texts: readonly string[]; dimension: DimensionId | null }
  | { type: 'cleared' }
  | { type: 'aimed'; dimension: DimensionId }
  | { type: 'sent' }
  | { type: 'asked'; question: ReadingQuestion }
  | { type: 'failed'; error: string }
  | { type: 'act-failed'; error: string }
  | { type: 'reading-taken'; view: TrayView; note: string | null }
  | { type: 'cleared-busy' }
  | { type: 'view-came'; view: TrayView; stage?: StageId }
  | { type: 'stage-shown'; stage: StageId }
  | { type: 'stage-turned'; by: 1 | -1 }
  | { type: 'chose'; pair: ChosenPair }
  | { type: 'chose-other'; choice: JudgedPair }
  | { type: 'other-judged'; other: OtherChoice }
  | { type: 'other-gone'; error: string }
  | { type: 'chose-bezel-ring'; id: number }
  | { type: 'chose-rim-pattern'; pattern: RimPattern }

export function openSession(view: TrayView, stage: StageId): TraySession {
  return {
    view,
    stage,
    chosen: null,
    other: null,
    bezelRingId: null,
    aimedAt: null,
    text: '',
    sending: null,
    waiting: [],
    question: null,
    error: null,
    refused: false,
    note: null,
    flash: null,
    rimPattern: 4,
    busy: false,
  }
}

export function traySession(state: TraySession, event: SessionEvent): TraySession {
  switch (event.type) {
    case 'typed':
      return {
        ...state,
        text: event.text,
        question: null,
        error: null,
        refused: false,
        note: settled(state),
      }
    case 'typed-on':
      return traySession(state, { type: 'typed', text: begun(state) + event.character })
    case 'last-deleted':
      return traySession(state, { type: 'typed', text: begun(state).slice(0, -1) })
    case 'figure-sent': {
      const sent = { ...state, busy: true, error: null, refused: false, note: null }
      const [first = '', ...others] = state.waiting
      return event.waited
        ? { ...sent, sending: first, waiting: others }
        : { ...sent, sending: state.text, text: '' }
    }
    case 'accept-waits':
      // The answer may have come between the key and this: what waits goes all the same, what is asked stays asked.
      return state.text === '' || state.refused
        ? state
        : { ...state, waiting: [...state.waiting, state.text], text: '' }
    case 'waited-before':
      return {
        ...state,
        waiting: [...event.texts, ...state.waiting],
        aimedAt: event.dimension === null ? state.aimedAt : targetOn(state.view, event.dimension),
        busy: onItsWay(state),
      }
    case 'cleared':
      return { ...state, text: '', question: null, error: null, refused: false }
    case 'aimed':
      return { ...state, aimedAt: targetOn(state.view, event.dimension), question: null, error: null }
    case 'sent':
      return { ...state, busy: true, error: null }
    case 'asked':
      return {
        ...sentBack(state),
        busy: false,
        question: withTyped(event.question, state),
        flash: flashed(state.flash, 'refused'),
      }
    case 'failed':
      return {
        ...sentBack(state),
        busy: false,
        error: event.error + typedMeanwhile(state),
        flash: flashed(state.flash, 'refused'),
      }
    // A figure on its way is still on its way: its own answer says what became of it.
    case 'act-failed':
      return {
        ...state,
        busy: onItsWay(state),
        error: event.error,
        flash: flashed(state.flash, 'refused'),
      }
    case 'reading-taken':
      return {
        ...state,
        view: event.view,
        aimedAt: stillAimed(state.aimedAt, event.view),
        sending: null,
        note: event.note,
        question: null,
        error: null,
        busy: false,
        flash: flashed(state.flash, 'taken'),
      }
    case 'cleared-busy':
      return { ...state, busy: onItsWay(state) }
    case 'view-came':
      return {
        ...state,
        view: event.view,
        stage: event.stage ?? state.stage,
        error: null,
        busy: onItsWay(state),
      }
    case 'stage-shown':
      return { ...state, stage: event.stage, error: null }
    case 'stage-turned':
      return traySession(state, {
        type: 'stage-shown',
        stage: neededAfter(state.view.job.stages, state.stage, event.by),
      })
    case 'chose':
      return { ...state, chosen: event.pair, other: null }
    case 'chose-other':
      return {
        ...state,
        chosen: chosenOf(event.choice.candidate),
        other: { ...event.choice, judgedOn: state.view },
      }
    case 'other-judged':
      return state.other ? { ...state, other: event.other } : state
    case 'other-gone':
      return { ...state, other: null, error: event.error }
    case 'chose-rim-pattern':
      return { ...state, rimPattern: event.pattern, aimedAt: null }
    case 'chose-bezel-ring':
      return { ...state, bezelRingId: event.id }
  }
}

/**
 * What Enter does with the bar as it stands: `wait` for the figure on its way, send what is typed, say that nothing is
 * asked for, or nothing while a question is open or nothing is typed.
 */
export function onEnter(state: TraySession): 'wait' | 'send' | 'not-asked' | 'nothing' {
  if (state.busy || state.waiting.length > 0) return 'wait'
  if (state.question !== null) return 'nothing'
  if (targetOfSession(state)) return 'send'
  return state.text.trim() === '' ? 'nothing' : 'not-asked'
}

/** Where the next reading goes: the dimension chosen on the drawing, what was just fitted here, else the plan's next. */
export function targetOfSession({ aimedAt, view, stage, rimPattern }: TraySession): ReadingTarget | null {
  const fitted = stage === 'press-in' ? view.rim : stage === 'align' ? view.insertLevel : null
  return aimedAt ?? (fitted ? fitted.next[rimPatternOf(fitted, rimPattern)] : null) ?? view.next
}

/** Places that are read round the rim: as many as were chosen, or as it takes to tell dirt from a warp. */
export function rimPatternOf(rim: Pick<HeightsView, 'standing'>, chosen: RimPattern): RimPattern {
  return chosen === 4 && rim.standing?.advice === 'read-more' ? 8 : chosen
}

/** First place without a reading; a dimension already read everywhere is repeated from its first place. */
function targetOn(view: TrayView, dimension: DimensionId): ReadingTarget {
  const standing = view.readings.filter((r) => r.voidReason === null)
  return nextPlace(dimension, standing) ?? { dimension, placeIndex: 0 }
}

/** A dimension chosen by hand stays chosen until all its places are read; then the plan leads again. */
function stillAimed(aimedAt: ReadingTarget | null, view: TrayView): ReadingTarget | null {
  if (!aimedAt) return null
  return nextPlace(
    aimedAt.dimension,
    view.readings.filter((r) => r.voidReason === null),
  )
}
