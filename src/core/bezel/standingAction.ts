import { movedSince } from '../trail/movedSince'
import type { PartMove } from '../trail/partMoves'
import type { ActionFacts, ActionJudgement, BezelAction } from './bezelAction'
import { judgeAction } from './bezelAction'

/** A turning bezel by its last try. */
export interface StandingAction extends ActionJudgement {
  /** ISO time of that try */
  readonly at: string
}

/** Off and on again, a bezel may click otherwise. */
const BEZEL_PARTS = ['bezel', 'bezel-spring'] as const

/** How a bezel turns by its last try: right only where it was not moved since. @returns null where it was not tried */
export function standingAction(
  tried: readonly (BezelAction & { readonly at: Date })[],
  facts: ActionFacts,
  moves: readonly PartMove[],
): StandingAction | null {
  const last = tried.at(-1)
  if (!last) return null
  const at = last.at.toISOString()
  const judgement = judgeAction(last, facts)
  const moved = movedSince(BEZEL_PARTS, at, moves)
  if (moved === null) return { ...judgement, at }
  return {
    at,
    isRight: false,
    words: `${judgement.words} when it was tried, ${moved}`,
    wrong: ['Off and on again, it may turn otherwise: try it once more.'],
  }
}
