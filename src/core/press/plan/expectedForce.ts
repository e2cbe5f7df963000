import type { LearnedSpread } from '../../fit/learned'
import { learnedSpread } from '../../fit/learned'
import type { PressWork } from '../pressWorks'
import { PRESS_WORK_FACTS } from '../pressWorks'

/** How far a first guess of a force may be off, share. From memory. */
const GUESS_SPREAD = 0.3
/** What no model covers is said after so many runs. */
export const LEAST_RUNS = 5

/** What a press will ask, and on what that rests. N. */
export interface ExpectedForce extends LearnedSpread {
  /** by the figures alone; null where no model covers it */
  readonly byFigures: number | null
  /** runs of the same kind of ring on other cases that moved it; `runs` are those of this case */
  readonly kindRuns: number
}

/** Forces of runs that went well. */
export interface ForcesShown {
  /** on this case, N */
  readonly ofCase: readonly number[]
  /** on other cases with the same kind of ring, over what the figures said of each */
  readonly ofKind: readonly number[]
}

/**
 * The force a ring and its crystal ask: the figures' guess, moved by what this kind of ring showed in other cases, that
 * moved by this case's own runs; each weighs as its runs against the four that what comes before it is worth.
 * @param byFigures - N, see pressForceN
 */
export function expectedOfRing(byFigures: number, { ofCase, ofKind }: ForcesShown): ExpectedForce {
  const kind = learnedSpread({ mean: 1, standardDeviation: GUESS_SPREAD }, ofKind)
  const before = { mean: byFigures * kind.mean, standardDeviation: byFigures * kind.standardDeviation }
  return { byFigures, kindRuns: kind.runs, ...learnedSpread(before, ofCase) }
}

/** The force of what no model covers, from runs of this case alone; null while they are fewer than five. */
export function expectedOfRuns(ofCase: readonly number[]): ExpectedForce | null {
  const [first] = ofCase
  if (first === undefined || ofCase.length < LEAST_RUNS) return null
  const mean = ofCase.reduce((sum, force) => sum + force, 0) / ofCase.length
  const squares = ofCase.reduce((sum, force) => sum + (force - mean) ** 2, 0)
  return {
    byFigures: null,
    kindRuns: 0,
    mean,
    standardDeviation: Math.sqrt(squares / (ofCase.length - 1)),
    runs: ofCase.length,
  }
}

/** Where it is expected, two standard deviations either way, N. */
export function forceBand({ mean, standardDeviation }: LearnedSpread): {
  readonly low: number
  readonly high: number
} {
  return { low: Math.max(0, mean - 2 * standardDeviation), high: mean + 2 * standardDeviation }
}

/** “31 runs here, 12 with this kind of ring elsewhere, and 204 N by ring and squeeze”. */
export function forceRestsOn(work: PressWork, force: ExpectedForce | null, runsWithForce: number): string {
  if (force === null) {
    const logged = runsWithForce === 0 ? 'none is logged' : `${runsWithForce} of ${LEAST_RUNS} logged`
    return `Not known: no figure tells what ${PRESS_WORK_FACTS[work].doing} asks, and ${logged} here with a force`
  }
  const own = force.runs === 0 ? [] : [force.runs === 1 ? 'one run here' : `${force.runs} runs here`]
  const kind =
    force.kindRuns === 0
      ? []
      : [
          force.kindRuns === 1
            ? 'one with this kind of ring elsewhere'
            : `${force.kindRuns} with this kind of ring elsewhere`,
        ]
  if (force.byFigures === null) return own.join('')
  const figures = `${Math.round(force.byFigures)} N by ring and squeeze`
  if (own.length + kind.length === 0) return `a first guess, ${figures}, until runs are logged`
  return `${[...own, ...kind].join(', ')}, and ${figures}`
}
