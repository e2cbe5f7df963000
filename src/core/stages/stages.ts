import { align } from './align'
import { clean } from './clean'
import { close } from './close'
import { decase } from './decase'
import { handBack } from './handBack'
import { intake } from './intake'
import { match } from './match'
import { measure } from './measure'
import { open } from './open'
import { pressIn } from './pressIn'
import { prove } from './prove'
import { pushOut } from './pushOut'
import type { Stage, StandingJob, ToDo } from './Stage'

const TABLE = {
  intake,
  open,
  decase,
  measure,
  'push-out': pushOut,
  clean,
  match,
  'press-in': pressIn,
  align,
  close,
  prove,
  'hand-back': handBack,
} as const satisfies Readonly<Record<string, Stage>>

export type StageId = keyof typeof TABLE

export const STAGE_IDS = Object.keys(TABLE) as readonly StageId[]

/** The stages of the work, in working order. */
export const STAGES = STAGE_IDS.map((id) => ({ id, ...TABLE[id] }))

export function stageOf(id: StageId): Stage {
  return TABLE[id]
}

/** What to do next on a tray at this stage. */
export function toDoAt(id: StageId, job: StandingJob): ToDo {
  const { label, toDo } = stageOf(id)
  return toDo ? toDo(job) : { next: job.step ?? `${label} is done: go on`, known: job.size }
}

export function stageIndex(stage: StageId): number {
  return STAGE_IDS.indexOf(stage)
}

export function stageLabel(stage: StageId): string {
  return TABLE[stage].label
}
