import { domeHeightAt } from '../section/domeHeightAt'
import type { SeenFromSeat } from './CrystalSeat'
import type { Constraint } from './Candidate'
import type { FitPolicy } from './fitPolicy'
import { probabilityWithin } from './probabilityWithin'
import type { StockCrystal } from './parts'
import { thicknessAgainst } from './thicknessAgainst'

/** What of a crystal comes near the hands. */
export type Underside = Pick<StockCrystal, 'diameterMm' | 'undersideRiseMm' | 'insideMagnifierMm'>

/** What of a case the crystal may not touch. */
export type HandRoom = Omit<SeenFromSeat, 'foundThickness'>

/**
 * How far from the axis a magnifier hangs, mm: over the date. Where nobody said where the date stands, as far out as
 * the hands reach: under a domed inside it hangs lowest there.
 */
export function magnifierPlaceMm({
  dateRadiusMm,
  handReachMm,
}: Pick<HandRoom, 'dateRadiusMm' | 'handReachMm'>): number {
  return dateRadiusMm ?? handReachMm ?? 0
}

/**
 * How high the part of a crystal that comes nearest to the hands stands above its edge, mm: its underside in the middle,
 * or the middle of a magnifier that hangs under it. Negative means below the edge.
 * @param magnifierAtMm - from the axis to where a magnifier hangs, mm, ≥ 0; beyond the edge counts as at the edge
 * @example undersideReachMm({ diameterMm: 30, undersideRiseMm: 0, insideMagnifierMm: 0.5 }, 9) // −0.5
 */
export function undersideReachMm(
  { diameterMm, undersideRiseMm, insideMagnifierMm }: Underside,
  magnifierAtMm: number,
): number {
  if (insideMagnifierMm === null) return undersideRiseMm
  return undersideAtMm({ diameterMm, undersideRiseMm }, magnifierAtMm) - insideMagnifierMm
}

/**
 * How high the underside stands above its edge, mm.
 * @param atMm - from the axis, mm, ≥ 0; beyond the edge counts as at the edge
 */
export function undersideAtMm(
  { diameterMm, undersideRiseMm }: Pick<StockCrystal, 'diameterMm' | 'undersideRiseMm'>,
  atMm: number,
): number {
  const radiusMm = diameterMm / 2
  // Higher than half its width is no dome of one sphere: such a bell is taken as flat between its walls.
  if (undersideRiseMm > radiusMm) return undersideRiseMm
  return domeHeightAt(radiusMm, undersideRiseMm, Math.min(atMm, radiusMm))
}

/**
 * From the hands to what comes nearest to them, mm; null where the hands were never measured.
 * @param underEdgeMm - what lies between seat and crystal: a gasket's foot, cement
 */
export function handClearanceMm(
  crystal: Underside,
  underEdgeMm: number,
  { handsBelowSeat, ...place }: HandRoom,
): number | null {
  if (!handsBelowSeat) return null
  return handsBelowSeat.valueMm + underEdgeMm + undersideReachMm(crystal, magnifierPlaceMm(place))
}

/**
 * Chance that the crystal clears the hands, 0…1; 1 where they were never measured.
 * @param reachMm - of the crystal, see undersideReachMm
 * @param underEdgeMm - what lies between seat and crystal
 */
export function handsProbability(
  reachMm: number,
  underEdgeMm: number,
  { handsBelowSeat }: Pick<HandRoom, 'handsBelowSeat'>,
  policy: FitPolicy,
): number {
  if (!handsBelowSeat) return 1
  const window = { lowMm: policy.minimumHandClearanceMm, highMm: Infinity }
  return probabilityWithin(
    handsBelowSeat.valueMm + underEdgeMm + reachMm,
    thicknessAgainst(handsBelowSeat, policy),
    window,
  )
}

/** The hands as a constraint: none where they were never measured. */
export function handsConstraint(
  crystal: Underside,
  underEdgeMm: number,
  facts: HandRoom,
  policy: FitPolicy,
): Constraint[] {
  if (!facts.handsBelowSeat) return []
  const reachMm = undersideReachMm(crystal, magnifierPlaceMm(facts))
  return [{ name: 'hands', probability: handsProbability(reachMm, underEdgeMm, facts, policy) }]
}
