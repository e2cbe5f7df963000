import type { GasketMaterial } from './parts'

/** A crystal with its ring to order, in sizes that are sold. */
export interface OrderProposal {
  readonly crystalDiameterMm: number
  readonly crystalThicknessMm: number
  readonly gasketOuterDiameterMm: number
  readonly gasketWallMm: number
  readonly gasketMaterial: GasketMaterial
  /** of the interference, with the sizes as printed */
  readonly fitProbability: number
}
