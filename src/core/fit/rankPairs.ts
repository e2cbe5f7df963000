import type { FitWishes } from './CaseFacts'
import type { PairAssessment } from './assessPair'

/** Probabilities closer than this are called equal, and stock, history and wishes decide. */
const PROBABILITY_STEP = 0.05

/** A rim that stands this much better outweighs the colour of the ring, mm. From memory. */
const COARSE_RIM_MM = 0.1

/** True when this is the very pair that went home in this case last time. */
export function isLastTime(pair: PairAssessment, wishes: FitWishes): boolean {
  return pair.crystal.id === wishes.lastTime?.crystalId && pair.gasket.id === wishes.lastTime.gasketId
}

/** Sorts by keys made once an item, compared figure by figure; the smallest comes first. */
export function rankPairs<T>(items: readonly T[], keyOf: (item: T) => readonly number[]): T[] {
  return items
    .map((item) => ({ item, key: keyOf(item) }))
    .sort((a, b) => compareKeys(a.key, b.key))
    .map(({ item }) => item)
}

function compareKeys(a: readonly number[], b: readonly number[]): number {
  for (let i = 0; i < a.length; i++) {
    const difference = (a[i] ?? 0) - (b[i] ?? 0)
    if (difference !== 0) return difference
  }
  return 0
}

/**
 * Order of the shortlist: most probable first; among equals what went home last time, then what came
 * out, the verdict's size, the ring's colour, then the flattest rim, the fuller drawer and the lower price.
 */
export function pairKey(pair: PairAssessment, wishes: FitWishes): number[] {
  const { crystal, gasket } = pair
  return [
    -Math.round(pair.probability / PROBABILITY_STEP),
    isLastTime(pair, wishes) ? 0 : 1,
    wishes.material === null || crystal.material === wishes.material ? 0 : 1,
    wishes.profile === null || crystal.profile === wishes.profile ? 0 : 1,
    wishes.sizeMm === null ? 0 : Math.round(Math.abs(crystal.diameterMm - wishes.sizeMm) * 100),
    Math.floor(Math.abs(pair.standing.rimMm) / COARSE_RIM_MM),
    wishes.gasketColour === null || gasket.colour === wishes.gasketColour ? 0 : 1,
    Math.round(Math.abs(pair.standing.rimMm) * 100),
    -Math.min(crystal.quantity, gasket.quantity),
    crystal.priceCents + gasket.priceCents,
    crystal.id,
    gasket.id,
  ]
}
