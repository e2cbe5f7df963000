import type { Step } from '../procedure/Step'
import { isShownByTrail } from '../procedure/stepsOnTrail'
import type { TrailLine } from '../trail/partsTrail'
import type { Order } from './inOrder'
import { againstStep } from './inOrder'

/** Ids of the steps that a change does by what the trail shows, and of those it takes back. */
export interface TurnedByTrail {
  readonly done: readonly string[]
  readonly undone: readonly string[]
}

/**
 * What becomes of the steps when the trail changes, or when steps are done. What came off before its turn is on the trail,
 * but does no step: it does once all that the step rests on was done. So one change may do several.
 * @param before - how the job stood
 * @param after - the trail as it is now
 * @param ticked - ids of steps done along with it
 */
export function turnedByTrail(
  before: Order,
  after: readonly TrailLine[],
  ticked: readonly string[] = [],
): TurnedByTrail {
  const undone = undoneBy(before, after)
  const isNew = (step: Step) =>
    isShownByTrail(step, after) && !(isShownByTrail(step, before.trail) && againstStep(step, before) === null)
  const waiting = before.steps.filter(isNew)
  let open = [...before.open, ...undone].filter((id) => !ticked.includes(id))
  const done: string[] = []
  for (;;) {
    const next = waiting.find(
      (step) => !done.includes(step.id) && againstStep(step, { ...before, open, trail: after }) === null,
    )
    if (!next) return { done, undone }
    done.push(next.id)
    open = open.filter((id) => id !== next.id)
  }
}

/** What the trail does not show any more, and what it shows before its turn once that is not done. */
function undoneBy({ steps, trail }: Order, after: readonly TrailLine[]): string[] {
  const undone = steps
    .filter((step) => isShownByTrail(step, trail) && !isShownByTrail(step, after))
    .map(({ id }) => id)
  const restsOnIt = (step: Step) =>
    !undone.includes(step.id) && isShownByTrail(step, after) && step.after.some((id) => undone.includes(id))
  for (let next = steps.find(restsOnIt); next; next = steps.find(restsOnIt)) undone.push(next.id)
  return undone
}
