import type { Dimension } from './Dimension'
import { BEZEL_DIMENSIONS } from './table/bezelDimensions'
import { CASE_DIMENSIONS } from './table/caseDimensions'
import { CRYSTAL_DIMENSIONS } from './table/crystalDimensions'
import { FITTING_DIMENSIONS } from './table/fittingDimensions'
import { SEAL_DIMENSIONS } from './table/sealDimensions'

/**
 * What is read of every construction, where and with what. Ranges are those of wristwatch and pocket-watch cases: from
 * memory. Places, order and instruments: common practice. A dimension added to a table is known everywhere: to the bar,
 * the case sheet, its form and its column.
 */
const TABLE = {
  ...CRYSTAL_DIMENSIONS,
  ...CASE_DIMENSIONS,
  ...BEZEL_DIMENSIONS,
  ...SEAL_DIMENSIONS,
  ...FITTING_DIMENSIONS,
}

export type DimensionId = keyof typeof TABLE
/** What is read of one fitting alone. */
export type FittingDimension = keyof typeof FITTING_DIMENSIONS

export const DIMENSIONS: Readonly<Record<DimensionId, Dimension>> = TABLE

// The keys of the very table.
export const DIMENSION_IDS = Object.keys(TABLE) as DimensionId[]

/** True for what is read from inside: jaws that open against a wall. */
export function isInside(id: DimensionId): boolean {
  return DIMENSIONS[id].instruments.some((kind) => kind === 'inside-micrometer' || kind === 'pin-gauges')
}

/** True for what is read of the case and its parts; what is read of a fitting is of that one alone. */
export function isOfCase(id: DimensionId): boolean {
  return !(id in FITTING_DIMENSIONS)
}
