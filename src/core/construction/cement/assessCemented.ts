import type { Candidate, Constraint } from '../../fit/Candidate'
import { certain, oddsOfConstraints } from '../../fit/Candidate'
import type { Figure } from '../../fit/CrystalSeat'
import type { SqueezeState } from '../../section/gasketTint'
import { formatMm } from '../../units/formatMm'
import type { CementSeat } from './cementSeat'
import type { FitPolicy } from '../../fit/fitPolicy'
import { handsConstraint, handStanding } from '../../fit/handClearance'
import { probabilityWithin } from '../../fit/probabilityWithin'
import type { StockCrystal } from '../../fit/parts'
import { thicknessAgainst } from '../../fit/thicknessAgainst'
import { reaches } from '../../units/within'

/** A crystal in its rebate; gaps a side, mm. */
export interface CementCandidate extends Candidate {
  readonly alongMm: number
  readonly acrossMm: number
  /** at the corners; null when they were never measured, or round */
  readonly cornerMm: number | null
}

/** Judges a crystal in its rebate: the gap a side along, across and at the corners, and where its edge stands. */
export function assessCemented(crystal: StockCrystal, seat: CementSeat, policy: FitPolicy): CementCandidate {
  const widthMm = crystal.widthMm ?? crystal.diameterMm
  const alongMm = (seat.length.valueMm - crystal.diameterMm) / 2
  const acrossMm = (seat.width.valueMm - widthMm) / 2
  const cornerMm = cornerOf(crystal, seat, alongMm, acrossMm)
  const rimMm = policy.cementUnderMm + crystal.edgeThicknessMm - seat.depth.valueMm
  const constraints: Constraint[] = [
    { name: 'gap-along', probability: gapOdds(alongMm, seat.length, policy) },
    ...(seat.outline === 'shaped'
      ? [{ name: 'gap-across' as const, probability: gapOdds(acrossMm, seat.width, policy) }]
      : []),
    // A side that is too large is its own failure: only what the corners add counts against them.
    ...(cornerMm === null ? [] : [certain('gap-corner', cornerMm >= Math.min(0, alongMm, acrossMm))]),
    {
      name: 'rim',
      probability: probabilityWithin(rimMm, thicknessAgainst(seat.depth, policy), policy.rimWindow),
    },
    ...handsConstraint(crystal, policy.cementUnderMm, seat, policy),
    certain('stock', crystal.quantity >= 1),
  ]
  return {
    crystal,
    gasket: null,
    hold: {
      title: 'Gap',
      value: formatMm(Math.min(alongMm, acrossMm)),
      state: gapState(alongMm, acrossMm, policy),
      standardUncertainty: gapUncertaintyMm(seat.length, policy),
      unit: 'mm',
    },
    alongMm,
    acrossMm,
    cornerMm,
    standing: {
      undersideMm: policy.cementUnderMm,
      rimMm,
      againstOldMm: null,
      ...handStanding(crystal, policy.cementUnderMm, seat),
    },
    ...oddsOfConstraints(constraints),
  }
}

/** A gap too small is tight, too large is slack: the other way round than a squeeze. */
function gapState(alongMm: number, acrossMm: number, { cementGap }: FitPolicy): SqueezeState {
  const [least, most] = [Math.min(alongMm, acrossMm), Math.max(alongMm, acrossMm)]
  if (least < 0) return 'crushed'
  if (!reaches(least, cementGap.lowMm)) return 'tight'
  return reaches(cementGap.highMm, most) ? 'good' : 'slack'
}

/** Standard uncertainty of a gap a side, mm: half a difference, and so half its doubt. */
function gapUncertaintyMm(side: Figure, policy: FitPolicy): number {
  return Math.hypot(side.standardUncertaintyMm, policy.crystalDiameterUncertaintyMm) / 2
}

/** Chance that a gap a side is as cement wants it. */
export function gapOdds(gapMm: number, rebate: Figure, policy: FitPolicy): number {
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
  { outline, cornerRadius }: CementSeat,
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
