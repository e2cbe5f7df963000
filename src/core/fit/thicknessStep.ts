import { formatMm } from '../units/formatMm'

/** A thickness this near the middle between two steps takes the thinner, mm. From memory. */
const NEAR_MIDDLE_MM = 0.02
/** Figures come by arithmetic in doubles. */
const ROUNDING_MM = 1e-9

/** Two neighbouring steps of stock that a thickness lies in the middle of, mm. */
export interface BetweenSteps {
  readonly valueMm: number
  readonly thinnerMm: number
  readonly thickerMm: number
}

/**
 * The two neighbouring steps a thickness lies about half-way between, of which the thinner is taken; null where it is
 * nearer to one of them, or there is only one.
 * @param steps - the steps that are kept, mm, in any order
 * @source common practice: 1.1 read where 1.0 and 1.2 are kept takes the 1.0
 */
export function betweenSteps(valueMm: number, steps: readonly number[]): BetweenSteps | null {
  const thinnerMm = Math.max(...steps.filter((step) => step <= valueMm))
  const thickerMm = Math.min(...steps.filter((step) => step > valueMm))
  if (!Number.isFinite(thinnerMm) || !Number.isFinite(thickerMm)) return null
  const offMm = Math.abs(valueMm - (thinnerMm + thickerMm) / 2)
  return offMm <= NEAR_MIDDLE_MM + ROUNDING_MM ? { valueMm, thinnerMm, thickerMm } : null
}

/** Why the thinner, in a sentence. */
export function betweenStepsSentence({ valueMm, thinnerMm, thickerMm }: BetweenSteps): string {
  return `${formatMm(valueMm)} lies half-way between the ${formatMm(thinnerMm)} and the ${formatMm(thickerMm)} that are kept: the thinner is taken, unless hands, bezel or owner say otherwise.`
}
