import { requireNotNegative, requirePositive } from '../guard/require'

/**
 * Height of a dome over its edge at a distance from the axis: 0 at the edge, its rise in the middle.
 * @param radiusMm - half the domed face, > 0
 * @param riseMm - middle over edge, 0…radius
 * @param atMm - distance from the axis, 0…radius
 * @throws RangeError outside those ranges
 * @source sphere through edge and middle: R = (a² + h²) / 2h
 * @example domeHeightAt(18.5, 1, 0) // 1
 */
export function domeHeightAt(radiusMm: number, riseMm: number, atMm: number): number {
  requirePositive('radiusMm', radiusMm, 'mm')
  requireNotNegative('riseMm', riseMm, 'mm')
  requireNotNegative('atMm', atMm, 'mm')
  if (atMm > radiusMm || riseMm > radiusMm)
    throw new RangeError(
      `domeHeightAt: expected rise and distance within ${radiusMm} mm, got ${riseMm} and ${atMm}`,
    )
  if (riseMm === 0) return 0
  const sphere = (radiusMm * radiusMm + riseMm * riseMm) / (2 * riseMm)
  // The sagitta as a quotient: as a difference of two long radii it is lost where the dome is all but flat.
  return riseMm - (atMm * atMm) / (sphere + Math.sqrt(sphere * sphere - atMm * atMm))
}
