import type { Estimate } from './fitOffsets'
import type { StraightPair } from './pairs'
import { PAIR_WORDS } from './pairs'

/** The turn of one pair that was read. */
export interface PairTurn {
  readonly pair: StraightPair
  readonly turnedDeg: Estimate
}

/** Two turns differ by no more than this, in standard uncertainties of their difference: they are one. */
const ALIKE = 2
/** A turn is one beyond so many standard uncertainties. */
const SURE = 3

/**
 * Whether the dial itself is what is turned: whatever is set to it then reads turned by the same, the other way.
 * Rings that do not hang together have no other reason to agree. Common practice.
 * @returns how far the dial is turned, degrees, clockwise positive; null where that is not what is seen
 */
export function dialTurned(turns: readonly PairTurn[]): Estimate | null {
  const byDial = turns.filter(({ pair }) => PAIR_WORDS[pair].byDial)
  if (byDial.length < 2) return null
  const [first, ...others] = byDial.map(({ turnedDeg }) => turnedDeg)
  if (!first || ![first, ...others].every(isTurned) || !others.every((one) => isAlike(first, one)))
    return null
  const all = [first, ...others]
  const weights = all.map(({ standardUncertainty }) => 1 / standardUncertainty ** 2)
  const total = weights.reduce((sum, weight) => sum + weight, 0)
  const mean = all.reduce((sum, { value }, i) => sum + ((weights[i] ?? 0) * value) / total, 0)
  return { value: -mean, standardUncertainty: 1 / Math.sqrt(total) }
}

function isTurned({ value, standardUncertainty }: Estimate): boolean {
  return Math.abs(value) > SURE * standardUncertainty
}

function isAlike(one: Estimate, other: Estimate): boolean {
  const difference = Math.hypot(one.standardUncertainty, other.standardUncertainty)
  return Math.abs(one.value - other.value) <= ALIKE * difference
}
