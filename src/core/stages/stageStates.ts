import { stepsOf } from '../procedure/procedure'
import { waitsOf, waitSubject } from '../waits/waits'
import type { Procedure } from '../procedure/procedure'
import type { StepSaid } from '../procedure/StepQuestion'
import { withSaid } from '../procedure/StepQuestion'
import type { LeftOut } from './LeftOut'
import type { StandingWork } from './Stage'
import type { StageId } from './stages'
import type { StageStanding, StageState, StandingDemand } from './StageState'
import { STAGE_IDS, stageOf } from './stages'
import { isSettled } from './StageState'

/** What the stages of a job are judged by. */
export interface StagesBasis {
  readonly procedure: Procedure
  /** when each `step:` was ticked */
  readonly ticks: Readonly<Record<string, string>>
  /** what was seen, where a `step:` asks: one that failed is open, and says so wherever it is named */
  readonly said: Readonly<Record<string, StepSaid>>
  readonly leftOut: Readonly<Record<string, LeftOut>>
  readonly work: StandingWork
}

/** Every stage of the work as it stands, in working order. */
export function stageStates(basis: StagesBasis): StageState[] {
  return STAGE_IDS.map((stage) => stageState(stage, basis))
}

/** One stage as it stands, see stageStates. */
export function stageState(
  stage: StageId,
  { procedure, ticks, said, leftOut, work }: StagesBasis,
): StageState {
  const others = stageOf(stage).demands?.(work) ?? []
  const stoodFor = others.flatMap(({ standsFor }) => standsFor)
  const steps = stepsOf(procedure, stage)
  const own = steps.filter(({ id }) => !stoodFor.includes(id))
  const reasonFor = (subject: string, met: boolean, from = '') => {
    const reason = leftOut[subject]
    return !met && reason && reason.at >= from ? reason : null
  }
  const waits = waitsOf({ procedure: { ...procedure, steps }, ticks, leftOut })
  const demands = [
    ...own.map(({ id, title }): StandingDemand => {
      const subject = `step:${id}`
      const met = ticks[subject] !== undefined
      return {
        subject,
        steps: [id],
        open: withSaid(title, said[subject]),
        met,
        leftOut: reasonFor(subject, met),
      }
    }),
    ...others.map(({ id, open, met, standsFor, reasonFrom }): StandingDemand => {
      const leftOutFor = reasonFor(id, met, reasonFrom)
      return { subject: id, steps: standsFor, open, met, leftOut: leftOutFor }
    }),
    ...waits.map(({ step, title, overAt, cutShort }): StandingDemand => {
      const subject = waitSubject(step)
      const met = overAt !== null
      const open = `say when its wait is over: ${title}`
      return {
        subject,
        steps: [],
        open,
        met,
        leftOut: met || cutShort === null ? null : (leftOut[subject] ?? null),
      }
    }),
  ]
  const shown = others.filter(({ met }) => met).flatMap(({ standsFor }) => standsFor)
  return {
    stage,
    standing: standingOf(demands),
    demands,
    stepsDone: steps
      .map(({ id }) => id)
      .filter((id) => (stoodFor.includes(id) ? shown.includes(id) : ticks[`step:${id}`] !== undefined)),
    stepsShown: steps.map(({ id }) => id).filter((id) => stoodFor.includes(id)),
  }
}

function standingOf(demands: readonly StandingDemand[]): StageStanding {
  if (demands.length === 0) return 'not-needed'
  if (demands.every(({ met }) => met)) return 'done'
  return demands.every(isSettled) ? 'left-out' : 'open'
}
