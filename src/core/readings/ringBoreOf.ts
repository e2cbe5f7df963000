import type { Retention } from '../construction/kinds'
import type { DimensionId } from './dimensionKinds'

/** The bore a crystal goes into with its ring gasket; null for constructions that squeeze no ring in a bore. */
export function ringBoreOf(retention: Retention): DimensionId | null {
  switch (retention) {
    case 'tension-gasket':
      return 'bore'
    case 'press-in-bezel':
      return 'bezel-bore'
    case 'neck-and-bezel':
    case 'snap-acrylic':
    case 'tension-ring-acrylic':
    case 'cemented':
      return null
  }
}
