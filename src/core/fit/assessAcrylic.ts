import type { AcrylicAssessment, Constraint } from './Candidate'
import { certain, oddsOfConstraints } from './Candidate'
import type { AcrylicFacts, Figure } from './CaseFacts'
import type { FitPolicy } from './fitPolicy'
import type { Window } from './Window'
import { handClearanceMm, handsConstraint } from './handClearance'
import { probabilityWithin } from './interference'
import type { StockCrystal } from './parts'
import { thicknessAgainst } from './plannedUncertainty'

/**
 * Judges an acrylic in its groove, or one spread against a bore by its metal ring: larger than its seat by enough to
 * hold, by too little to craze. Strain i/D against a craze limit.
 */
export function assessAcrylic(
  crystal: StockCrystal,
  facts: AcrylicFacts,
  policy: FitPolicy,
): AcrylicAssessment {
  const oversizeMm = crystal.diameterMm - facts.opening.valueMm
  const uncertaintyMm = Math.hypot(facts.opening.standardUncertaintyMm, policy.crystalDiameterUncertaintyMm)
  const window = oversizeWindow(crystal.diameterMm, facts.seat, policy)
  const constraints: Constraint[] = [
    { name: 'oversize', probability: probabilityWithin(oversizeMm, uncertaintyMm, window) },
    ...(facts.domeHeight ? [dome(crystal, facts.domeHeight, policy)] : []),
    ...(facts.seat === 'bore' && facts.ringHeight
      ? [certain('ring-height', ringSuits(crystal, facts.ringHeight.valueMm, policy))]
      : []),
    ...handsConstraint(crystal, 0, facts, policy),
    certain('stock', crystal.quantity >= 1),
  ]
  return {
    held: 'acrylic',
    crystal,
    gasket: null,
    oversizeMm,
    oversizeUncertaintyMm: uncertaintyMm,
    window,
    strain: oversizeMm / crystal.diameterMm,
    standing: {
      undersideMm: 0,
      rimMm: null,
      againstOldMm: facts.domeHeight ? wholeHeightMm(crystal) - facts.domeHeight.valueMm : null,
      handClearanceMm: handClearanceMm(crystal, 0, facts),
    },
    ...oddsOfConstraints(constraints),
  }
}

/** How much larger than its seat an acrylic may be, mm. */
export function oversizeWindow(diameterMm: number, seat: AcrylicFacts['seat'], policy: FitPolicy): Window {
  return seat === 'bore'
    ? policy.tensionRingWindow
    : { lowMm: policy.snapGripMm, highMm: policy.crazeStrain * diameterMm }
}

/** Whole height of a domed crystal, mm. */
export function wholeHeightMm({
  undersideRiseMm,
  centreThicknessMm,
}: Pick<StockCrystal, 'undersideRiseMm' | 'centreThicknessMm'>): number {
  return undersideRiseMm + centreThicknessMm
}

function dome(crystal: StockCrystal, old: Figure, policy: FitPolicy): Constraint {
  const window = { lowMm: -policy.lowerDomeMm, highMm: Infinity }
  const higherMm = wholeHeightMm(crystal) - old.valueMm
  return { name: 'dome', probability: probabilityWithin(higherMm, thicknessAgainst(old, policy), window) }
}

function ringSuits({ ringHeightMm }: StockCrystal, oldMm: number, policy: FitPolicy): boolean {
  return ringHeightMm !== null && Math.abs(ringHeightMm - oldMm) <= policy.ringHeightMm
}
