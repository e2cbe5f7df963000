import { domeHeightAt } from '../section/domeHeightAt'
import type { Constraint } from './Candidate'
import type { SeenFromSeat } from './CrystalSeat'
import type { FitPolicy } from './fitPolicy'
import type { StockCrystal } from './parts'
import { probabilityWithin } from './probabilityWithin'
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

/** A place where a crystal may come near the hands. */
export interface NearPlace {
  /** to stand after “at”: “the minute hand’s tip” */
  readonly at: string
  /** from the axis, mm */
  readonly fromAxisMm: number
  /** the underside there, or the middle of what hangs under it, above the crystal's edge, mm; negative means below */
  readonly reachMm: number
}

/**
 * Where a crystal comes near the hands: in the middle, at the tip of every hand whose length is known, and where a
 * magnifier hangs under it. All hands are taken to lie as high as the stack.
 */
export function nearPlaces(underside: Underside, room: Omit<HandRoom, 'handsBelowSeat'>): NearPlace[] {
  const at = (where: string, fromAxisMm: number, hangingMm = 0): NearPlace => ({
    at: where,
    fromAxisMm,
    reachMm: undersideAtMm(underside, fromAxisMm) - hangingMm,
  })
  return [
    at('the middle', 0),
    ...room.handTips.map(({ hand, reachMm }) => at(`the ${hand} hand’s tip`, reachMm)),
    ...(underside.insideMagnifierMm === null
      ? []
      : [at('the magnifier', magnifierPlaceMm(room), underside.insideMagnifierMm)]),
  ]
}

/** The place where a crystal comes nearest to the hands, the middle first among equals. */
export function nearestPlace(underside: Underside, room: Omit<HandRoom, 'handsBelowSeat'>): NearPlace {
  return lowest(nearPlaces(underside, room), ({ reachMm }) => reachMm)
}

/** @param items - one or more */
export function lowest<T>(items: readonly T[], of: (item: T) => number): T {
  return items.reduce((least, item) => (of(item) < of(least) ? item : least))
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
 * From the hands to what comes nearest to them, with where that is; null where the hands were never measured.
 * @param underEdgeMm - what lies between seat and crystal: a gasket's foot, cement
 */
export function handStanding(
  crystal: Underside,
  underEdgeMm: number,
  { handsBelowSeat, ...room }: HandRoom,
): { readonly handClearanceMm: number | null; readonly handsAt: string | null } {
  if (!handsBelowSeat) return { handClearanceMm: null, handsAt: null }
  const { at, reachMm } = nearestPlace(crystal, room)
  return { handClearanceMm: handsBelowSeat.valueMm + underEdgeMm + reachMm, handsAt: at }
}

/**
 * Chance that the crystal clears the hands, 0…1; 1 where they were never measured.
 * @param reachMm - of the crystal where it comes nearest, see `nearestPlace`
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
  room: HandRoom,
  policy: FitPolicy,
): Constraint[] {
  if (!room.handsBelowSeat) return []
  const { reachMm } = nearestPlace(crystal, room)
  return [{ name: 'hands', probability: handsProbability(reachMm, underEdgeMm, room, policy) }]
}
