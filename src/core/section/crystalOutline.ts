import { domeProfile } from './domeProfile'
import type { Outline, Point } from './outline'
import { outline } from './outline'

export interface SectionCrystal {
  readonly diameterMm: number
  readonly edgeThicknessMm: number
  readonly centreThicknessMm: number
  readonly undersideRiseMm: number
  readonly bevelMm: number
}

export interface SectionGasket {
  readonly wallMm: number
  readonly heightMm: number
  readonly footMm: number
}

/** How far a gasket's foot reaches in under the crystal. Assumed, mm. */
const FOOT_REACH_MM = 0.6

/**
 * Outline of a crystal standing on its seat or on the gasket's foot.
 * @param undersideMm - height of its underside at the edge above the seat
 */
export function crystalOutline(crystal: SectionCrystal, undersideMm: number): Outline {
  const radius = crystal.diameterMm / 2
  const bevel = Math.min(crystal.bevelMm, crystal.edgeThicknessMm / 2, radius / 2)
  const edgeTop = undersideMm + crystal.edgeThicknessMm
  const topRise = crystal.undersideRiseMm + crystal.centreThicknessMm - crystal.edgeThicknessMm
  const underside = domeProfile(radius, crystal.undersideRiseMm).map(([r, z]): Point => [r, undersideMm + z])
  const top = domeProfile(radius - bevel, topRise).map(([r, z]): Point => [r, edgeTop + z])
  return outline('crystal', [...underside, [radius, edgeTop - bevel], ...top.reverse()])
}

/**
 * Outline of the ring as it lies between crystal and bore.
 * @param crystalDiameterMm - null draws the ring free, as it is without a crystal
 */
export function gasketOutline(
  gasket: SectionGasket,
  boreMm: number,
  crystalDiameterMm: number | null,
): Outline {
  const bore = boreMm / 2
  const free = bore - gasket.wallMm
  // A crystal larger than the free opening presses the wall to where its own edge is; a smaller one leaves it free.
  const inner = crystalDiameterMm === null ? free : Math.max(free, Math.min(crystalDiameterMm / 2, bore))
  if (gasket.footMm <= 0) {
    return outline('gasket', [
      [inner, 0],
      [bore, 0],
      [bore, gasket.heightMm],
      [inner, gasket.heightMm],
    ])
  }
  return outline('gasket', [
    [free - FOOT_REACH_MM, 0],
    [bore, 0],
    [bore, gasket.heightMm],
    [inner, gasket.heightMm],
    [inner, gasket.footMm],
    [free - FOOT_REACH_MM, gasket.footMm],
  ])
}
