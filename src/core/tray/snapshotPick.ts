import type { Candidate } from '../fit/Candidate'
import type { CaseFacts, Figure, FitWishes } from '../fit/CaseFacts'
import { fitReasons } from '../fit/fitReasons'
import type { FitPolicy } from '../fit/fitPolicy'
import { holdFigure } from '../fit/holdFigure'
import type { DimensionId } from '../readings/dimensionKinds'
import type { SizeVerdict } from '../verdict/sizeVerdict'
import type { TakenReading } from './measuredFigures'
import type { PickEvidence2 } from './PickEvidence'

export interface PickBasis {
  readonly facts: CaseFacts
  readonly wishes: FitWishes
  readonly verdict: SizeVerdict | null
  readonly readings: readonly TakenReading[]
  readonly policy: FitPolicy
}

/** Snapshot of what a pick rests on, to be kept with it. */
export function snapshotPick(candidate: Candidate, basis: PickBasis): PickEvidence2 {
  const { facts, wishes, verdict, readings, policy } = basis
  const { title, value } = holdFigure(candidate, policy)
  return {
    formatVersion: 2,
    verdict,
    held: facts.held,
    figures: keptFigures(facts),
    hold: `${title} ${value}`,
    rimMm: candidate.standing.rimMm,
    handClearanceMm: candidate.standing.handClearanceMm,
    fitProbability: candidate.fitProbability,
    probability: candidate.probability,
    reasons: fitReasons(candidate, facts, wishes, policy),
    readingIds: readings.map((r) => r.id),
  }
}

function keptFigures(facts: CaseFacts): PickEvidence2['figures'] {
  const named: readonly (readonly [DimensionId, Figure | null])[] = [
    ...ownFigures(facts),
    ['hands-below-seat', facts.handsBelowSeat],
    ['crystal-edge', facts.foundThickness],
  ]
  return Object.fromEntries(
    named.flatMap(([id, figure]) =>
      figure
        ? [
            [
              id,
              {
                valueMm: figure.valueMm,
                standardUncertaintyMm: figure.standardUncertaintyMm,
                origin: figure.origin,
              },
            ],
          ]
        : [],
    ),
  )
}

function ownFigures(facts: CaseFacts): readonly (readonly [DimensionId, Figure | null])[] {
  switch (facts.held) {
    case 'ring':
      return [
        [facts.in === 'bezel' ? 'bezel-bore' : 'bore', facts.bore],
        ['seat-depth', facts.seatDepth],
      ]
    case 'neck':
      return [
        ['neck-outer', facts.neckOuter],
        ['bezel-inner', facts.bezelInner],
      ]
    case 'acrylic':
      return [
        [facts.seat, facts.opening],
        ['dome-height', facts.domeHeight],
        ['ring-height', facts.ringHeight],
      ]
    case 'cement':
      return [
        [facts.readAs, facts.length],
        ['rebate-width', facts.outline === 'shaped' ? facts.width : null],
        ['rebate-depth', facts.depth],
        ['rebate-corner', facts.cornerRadius],
      ]
  }
}
