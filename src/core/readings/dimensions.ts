import type { Dimension, DimensionId } from './dimensionKinds'
import { DIMENSION_IDS } from './dimensionKinds'
import { BEZEL_DIMENSIONS } from './table/bezelDimensions'
import { CASE_DIMENSIONS } from './table/caseDimensions'
import { CRYSTAL_DIMENSIONS } from './table/crystalDimensions'
import { SEAL_DIMENSIONS } from './table/sealDimensions'

/**
 * What is read of every construction, where and with what. Ranges are those of wristwatch and pocket-watch cases: from
 * memory. Places, order and instruments: common practice.
 */
const TABLE: Readonly<Record<DimensionId, Omit<Dimension, 'id'>>> = {
  ...CASE_DIMENSIONS,
  ...CRYSTAL_DIMENSIONS,
  ...BEZEL_DIMENSIONS,
  ...SEAL_DIMENSIONS,
}

export const DIMENSIONS = Object.fromEntries(
  DIMENSION_IDS.map((id) => [id, { id, ...TABLE[id] }]),
  // Made of the very list of ids: every one is there.
) as Readonly<Record<DimensionId, Dimension>>
