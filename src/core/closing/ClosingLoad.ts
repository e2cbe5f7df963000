import type { Fractions } from '../fit/Window'
import { flatStressMPa } from '../seals/flatLoad'
import { lindleyLoadPerMm, rubberModulusMPa } from '../seals/oRingLoad'

/** What a back has to squeeze on its way home. */
export interface ClosingLoad {
  /** free height of what is squeezed, mm */
  readonly heightMm: number
  /** part of it that is pressed away with the back home, > 0 */
  readonly squeeze: number
  /** mean radius at which it lies, mm */
  readonly radiusMm: number
  /** load at a part pressed away, N: from what it is at least to what it is at most */
  readonly loadN: (share: number) => Fractions
}

/** Hardness rings are sold in, when the supplier does not say. From memory. */
const USUAL_SHORE_A = 70

/** An O-ring's load is known from its sizes. @param radiusMm - mean, > 0 */
export function oRingClosing(
  { sectionMm, squeeze }: { readonly sectionMm: number; readonly squeeze: number },
  radiusMm: number,
): ClosingLoad {
  const modulus = rubberModulusMPa(USUAL_SHORE_A)
  const lengthMm = 2 * Math.PI * radiusMm
  return {
    ...{ squeeze, radiusMm },
    heightMm: sectionMm,
    loadN: (share) => {
      const load = lindleyLoadPerMm(sectionMm, share, modulus) * lengthMm
      return { low: load, high: load }
    },
  }
}

/** A flat rubber gasket's is known between what it is where its faces slip, and where they hold. */
export function flatClosing(
  gasket: { readonly widthMm: number; readonly thicknessMm: number },
  squeeze: number,
  radiusMm: number,
): ClosingLoad {
  const modulus = rubberModulusMPa(USUAL_SHORE_A)
  const areaMm2 = 2 * Math.PI * radiusMm * gasket.widthMm
  return {
    ...{ squeeze, radiusMm },
    heightMm: gasket.thicknessMm,
    loadN: (share) => {
      const { low, high } = flatStressMPa(gasket, share, modulus)
      return { low: low * areaMm2, high: high * areaMm2 }
    },
  }
}
