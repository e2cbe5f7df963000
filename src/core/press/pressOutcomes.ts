import { constructionOf } from '../construction/constructions'
import type { Retention } from '../construction/kinds'

export const PRESS_OUTCOMES = ['home', 'not-home', 'high-on-one-side', 'loose', 'cracked'] as const
export type PressOutcome = (typeof PRESS_OUTCOMES)[number]

export function isPressOutcome(word: string): word is PressOutcome {
  return PRESS_OUTCOMES.some((known) => known === word)
}

/** What a press without a gauge tells: how it felt in the hand. */
export const PRESS_FEELS = ['easy', 'right', 'hard'] as const
export type PressFeel = (typeof PRESS_FEELS)[number]

/** Runs that failed; one that stands high on a side is pressed again. */
export const FAILED_OUTCOMES: readonly PressOutcome[] = ['loose', 'cracked']

/** What a run that failed is put down to. Common practice. */
export const FAILURE_CAUSES = ['die', 'size', 'dirt', 'force', 'unknown'] as const
export type FailureCause = (typeof FAILURE_CAUSES)[number]

/** Does a construction's crystal go in under a press, with which dies? Sprung and cemented ones go in by hand. */
export function pressNeeds(retention: Retention): { readonly pusher: boolean; readonly support: boolean } {
  const { pressed } = constructionOf(retention)
  return { pusher: pressed, support: pressed }
}
