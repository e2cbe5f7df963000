import type { Step } from '../procedure/Step'
import type { StandingDemand } from './StageState'
import { isSettled } from './StageState'

type Standing = Pick<StandingDemand, 'steps' | 'met' | 'leftOut'>

/**
 * Ids of the steps that were said or shown to be done while one they rest on is open: by a file, by a figure read too
 * early, or before the job changed. None of them counts until what it rests on is done or left out for a reason; nor does
 * what rests on them.
 */
export function beforeTurn(demands: readonly Standing[], steps: readonly Step[]): string[] {
  const open = new Set(demands.filter((demand) => !isSettled(demand)).flatMap((demand) => demand.steps))
  const met = new Set(demands.filter((demand) => demand.met).flatMap((demand) => demand.steps))
  const isEarly = ({ id, after }: Step) => met.has(id) && !open.has(id) && after.some((one) => open.has(one))
  const early: string[] = []
  for (let next = steps.find(isEarly); next; next = steps.find(isEarly)) {
    early.push(next.id)
    open.add(next.id)
  }
  return early
}
