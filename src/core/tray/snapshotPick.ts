import type { Candidate } from '../fit/Candidate'
import type { CrystalSeat } from '../fit/CrystalSeat'
import type { SizeVerdict } from '../verdict/sizeVerdict'
import type { TakenReading } from './measuredFigures'
import type { PickEvidence3 } from './PickEvidence'

export interface PickBasis {
  readonly seat: CrystalSeat
  readonly verdict: SizeVerdict | null
  readonly readings: readonly TakenReading[]
  /** why it was taken, in sentences */
  readonly reasons: readonly string[]
}

/** Snapshot of what a pick rests on, to be kept with it. */
export function snapshotPick(candidate: Candidate, basis: PickBasis): PickEvidence3 {
  const { seat, verdict, readings, reasons } = basis
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
    reasons,
    readingIds: readings.map((r) => r.id),
  }
}
