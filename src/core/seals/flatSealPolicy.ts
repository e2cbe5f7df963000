import type { GasketMaterial } from '../fit/parts'
import type { Fractions } from '../fit/Window'

/** What a flat gasket wants of its recess. All from memory. */
export interface FlatSealPolicy {
  /** of its thickness, by material: what is soft takes more */
  readonly squeeze: Readonly<Record<GasketMaterial, Fractions>>
  readonly mostFill: number
  /** tighter than this it curls up, looser it is pinched on one side, mm */
  readonly looseMm: { readonly low: number; readonly high: number }
  /** standard uncertainties of a stock gasket, mm */
  readonly thicknessUncertaintyMm: number
  readonly innerUncertaintyMm: number
  /** an old gasket this near its gap has taken a set, share of the gap */
  readonly setWithin: number
  /** how far a gasket may differ from the old one, mm */
  readonly likeOld: { readonly innerMm: number; readonly thicknessMm: number }
}

export const FLAT_SEAL_POLICY: FlatSealPolicy = {
  squeeze: {
    nitrile: { low: 0.1, high: 0.3 },
    PTFE: { low: 0.03, high: 0.15 },
    nylon: { low: 0.01, high: 0.1 },
    acetal: { low: 0.01, high: 0.08 },
  },
  mostFill: 0.97,
  looseMm: { low: -0.3, high: 0.4 },
  thicknessUncertaintyMm: 0.02,
  innerUncertaintyMm: 0.05,
  setWithin: 0.08,
  likeOld: { innerMm: 0.3, thicknessMm: 0.1 },
}
