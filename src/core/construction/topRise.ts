import type { StockCrystal } from '../fit/parts'

/** Rise of a crystal's top from edge to centre, mm; 0 for a flat one. */
export function topRiseMm({
  undersideRiseMm,
  centreThicknessMm,
  edgeThicknessMm,
}: Pick<StockCrystal, 'undersideRiseMm' | 'centreThicknessMm' | 'edgeThicknessMm'>): number {
  return undersideRiseMm + centreThicknessMm - edgeThicknessMm
}
