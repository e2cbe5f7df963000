import type { Candidate } from '../fit/Candidate'
import type { CrystalSeat } from '../fit/CrystalSeat'
import type { FitWishes } from '../fit/FitWishes'
import { fitReasons } from '../fit/fitReasons'
import type { FitPolicy } from '../fit/fitPolicy'
import type { SizeVerdict } from '../verdict/sizeVerdict'
import type { TakenReading } from './measuredFigures'
import type { PickEvidence3 } from './PickEvidence'

export interface PickBasis {
  readonly seat: CrystalSeat
  readonly wishes: FitWishes
  readonly verdict: SizeVerdict | null
  readonly readings: readonly TakenReading[]
  readonly policy: FitPolicy
}

/** Snapshot of what a pick rests on, to be kept with it. */
export function snapshotPick(candidate: Candidate, basis: PickBasis): PickEvidence3 {
  const { seat, wishes, verdict, readings, policy } = basis
  const { title, value } = candidate.hold
  return {
    formatVersion: 3,
    verdict,
    retention: seat.retention,
    figures: seat.figures,
    hold: `${title} ${value}`,
    rimMm: candidate.standing.rimMm,
    handClearanceMm: candidate.standing.handClearanceMm,
    fitProbability: candidate.fitProbability,
    probability: candidate.probability,
    reasons: fitReasons(candidate, seat, wishes, policy),
    readingIds: readings.map((r) => r.id),
  }
}
