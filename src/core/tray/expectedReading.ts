import type { InstrumentSpec } from '../measure/InstrumentSpec'
import type { DimensionId } from '../readings/dimensions'
import { sheetValueMm } from './caseFigures'
import type { TrayCase } from './trayCase'

/**
 * What an instrument should show, mm: the mean of earlier readings of the dimension that count, else the figure of the
 * case as it will be closed; null when nothing is known.
 */
export function expectedReadingMm(
  { counted, now }: Pick<TrayCase, 'counted' | 'now'>,
  dimension: DimensionId,
  { zeroOffsetMm }: Pick<InstrumentSpec, 'zeroOffsetMm'>,
): number | null {
  const earlier = counted.filter((r) => r.dimension === dimension)
  if (earlier.length > 0) {
    const sum = earlier.reduce((total, r) => total + r.shownMm - r.zeroOffsetMm, 0)
    return sum / earlier.length + zeroOffsetMm
  }
  const fromSheet = sheetValueMm(dimension, now.sheet)
  return fromSheet === null ? null : fromSheet + zeroOffsetMm
}
