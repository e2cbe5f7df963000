import type { StockCrystal } from './parts'

/** What of a crystal comes near the hands. */
export type Underside = Pick<StockCrystal, 'undersideRiseMm' | 'insideMagnifierMm'>

/**
 * How high the part of a crystal that comes nearest to the hands stands above its edge, mm: its underside in the middle,
 * or a magnifier that hangs under it. Negative means below the edge. Under a domed inside a magnifier hangs lower than
 * this says the further it lies from the middle.
 * @example undersideReachMm({ undersideRiseMm: 0, insideMagnifierMm: 0.5 }) // −0.5
 */
export function undersideReachMm({ undersideRiseMm, insideMagnifierMm }: Underside): number {
  return undersideRiseMm - (insideMagnifierMm ?? 0)
}
