import type { Displacement } from './Displacement'
import { offCentreMm } from './Displacement'

/** Tried in this order: hundredths of a millimetre are seen ten times as large. */
const FACTORS = [10, 5, 2, 1] as const
/** Drawn further round, a tick would be taken for the next hour's, degrees. */
const MOST_TURN_DEG = 13
/** Drawn further off, the rings would cross, part of the radius. */
const MOST_SHIFT = 0.12

/** How many times larger than it is a displacement can be drawn and still be read. */
export function enlargedBy(displacements: readonly Displacement[], radiusMm: number): number {
  const fits = (factor: number) =>
    displacements.every(
      (one) =>
        Math.abs(one.turnedDeg) * factor <= MOST_TURN_DEG &&
        offCentreMm(one) * factor <= MOST_SHIFT * radiusMm,
    )
  return FACTORS.find(fits) ?? 1
}
