import { requirePositive } from '../guard/require'
import type { BetweenSteps } from '../fit/thicknessStep'
import { betweenSteps } from '../fit/thicknessStep'
import type { Estimate } from '../measure/Estimate'
import type { SizeCandidate } from './sizeVerdict'

export interface StepPolicy {
  /** distance of the steps where no list of them is known, mm */
  readonly stepMm: number
  /** what a maker's piece may be off its step, standard uncertainty, mm */
  readonly makerUncertaintyMm: number
  /** true where half-way between two steps that are kept the smaller is taken */
  readonly smallerOfTwo?: boolean
}

export interface StepVerdict {
  /** ascending; together they make 1 */
  readonly candidates: readonly SizeCandidate[]
  readonly pick: SizeCandidate
  /** how far the reading is from the pick, mm: + when it reads larger */
  readonly offMm: number
  /** steps it lies half-way between, of which the smaller was taken; null otherwise */
  readonly between: BetweenSteps | null
}

const MARGIN_STEPS = 4

/**
 * Which step of a stocked dimension a reading means: a normal density about each step, steps equally likely before.
 * @param reading - the value with its uncertainty
 * @param steps - the steps there are, mm; empty to take the even grid of the policy
 * @source Bayes' rule; check value of common practice: 1.1 where stock comes in 1.0 and 1.5 takes the 1.0
 */
export function stepVerdict(reading: Estimate, steps: readonly number[], policy: StepPolicy): StepVerdict {
  requirePositive('stepMm', policy.stepMm, 'mm')
  requirePositive('makerUncertaintyMm', policy.makerUncertaintyMm, 'mm')
  const sizes = steps.length > 0 ? [...new Set(steps)].sort((a, b) => a - b) : gridAbout(reading, policy)
  const u = Math.hypot(reading.standardUncertaintyMm, policy.makerUncertaintyMm)
  const logs = sizes.map((sizeMm) => -(((sizeMm - reading.valueMm) / u) ** 2) / 2)
  const largest = Math.max(...logs)
  const weights = logs.map((log) => Math.exp(log - largest))
  const total = weights.reduce((sum, weight) => sum + weight, 0)
  const candidates = sizes.map((sizeMm, i) => ({ sizeMm, probability: (weights[i] ?? 0) / total }))
  const between = policy.smallerOfTwo ? betweenSteps(reading.valueMm, steps) : null
  const likeliest = candidates.reduce((best, c) => (c.probability > best.probability ? c : best))
  const pick = candidates.find(({ sizeMm }) => sizeMm === between?.thinnerMm) ?? likeliest
  return { candidates, pick, offMm: reading.valueMm - pick.sizeMm, between }
}

function gridAbout(reading: Estimate, { stepMm, makerUncertaintyMm }: StepPolicy): number[] {
  const reach = MARGIN_STEPS * (reading.standardUncertaintyMm + makerUncertaintyMm) + stepMm
  const [first, last] = [
    Math.max(1, Math.floor((reading.valueMm - reach) / stepMm)),
    Math.ceil((reading.valueMm + reach) / stepMm),
  ]
  return Array.from({ length: Math.max(1, last - first + 1) }, (_, i) =>
    Number(((first + i) * stepMm).toFixed(6)),
  )
}
