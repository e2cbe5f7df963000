import type { InstrumentSpec } from '../measure/InstrumentSpec'
import type { DimensionId } from '../readings/dimensions'
import { DIMENSIONS } from '../readings/dimensions'
import { learnedOf, sheetValueMm } from './caseFigures'
import type { TrayCase } from './trayCase'

/** What an instrument should show, mm. */
export interface ExpectedReading {
  readonly valueMm: number
  /** further away than this is asked about */
  readonly withinMm: number
  /** what leads to expect it, as “3 pieces of this case”; null where it is earlier readings or the sheet's own figure */
  readonly because: string | null
}

/** Standard uncertainties a reading may be off before it is asked about. Common practice. */
const COVERAGE = 3
/** Closer than this nothing is asked, however alike the pieces were: jaws held a little askew. From memory, mm. */
const LEAST_WITHIN_MM = 0.08

/**
 * What an instrument should show: the mean of earlier readings of the dimension that count, else the figure of the case
 * as it will be closed, by what earlier pieces of it showed; null when nothing is known.
 */
export function expectedReading(
  { counted, now }: Pick<TrayCase, 'counted' | 'now'>,
  dimension: DimensionId,
  {
    zeroOffsetMm,
    maximumPermissibleErrorMm,
  }: Pick<InstrumentSpec, 'zeroOffsetMm' | 'maximumPermissibleErrorMm'>,
): ExpectedReading | null {
  const { surprisingMm } = DIMENSIONS[dimension]
  const earlier = counted.filter((r) => r.dimension === dimension)
  if (earlier.length > 0) {
    const sum = earlier.reduce((total, r) => total + r.shownMm - r.zeroOffsetMm, 0)
    return { valueMm: sum / earlier.length + zeroOffsetMm, withinMm: surprisingMm, because: null }
  }
  const fromSheet = sheetValueMm(dimension, now.sheet)
  if (fromSheet === null) return null
  const learned = learnedOf(dimension, now.sheet)
  const valueMm = fromSheet + zeroOffsetMm
  if (!learned) return { valueMm, withinMm: surprisingMm, because: null }
  const offMm = COVERAGE * Math.hypot(learned.standardUncertaintyMm, maximumPermissibleErrorMm / Math.sqrt(3))
  return {
    valueMm,
    withinMm: Math.min(surprisingMm, Math.max(LEAST_WITHIN_MM, offMm)),
    because: learned.from,
  }
}
