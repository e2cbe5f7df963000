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
import { beforeTurn } from './beforeTurn'
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
  const asked = STAGE_IDS.map((stage) => askedOf(stage, basis))
  const { steps } = basis.procedure
  const early = beforeTurn(
    asked.flatMap(({ demands }) => demands),
    steps,
  )
  return asked.map((one) => stageState(one, early, basis))
}

/** What a stage demands, each by itself: whether what it rests on was done is another question. */
interface Asked {
  readonly stage: StageId
  readonly demands: readonly (StandingDemand & { readonly reasonFrom: string })[]
  /** ids of steps that only a reading, a pick or a run shows to be done */
  readonly stepsShown: readonly string[]
}

function stageState(
  { stage, demands, stepsShown }: Asked,
  allEarly: readonly string[],
  { procedure, leftOut }: StagesBasis,
): StageState {
  const isEarly = (id: string) => allEarly.includes(id)
  const titleOf = (id: string) => procedure.steps.find((step) => step.id === id)?.title ?? id
  const standing = demands.map(({ reasonFrom, ...demand }): StandingDemand => {
    const [early] = demand.met ? demand.steps.filter(isEarly) : []
    if (early === undefined) return demand
    const reason = reasonOf(leftOut[demand.subject], reasonFrom)
    return { ...demand, open: `done before its turn: ${titleOf(early)}`, met: false, leftOut: reason }
  })
  const ofStage = stepsOf(procedure, stage).map(({ id }) => id)
  const met = standing.filter((demand) => demand.met).flatMap((demand) => demand.steps)
  return {
    stage,
    standing: standingOf(standing),
    demands: standing,
    stepsDone: ofStage.filter((id) => met.includes(id)),
    stepsShown,
    stepsEarly: ofStage.filter(isEarly),
  }
}

function askedOf(stage: StageId, { procedure, ticks, said, leftOut, work }: StagesBasis): Asked {
  const others = stageOf(stage).demands?.(work) ?? []
  const stoodFor = others.flatMap(({ standsFor }) => standsFor)
  const steps = stepsOf(procedure, stage)
  const asked = (
    { subject, met, ...demand }: Omit<StandingDemand, 'leftOut'>,
    reasonFrom = '',
  ): Asked['demands'][number] => {
    const reason = met ? null : reasonOf(leftOut[subject], reasonFrom)
    return { ...demand, subject, met, leftOut: reason, reasonFrom }
  }
  const own = steps
    .filter(({ id }) => !stoodFor.includes(id))
    .map(({ id, title }) => {
      const subject = `step:${id}`
      const met = ticks[subject] !== undefined
      return asked({ subject, steps: [id], open: withSaid(title, said[subject]), met })
    })
  const shown = others.map(({ id, open, met, standsFor, reasonFrom }) =>
    asked({ subject: id, steps: standsFor, open, met }, reasonFrom),
  )
  const waits = waitsOf({ procedure: { ...procedure, steps }, ticks, leftOut }).map(
    ({ step, title, overAt, cutShort }) => {
      const open = `say when its wait is over: ${title}`
      const wait = asked({ subject: waitSubject(step), steps: [], open, met: overAt !== null })
      return cutShort === null ? { ...wait, leftOut: null } : wait
    },
  )
  return {
    stage,
    demands: [...own, ...shown, ...waits],
    stepsShown: steps.map(({ id }) => id).filter((id) => stoodFor.includes(id)),
  }
}

/** A reason given before what it is for was seen anew counts no more. */
function reasonOf(reason: LeftOut | undefined, from: string): LeftOut | null {
  return reason && reason.at >= from ? reason : null
}

function standingOf(demands: readonly StandingDemand[]): StageStanding {
  if (demands.length === 0) return 'not-needed'
  if (demands.every(({ met }) => met)) return 'done'
  return demands.every(isSettled) ? 'left-out' : 'open'
}
