import type { BezelKind } from '../construction/kinds'
import { degreesText } from '../straight/degreesText'

/** What the bezel does when it is turned the other way. */
export const OTHER_WAYS = ['holds', 'clicks-as-well', 'slips'] as const
export type OtherWay = (typeof OTHER_WAYS)[number]

/** How hard it is to turn. */
export const TURN_FEELS = ['easy', 'right', 'hard'] as const
export type TurnFeel = (typeof TURN_FEELS)[number]

/** A turning bezel as it was tried, once round and back. */
export interface BezelAction {
  /** counted in one turn; null where it turns by friction */
  readonly clicks: number | null
  /** null where it turns by friction */
  readonly otherWay: OtherWay | null
  /** from the first click that holds, degrees; null where it was not read */
  readonly backPlayDeg: number | null
  /** its zero stands on the mark; with clicks, on one of them */
  readonly zeroOnMark: boolean
  readonly feel: TurnFeel
}

/** What a bezel's action is judged by. */
export interface ActionFacts {
  readonly bezelKind: BezelKind
  /** by the case sheet; null where nobody counted before */
  readonly bezelClicks: number | null
}

export interface ActionJudgement {
  readonly isRight: boolean
  /** “120 clicks, right”; “119 clicks, 120 on the sheet” */
  readonly words: string
  /** what is wrong with what to do, a sentence each; empty where nothing is */
  readonly wrong: readonly string[]
}

/** More of a click than this to and fro is play. From memory. */
const MOST_PLAY_SHARE = 0.25
const FULL_TURN_DEG = 360

/** Whether a bezel turns as it should. Common practice. */
export function judgeAction(action: BezelAction, { bezelKind, bezelClicks }: ActionFacts): ActionJudgement {
  const { clicks, otherWay, backPlayDeg, zeroOnMark, feel } = action
  const isCounted = bezelKind === 'rotating-click' && clicks !== null
  const mostPlayDeg = isCounted ? (MOST_PLAY_SHARE * FULL_TURN_DEG) / clicks : null
  const found: (string | false)[] = [
    isCounted &&
      bezelClicks !== null &&
      clicks !== bezelClicks &&
      `${clicks} clicks counted, ${bezelClicks} on the case sheet: count once more; if it stays, a tooth is skipped or the sheet is wrong.`,
    otherWay === 'slips' &&
      'It slips the other way: spring or teeth are worn, or the spring lies turned over.',
    backPlayDeg !== null &&
      mostPlayDeg !== null &&
      backPlayDeg > mostPlayDeg &&
      `Back play ${degreesText(backPlayDeg)}; at most ${degreesText(mostPlayDeg)}, a quarter of a click: the spring is tired or sits loose.`,
    !zeroOnMark && 'Its zero stands beside the mark: read insert and bezel at Align, and turn what is off.',
    feel === 'easy' && 'It turns too easily: the spring is tired or lies wrong.',
    feel === 'hard' && 'It turns too hard: clean and grease it; see that nothing rubs.',
  ]
  const wrong = found.filter((sentence) => sentence !== false)
  const [first] = wrong
  const counted = isCounted ? `${clicks} clicks` : 'turned once round'
  // The first of it in a line, without what to do.
  const words = first === undefined ? `${counted}, right` : (/^[^:;.]+/.exec(first)?.[0] ?? first)
  return { isRight: first === undefined, words, wrong }
}
