import type { Retention } from '../construction/kinds'
import type { CrystalProfile } from '../fit/parts'
import type { DimensionId } from './dimensions'
import { DIMENSIONS } from './dimensions'

export const CRYSTAL_STATES = ['whole', 'cracked', 'shattered', 'missing'] as const
export type CrystalState = (typeof CRYSTAL_STATES)[number]

export interface PlanFacts {
  readonly retention: Retention
  readonly crystalState: CrystalState
  readonly profile: CrystalProfile
  readonly gasketPresent: boolean
}

export interface ReadingTarget {
  readonly dimension: DimensionId
  /** index into the dimension's places, from 0 */
  readonly placeIndex: number
}

/**
 * Which dimensions to read, in the order of the work: thickness before anything presses on the glass,
 * diameters after, case last. Common practice.
 */
export function readingPlan({ retention, crystalState, profile, gasketPresent }: PlanFacts): DimensionId[] {
  // Other constructions have no bore with a ring in it: there the crystal itself is what can be read.
  const ringed = retention === 'tension-gasket'
  const edgeLeft = crystalState !== 'missing'
  const wholeEnough = crystalState === 'whole' || crystalState === 'cracked'
  const plan: (DimensionId | false)[] = [
    edgeLeft && 'crystal-edge',
    wholeEnough && profile !== 'flat' && 'crystal-centre',
    wholeEnough && 'crystal-diameter',
    ringed && 'bore',
    ringed && gasketPresent && 'gasket-wall',
    ringed && gasketPresent && !wholeEnough && 'opening',
    ringed && 'seat-depth',
  ]
  return plan.filter((dimension) => dimension !== false)
}

/**
 * First place of the plan that has no reading yet.
 * @param taken - readings that stand, in any order
 * @returns null when the plan is done
 */
export function nextTarget(
  plan: readonly DimensionId[],
  taken: readonly ReadingTarget[],
): ReadingTarget | null {
  for (const dimension of plan) {
    const target = nextPlace(dimension, taken)
    if (target) return target
  }
  return null
}

/** First place of one dimension that has no reading yet; null when all have. */
export function nextPlace(dimension: DimensionId, taken: readonly ReadingTarget[]): ReadingTarget | null {
  const done = new Set(taken.filter((t) => t.dimension === dimension).map((t) => t.placeIndex))
  const placeIndex = DIMENSIONS[dimension].places.findIndex((_, index) => !done.has(index))
  return placeIndex < 0 ? null : { dimension, placeIndex }
}
