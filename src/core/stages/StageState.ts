import type { LeftOut } from './LeftOut'
import type { StageId } from './stages'
import { PARTS_OPEN } from './close'
import { stageIndex } from './stages'

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
  /** ids of its steps that are done: ticked, or shown to be done by a reading, a pick or a run, and in their turn */
  readonly stepsDone: readonly string[]
  /** ids of its steps that only a reading, a pick or a run shows to be done: no tick does */
  readonly stepsShown: readonly string[]
  /** ids of its steps that were ticked or shown while one they rest on is open: not done by that */
  readonly stepsEarly: readonly string[]
}

/** True where it was done, or where somebody said why it is left out. */
export function isSettled({ met, leftOut }: Pick<StandingDemand, 'met' | 'leftOut'>): boolean {
  return met || leftOut !== null
}

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
