import type { ConstructionSteps } from '../../construction/Construction'
import { CONSTRUCTIONS } from '../../construction/constructions'
import type { StepRule } from '../Step'
import { crystalInAfter, crystalOutAfter } from './reachedAfter'

/** The rules of every construction for one part of the work, each held to cases that are built so. */
export function constructionSteps(part: keyof ConstructionSteps): StepRule[] {
  return CONSTRUCTIONS.flatMap(({ id, steps }) =>
    steps[part].map((rule): StepRule => ({
      ...rule,
      after: RESTS_ON[rule.id] ?? [],
      when: (job) => job.facts.retention === id && rule.when(job),
    })),
  )
}

/** However a case holds its crystal, the same has to be out of the way. */
const RESTS_ON: Readonly<Record<string, StepRule['after']>> = {
  'crystal-out': crystalOutAfter,
  'crystal-in': crystalInAfter,
}
