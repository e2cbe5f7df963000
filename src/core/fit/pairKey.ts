import type { FitWishes } from './CaseFacts'
import type { PairAssessment } from './assessPair'
import type { StockCrystal, StockGasket } from './parts'

/** Probabilities closer than this are called equal, and stock, history and wishes decide. */
const PROBABILITY_STEP = 0.05

/** A probability's place in the order: equal ones share it, the likeliest comes first. */
export function probabilityRank(probability: number): number {
  return -Math.round(probability / PROBABILITY_STEP)
}

/** A rim that stands this much better outweighs the colour of the ring, mm. From memory. */
const COARSE_RIM_MM = 0.1

/** True when this is the very pair that went home in this case last time. */
export function isLastTime(pair: Pick<PairAssessment, 'crystal' | 'gasket'>, wishes: FitWishes): boolean {
  return pair.crystal.id === wishes.lastTime?.crystalId && pair.gasket.id === wishes.lastTime.gasketId
}

/** What of a pair its place depends on. */
export interface RankedPair {
  readonly crystal: StockCrystal
  readonly gasket: StockGasket
  readonly probability: number
  readonly standing: Pick<PairAssessment['standing'], 'rimMm'>
}

/**
 * Order of the shortlist: most probable first; among equals what went home last time, then what came
 * out, the verdict's size, the ring's colour, then the flattest rim, the fuller drawer and the lower price.
 */
export function pairKey(pair: RankedPair, wishes: FitWishes): number[] {
  const { crystal, gasket, standing } = pair
  return [
    probabilityRank(pair.probability),
    isLastTime(pair, wishes) ? 0 : 1,
    wishes.material === null || crystal.material === wishes.material ? 0 : 1,
    wishes.profile === null || crystal.profile === wishes.profile ? 0 : 1,
    wishes.sizeMm === null ? 0 : Math.round(Math.abs(crystal.diameterMm - wishes.sizeMm) * 100),
    Math.floor(Math.abs(standing.rimMm) / COARSE_RIM_MM),
    wishes.gasketColour === null || gasket.colour === wishes.gasketColour ? 0 : 1,
    Math.round(Math.abs(standing.rimMm) * 100),
    -Math.min(crystal.quantity, gasket.quantity),
    crystal.priceCents + gasket.priceCents,
    crystal.id,
    gasket.id,
  ]
}
