import type { DimensionId } from './dimensions'
import { DIMENSIONS } from './dimensions'

/** True of diameters and of the walls between them, false of depths and heights. */
export function saysTheSize(dimension: DimensionId): boolean {
  return DIMENSIONS[dimension].directionsDeg !== null || dimension.endsWith('-wall')
}
