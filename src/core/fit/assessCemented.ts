import type { CementAssessment, Constraint } from './Candidate'
import { certain, oddsOfConstraints } from './Candidate'
import type { CementFacts, Figure } from './CaseFacts'
import type { FitPolicy } from './fitPolicy'
import { handClearanceMm, handsConstraint } from './handClearance'
import { probabilityWithin } from './interference'
import type { StockCrystal } from './parts'
import { gapUncertaintyMm, thicknessAgainst } from './plannedUncertainty'

/** Judges a crystal in its rebate: the gap a side along, across and at the corners, and where its edge stands. */
export function assessCemented(
  crystal: StockCrystal,
  facts: CementFacts,
  policy: FitPolicy,
): CementAssessment {
  const widthMm = crystal.widthMm ?? crystal.diameterMm
  const alongMm = (facts.length.valueMm - crystal.diameterMm) / 2
  const acrossMm = (facts.width.valueMm - widthMm) / 2
  const cornerMm = cornerOf(crystal, facts, alongMm, acrossMm)
  const rimMm = policy.cementUnderMm + crystal.edgeThicknessMm - facts.depth.valueMm
  const constraints: Constraint[] = [
    { name: 'gap-along', probability: gapOdds(alongMm, facts.length, policy) },
    ...(facts.outline === 'shaped'
      ? [{ name: 'gap-across' as const, probability: gapOdds(acrossMm, facts.width, policy) }]
      : []),
    // A side that is too large is its own failure: only what the corners add counts against them.
    ...(cornerMm === null ? [] : [certain('gap-corner', cornerMm >= Math.min(0, alongMm, acrossMm))]),
    {
      name: 'rim',
      probability: probabilityWithin(rimMm, thicknessAgainst(facts.depth, policy), policy.rimWindow),
    },
    ...handsConstraint(crystal, policy.cementUnderMm, facts, policy),
    certain('stock', crystal.quantity >= 1),
  ]
  return {
    held: 'cement',
    crystal,
    gasket: null,
    alongMm,
    acrossMm,
    cornerMm,
    standing: {
      undersideMm: policy.cementUnderMm,
      rimMm,
      againstOldMm: null,
      handClearanceMm: handClearanceMm(crystal, policy.cementUnderMm, facts),
    },
    ...oddsOfConstraints(constraints),
  }
}

function gapOdds(gapMm: number, rebate: Figure, policy: FitPolicy): number {
  return probabilityWithin(gapMm, gapUncertaintyMm(rebate, policy), policy.cementGap)
}

/** The two corners' radii, and the gaps a side beside them. All mm. */
export interface CornerGap {
  readonly alongMm: number
  readonly acrossMm: number
  readonly crystalRadiusMm: number
  readonly rebateRadiusMm: number
}

/**
 * Least gap round a corner of a rounded rectangle in another, centred: the least, over directions θ of the corner, of
 * gx·cosθ + gy·sinθ − (R − r)·(cosθ + sinθ − 1). Negative means the corner does not go in.
 * @source difference of the two outlines' support functions
 * @example cornerGapMm({ alongMm: 0.06, acrossMm: 0.06, crystalRadiusMm: 2, rebateRadiusMm: 2 }) // 0.06
 */
export function cornerGapMm({ alongMm, acrossMm, crystalRadiusMm, rebateRadiusMm }: CornerGap): number {
  const sharper = rebateRadiusMm - crystalRadiusMm
  // The gap is A·cosθ + B·sinθ + (R − r): least at an end of the corner, or where its slope is zero if that is a trough.
  const [a, b] = [alongMm - sharper, acrossMm - sharper]
  const ends = Math.min(alongMm, acrossMm)
  return a < 0 && b < 0 ? Math.min(ends, sharper - Math.hypot(a, b)) : ends
}

function cornerOf(
  { cornerRadiusMm }: StockCrystal,
  { outline, cornerRadius }: CementFacts,
  alongMm: number,
  acrossMm: number,
): number | null {
  if (outline === 'round' || cornerRadiusMm === null || !cornerRadius) return null
  return cornerGapMm({
    alongMm,
    acrossMm,
    crystalRadiusMm: cornerRadiusMm,
    rebateRadiusMm: cornerRadius.valueMm,
  })
}
