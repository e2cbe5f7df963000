import type { CrystalOutline, Retention } from '../construction/kinds'
import type { DimensionId } from './dimensionKinds'

const OPENINGS = {
  'tension-gasket': 'bore',
  'press-in-bezel': 'bezel-bore',
  'neck-and-bezel': 'bezel-inner',
  'snap-acrylic': 'groove',
  'tension-ring-acrylic': 'bore',
  cemented: 'rebate-length',
} as const satisfies Readonly<Record<Retention, DimensionId>>

type OpeningDimension = (typeof OPENINGS)[Retention]

/**
 * What the crystal or its bezel goes into or over. A round rebate is read across like a bore: beside its middle the jaws
 * would find a chord.
 */
export function openingDimension(sheet: {
  readonly retention: Retention
  /** of a cemented crystal; null when nobody said */
  readonly crystalOutline: CrystalOutline | null
}): OpeningDimension {
  return sheet.retention === 'cemented' && sheet.crystalOutline === 'round'
    ? 'bore'
    : OPENINGS[sheet.retention]
}
