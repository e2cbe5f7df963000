import type { DimensionId } from './dimensions'
import { DIMENSIONS } from './dimensions'

/** “case bore, gasket wall, and seat depth”. */
export function listedDimensions(dimensions: readonly DimensionId[]): string {
  return new Intl.ListFormat('en').format(dimensions.map((id) => DIMENSIONS[id].label.toLowerCase()))
}
