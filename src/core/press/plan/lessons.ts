import type { FailureCause, PressOutcome } from '../pressOutcomes'
import { FAILED_OUTCOMES } from '../pressOutcomes'

/** A run on another piece of the case, as far as it teaches. */
export interface TeachingRun {
  readonly trayNumber: number
  readonly outcome: PressOutcome
  /** null where nobody was asked */
  readonly cause: FailureCause | null
  readonly pusherId: number | null
  readonly pusherCode: string | null
}

/** So many failures are told: older ones are history. */
const TOLD = 3

const LESSONS: Readonly<Record<FailureCause, (run: TeachingRun) => string>> = {
  die: ({ pusherCode }) =>
    `the die was to blame${pusherCode === null ? '' : ` (${pusherCode})`}: another one comes first now`,
  size: () => 'the size was to blame: the pair is doubted at Match',
  dirt: () => 'dirt was to blame: seat, ring and edge under the loupe before it goes in',
  force: () => 'it was pressed too hard: stop at the first firm stop',
  unknown: () => 'nobody knows why: look at seat, ring and die before it goes in',
}

/** What failed on this case before and is to be minded now, newest first. @param runs - newest first */
export function lessonsOf(runs: readonly TeachingRun[]): string[] {
  return failed(runs)
    .slice(0, TOLD)
    .map((run) => `Tray ${run.trayNumber}, ${run.outcome}: ${LESSONS[run.cause ?? 'unknown'](run)}`)
}

/** Dies that a failure on this case was put down to. */
export function blamedDies(runs: readonly TeachingRun[]): number[] {
  return failed(runs).flatMap(({ cause, pusherId }) =>
    cause === 'die' && pusherId !== null ? [pusherId] : [],
  )
}

function failed(runs: readonly TeachingRun[]): TeachingRun[] {
  return runs.filter(({ outcome }) => FAILED_OUTCOMES.includes(outcome))
}

/** A failure speaks against a pair of sizes unless it was put down to something else. */
export function speaksAgainstPair({ outcome, cause }: Pick<TeachingRun, 'outcome' | 'cause'>): boolean {
  return FAILED_OUTCOMES.includes(outcome) && (cause === null || cause === 'size' || cause === 'unknown')
}
