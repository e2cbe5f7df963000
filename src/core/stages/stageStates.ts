import { stepsOf } from '../procedure/procedure'
import { waitsOf, waitSubject } from '../waits/waits'
import type { Procedure } from '../procedure/procedure'
import type { LeftOut } from './LeftOut'
import type { StandingWork } from './Stage'
import type { StageId } from './stages'
import { PARTS_OPEN } from './close'
import { STAGE_IDS, stageIndex, stageOf } from './stages'

/** One thing a stage demands, and how it stands. */
export interface StandingDemand {
  /** `step:` with a step's id, or the id of another demand */
  readonly subject: string
  /** ids of the steps that are done with it */
  readonly steps: readonly string[]
  /** what is open while it is not met */
  readonly open: string
  readonly met: boolean
  /** null while nobody said why it is left out; what was done is not left out */
  readonly leftOut: LeftOut | null
}

/**
 * How a stage stands by what was done, not by who went on: `done` where all it demands is met, `left-out` where the rest
 * has a reason, `open` else; `not-needed` where this job demands nothing of it.
 */
export type StageStanding = 'not-needed' | 'done' | 'left-out' | 'open'

export interface StageState {
  readonly stage: StageId
  readonly standing: StageStanding
  readonly demands: readonly StandingDemand[]
  /** ids of its steps that are done: ticked, or shown to be done by a reading, a pick or a run */
  readonly stepsDone: readonly string[]
  /** ids of its steps that only a reading, a pick or a run shows to be done: no tick does */
  readonly stepsShown: readonly string[]
}

/** What the stages of a job are judged by. */
export interface StagesBasis {
  readonly procedure: Procedure
  /** when each `step:` was ticked */
  readonly ticks: Readonly<Record<string, string>>
  readonly leftOut: Readonly<Record<string, LeftOut>>
  readonly work: StandingWork
}

/** Every stage of the work as it stands, in working order. */
export function stageStates(basis: StagesBasis): StageState[] {
  return STAGE_IDS.map((stage) => stageState(stage, basis))
}

/** One stage as it stands, see stageStates. */
export function stageState(stage: StageId, { procedure, ticks, leftOut, work }: StagesBasis): StageState {
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
      return { subject, steps: [id], open: title, met, leftOut: reasonFor(subject, met) }
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

const isSettled = ({ met, leftOut }: StandingDemand) => met || leftOut !== null

/** True where a step of the list demands it, false where a reading, a pick, a run or the trail does. */
export function isOfStep({ subject }: Pick<StandingDemand, 'subject'>): boolean {
  return subject.startsWith('step:')
}

/** Parts of the trail have their own answers, one by one: put back, renewed, or left off for a reason. */
export function mayBeLeftOut({ subject }: Pick<StandingDemand, 'subject'>): boolean {
  return subject !== PARTS_OPEN
}

/** What of a stage is neither done nor left out for a reason. */
export function openOf({ demands }: Pick<StageState, 'demands'>): StandingDemand[] {
  return demands.filter((demand) => !isSettled(demand))
}

/**
 * The stages that saying one is done leaves behind: from where the tray stands up to that one, or that one alone where
 * the tray is past it.
 */
export function leftBehind(states: readonly StageState[], standsAt: StageId, done: StageId): StageState[] {
  const first = Math.min(stageIndex(standsAt), stageIndex(done))
  return states.filter(({ stage }) => stageIndex(stage) >= first && stageIndex(stage) <= stageIndex(done))
}

/** The stage `by` places further that this job needs, held inside the list. */
export function neededAfter(states: readonly StageState[], stage: StageId, by: 1 | -1): StageId {
  const needed = states.filter(({ standing }) => standing !== 'not-needed').map((state) => state.stage)
  const ahead = needed.filter((id) => (stageIndex(id) - stageIndex(stage)) * by > 0)
  return (by === 1 ? ahead[0] : ahead.at(-1)) ?? stage
}

/**
 * Where a tray stands after an act that meets a demand of a stage, as a pick or a run at the press does: on at the next
 * stage this job needs, but not past anything that is still open; what is open needs a reason, and an act is none.
 */
export function standsAfter(
  states: readonly StageState[],
  standsAt: StageId,
  { stage, subject }: { readonly stage: StageId; readonly subject: string },
): StageId {
  if (stageIndex(standsAt) > stageIndex(stage)) return standsAt
  const others = leftBehind(states, standsAt, stage)
    .flatMap(openOf)
    .filter((demand) => demand.subject !== subject)
  return others.length > 0 ? standsAt : neededAfter(states, stage, 1)
}
