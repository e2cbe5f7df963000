import { randomLcg, randomNormal, randomUniform } from 'd3-random'

/** A source of chance that gives the same numbers for the same seed. */
export interface SeededRandom {
  normal(standardDeviation: number): number
  uniform(from: number, to: number): number
  /** whole number from 0 to below `count` */
  index(count: number): number
}

const GOLDEN_RATIO = 0.618033988749895

/** @param seed - any whole number */
export function seededRandom(seed: number): SeededRandom {
  // Neighbouring seeds of the generator start alike; the golden ratio spreads them over 0…1.
  const source = randomLcg((seed * GOLDEN_RATIO) % 1)
  for (let i = 0; i < 8; i++) source()
  return {
    normal: (standardDeviation) => randomNormal.source(source)(0, standardDeviation)(),
    uniform: (from, to) => randomUniform.source(source)(from, to)(),
    index: (count) => Math.floor(source() * count),
  }
}
