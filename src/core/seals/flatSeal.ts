import normalCdf from '@stdlib/stats-base-dists-normal-cdf'
import type { GasketMaterial } from '../fit/parts'
import { requirePositive } from '../guard/require'
import { formatMm, formatShare, formatShares } from '../units/formatMm'
import type { GrooveFigures } from './assessSeal'
import type { FlatSealPolicy } from './flatSealPolicy'

/** A flat back gasket, free. All mm. */
export interface FlatGasket {
  readonly innerMm: number
  /** radial width */
  readonly widthMm: number
  readonly thicknessMm: number
}

export interface FlatSeal {
  /** part of its thickness that is pressed away */
  readonly squeeze: number
  /** part of the recess that it fills once pressed: rubber gives way sideways, it does not shrink */
  readonly fill: number
  /** its inside over the wall it lies round, mm; negative means it is stretched over it */
  readonly looseMm: number
}

/**
 * What a flat gasket does in its recess: squeeze = 1 − gap/thickness, fill = its section over the closed recess's.
 * @throws RangeError if a size is not positive
 * @example flatSeal({ innerMm: 28, widthMm: 0.8, thicknessMm: 0.5 }, { innerMm: 27.9, widthMm: 1.1, gapMm: 0.4 }) // squeeze 0.2, fill 0.909
 */
export function flatSeal(
  gasket: FlatGasket,
  groove: { readonly innerMm: number; readonly widthMm: number; readonly gapMm: number },
): FlatSeal {
  requirePositive('innerMm', gasket.innerMm, 'mm')
  requirePositive('widthMm', gasket.widthMm, 'mm')
  requirePositive('thicknessMm', gasket.thicknessMm, 'mm')
  requirePositive('groove widthMm', groove.widthMm, 'mm')
  requirePositive('gapMm', groove.gapMm, 'mm')
  return {
    squeeze: 1 - groove.gapMm / gasket.thicknessMm,
    fill: (gasket.widthMm * gasket.thicknessMm) / (groove.widthMm * groove.gapMm),
    looseMm: gasket.innerMm - groove.innerMm,
  }
}

export interface FlatSealAssessment extends FlatSeal {
  readonly probability: number
}

/** Judges a flat gasket in its recess by squeeze, fill and how it lies round the inner wall. */
export function assessFlatSeal(
  gasket: FlatGasket & { readonly material: GasketMaterial },
  { inner, width, gap }: GrooveFigures,
  policy: FlatSealPolicy,
): FlatSealAssessment {
  const seal = flatSeal(gasket, { innerMm: inner.valueMm, widthMm: width.valueMm, gapMm: gap.valueMm })
  const relative = Math.hypot(
    policy.thicknessUncertaintyMm / gasket.thicknessMm,
    gap.standardUncertaintyMm / gap.valueMm,
  )
  const relativeWidth = Math.hypot(
    policy.innerUncertaintyMm / gasket.widthMm,
    width.standardUncertaintyMm / width.valueMm,
  )
  const within = (value: number, u: number, low: number, high: number) =>
    normalCdf(high, value, u) - normalCdf(low, value, u)
  const band = policy.squeeze[gasket.material]
  return {
    ...seal,
    probability:
      within(seal.squeeze, (1 - seal.squeeze) * relative, band.low, band.high) *
      normalCdf(policy.mostFill, seal.fill, seal.fill * Math.hypot(relative, relativeWidth)) *
      within(
        seal.looseMm,
        Math.hypot(inner.standardUncertaintyMm, policy.innerUncertaintyMm),
        policy.looseMm.low,
        policy.looseMm.high,
      ),
  }
}

/** What can be said of a flat gasket in its recess, in one sentence. */
export function flatSealSentence(
  { squeeze, fill, looseMm }: FlatSeal,
  material: GasketMaterial,
  policy: FlatSealPolicy,
): string {
  const { low, high } = policy.squeeze[material]
  const lies =
    looseMm < 0
      ? `stretched ${formatMm(-looseMm)} over the inner wall`
      : `${formatMm(looseMm)} loose round the inner wall`
  return `squeezed ${formatShare(squeeze)} of ${formatShares(low, high)} for ${material}, fills ${formatShare(fill)} of its recess, ${lies}`
}

/** Steps flat gaskets are sold in, mm: thickness and diameter. From memory. */
const STEPS_MM = { thickness: 0.05, inner: 0.1, width: 0.1 }

/** The rubber gasket to order for a recess: the likeliest of the sizes sold; null where none would seal. */
export function flatToOrder(
  groove: GrooveFigures,
  policy: FlatSealPolicy,
  leastProbability: number,
): (FlatGasket & { readonly seal: FlatSeal }) | null {
  const { inner, width, gap } = groove
  const { low, high } = policy.squeeze.nitrile
  const wanted = gap.valueMm / (1 - (low + high) / 2)
  const around = (valueMm: number, stepMm: number) =>
    [-1, 0, 1].map((k) => Number(((Math.round(valueMm / stepMm) + k) * stepMm).toFixed(2)))
  const widest = (policy.mostFill * width.valueMm * gap.valueMm) / wanted
  const sizes = around(wanted, STEPS_MM.thickness).flatMap((thicknessMm) =>
    around(widest, STEPS_MM.width).flatMap((widthMm) =>
      around(inner.valueMm, STEPS_MM.inner).map((innerMm) => ({ innerMm, widthMm, thicknessMm })),
    ),
  )
  const judged = sizes
    .filter((size) => Math.min(size.innerMm, size.widthMm, size.thicknessMm) > 0)
    .map((size) => ({ size, seal: assessFlatSeal({ ...size, material: 'nitrile' }, groove, policy) }))
    // Among alike the widest covers most of the recess.
    .sort(
      (a, b) =>
        Math.round(20 * b.seal.probability) - Math.round(20 * a.seal.probability) ||
        b.size.widthMm - a.size.widthMm,
    )
  const [best] = judged
  if (!best || best.seal.probability < leastProbability) return null
  return { ...best.size, seal: best.seal }
}
