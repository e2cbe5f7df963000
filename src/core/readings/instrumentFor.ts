import type { InstrumentKind } from '../measure/InstrumentSpec'
import type { DimensionId } from './dimensions'
import { DIMENSIONS } from './dimensions'

/**
 * The instrument a dimension is best read with, of those there are.
 * @returns the first of the best kind; any at all when none of the right kinds is there; null without instruments
 */
export function instrumentFor<T extends { readonly kind: InstrumentKind }>(
  dimension: DimensionId,
  available: readonly T[],
): T | null {
  for (const kind of DIMENSIONS[dimension].instruments) {
    const found = available.find((instrument) => instrument.kind === kind)
    if (found) return found
  }
  return available[0] ?? null
}
