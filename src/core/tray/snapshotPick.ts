import type { PairAssessment } from '../fit/assessPair'
import type { CaseFacts, FitWishes } from '../fit/CaseFacts'
import { fitReasons } from '../fit/fitReasons'
import type { SizeVerdict } from '../verdict/sizeVerdict'
import type { TakenReading } from './measuredFigures'
import type { PickEvidence } from './PickEvidence'

/** Snapshot of what a pick rests on, to be kept with it. */
export function snapshotPick(
  pair: PairAssessment,
  facts: CaseFacts,
  wishes: FitWishes,
  verdict: SizeVerdict | null,
  readings: readonly TakenReading[],
): PickEvidence {
  return {
    formatVersion: 1,
    verdict,
    bore: {
      valueMm: facts.bore.valueMm,
      standardUncertaintyMm: facts.bore.standardUncertaintyMm,
      origin: facts.bore.origin,
    },
    interferenceMm: pair.interferenceMm,
    squeeze: pair.squeeze,
    rimMm: pair.standing.rimMm,
    handClearanceMm: pair.standing.handClearanceMm,
    fitProbability: pair.fitProbability,
    probability: pair.probability,
    reasons: fitReasons(pair, facts, wishes),
    readingIds: readings.map((r) => r.id),
  }
}
