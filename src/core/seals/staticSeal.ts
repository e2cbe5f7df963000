import { requirePositive } from '../guard/require'
import { sectionLossAtStretch } from './oRingSection'
import { lindleyLoadPerMm, rubberModulusMPa } from './oRingLoad'

/** Free sizes of a ring. All mm. */
export interface ORing {
  readonly innerDiameterMm: number
  readonly sectionMm: number
}

/** Where it lies once the case is closed. All mm. */
export interface ORingGroove {
  /** inner wall, that stretches the ring */
  readonly innerMm: number
  readonly widthMm: number
  /** floor to the face that closes on it */
  readonly gapMm: number
}

export interface StaticSeal {
  /** of the inside; negative means the ring is larger than the wall it lies on */
  readonly stretch: number
  /** section as it lies stretched, mm */
  readonly sectionMm: number
  /** part of that section that is pressed away */
  readonly squeeze: number
  /** part of the groove that the ring fills */
  readonly fill: number
  /** load that closes it, N for every mm of its length */
  readonly loadPerMm: number
  /** and all round, N */
  readonly loadN: number
}

/** Hardness rings are sold in, when the supplier does not say. From memory. */
const USUAL_SHORE_A = 70

/**
 * What a ring does in its groove: squeeze = 1 − gap/w, fill = ring area over groove area, with w as it lies stretched.
 * @throws RangeError if a size is not positive
 * @example staticSeal({ innerDiameterMm: 29, sectionMm: 0.8 }, { innerMm: 29, widthMm: 1, gapMm: 0.6 }) // squeeze 0.25, fill 0.838
 */
export function staticSeal(ring: ORing, groove: ORingGroove): StaticSeal {
  requirePositive('innerDiameterMm', ring.innerDiameterMm, 'mm')
  requirePositive('sectionMm', ring.sectionMm, 'mm')
  requirePositive('widthMm', groove.widthMm, 'mm')
  requirePositive('gapMm', groove.gapMm, 'mm')
  const stretch = groove.innerMm / ring.innerDiameterMm - 1
  const sectionMm = ring.sectionMm * (1 - sectionLossAtStretch(stretch))
  const squeeze = 1 - groove.gapMm / sectionMm
  const loadPerMm = lindleyLoadPerMm(sectionMm, Math.max(0, squeeze), rubberModulusMPa(USUAL_SHORE_A))
  return {
    stretch,
    sectionMm,
    squeeze,
    fill: (Math.PI * sectionMm ** 2) / 4 / (groove.widthMm * groove.gapMm),
    loadPerMm,
    loadN: loadPerMm * Math.PI * (groove.innerMm + sectionMm),
  }
}
