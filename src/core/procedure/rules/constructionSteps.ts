import type { ConstructionSteps } from '../../construction/Construction'
import { CONSTRUCTIONS } from '../../construction/constructions'
import type { StepRule } from '../Step'

/** The rules of every construction for one part of the work, each held to cases that are built so. */
export function constructionSteps(part: keyof ConstructionSteps): StepRule[] {
  return CONSTRUCTIONS.flatMap(({ id, steps }) =>
    steps[part].map((rule): StepRule => ({
      ...rule,
      when: (job) => job.facts.retention === id && rule.when(job),
    })),
  )
}
