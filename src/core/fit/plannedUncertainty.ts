import type { Estimate } from '../measure/Estimate'
import type { Candidate } from './Candidate'
import type { CaseFacts, CementFacts } from './CaseFacts'
import type { FitPolicy } from './fitPolicy'
import { interferenceUncertaintyMm } from './interference'

/** How well it is known what a choice comes to in a case: standard uncertainties. */
export interface PlannedUncertainty {
  /** of what holds it: a share for a squeeze, mm for an oversize or a gap */
  readonly hold: number
  /** of how high it stands, mm; null where it is not told */
  readonly standMm: number | null
  /** of the room to the hands, mm; null where they were never measured */
  readonly handsMm: number | null
}

/** @returns null for a choice of another construction than the case's */
export function plannedUncertainty(
  candidate: Candidate,
  facts: CaseFacts,
  policy: FitPolicy,
): PlannedUncertainty | null {
  const hold = holdUncertainty(candidate, facts, policy)
  if (hold === null) return null
  const level = levelOf(facts)
  return {
    hold,
    standMm: level && thicknessAgainst(level, policy),
    handsMm: facts.handsBelowSeat && thicknessAgainst(facts.handsBelowSeat, policy),
  }
}

/** Standard uncertainty of a stock crystal's thickness or rise set against a figure of the case, mm. */
export function thicknessAgainst(
  { standardUncertaintyMm }: Pick<Estimate, 'standardUncertaintyMm'>,
  { thicknessUncertaintyMm }: Pick<FitPolicy, 'thicknessUncertaintyMm'>,
): number {
  return Math.hypot(standardUncertaintyMm, thicknessUncertaintyMm)
}

/** Standard uncertainty of a gap a side, mm: half a difference, and so half its doubt. */
export function gapUncertaintyMm(side: CementFacts['length'], policy: FitPolicy): number {
  return Math.hypot(side.standardUncertaintyMm, policy.crystalDiameterUncertaintyMm) / 2
}

function holdUncertainty(candidate: Candidate, facts: CaseFacts, policy: FitPolicy): number | null {
  switch (candidate.held) {
    case 'ring': {
      if (facts.held !== 'ring') return null
      const ofInterference = interferenceUncertaintyMm({
        crystalDiameterMm: policy.crystalDiameterUncertaintyMm,
        gasketWallMm: policy.gasketWallUncertaintyMm,
        boreMm: facts.bore.standardUncertaintyMm,
      })
      return ofInterference / (2 * candidate.gasket.wallMm)
    }
    case 'neck':
      return facts.held === 'neck' ? candidate.squeezeUncertainty : null
    case 'acrylic':
      return facts.held === 'acrylic' ? candidate.oversizeUncertaintyMm : null
    case 'cement':
      return facts.held === 'cement' ? gapUncertaintyMm(facts.length, policy) : null
  }
}

/** What a crystal's height is set against: the rim above its seat, or the old crystal. */
function levelOf(facts: CaseFacts) {
  switch (facts.held) {
    case 'ring':
      return facts.seatDepth
    case 'cement':
      return facts.depth
    case 'neck':
      return facts.foundThickness
    case 'acrylic':
      return facts.domeHeight
  }
}
