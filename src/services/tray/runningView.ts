import { runningFields } from '@/core/records/runningFields'
import type { Field } from '@/core/records/Field'
import type { StandingRunning } from '@/core/running/standingRunning'
import { missingBefore, missingText } from '@/core/trail/partsTrail'
import type { OpenedCase } from './openTrayCases'

/** How the movement runs, as Prove shows it. */
export interface RunningView {
  readonly fields: readonly Field[]
  /** null while nothing was written down */
  readonly standing: StandingRunning | null
  /** why it cannot be compared yet; null where it can */
  readonly notYet: string | null
}

export function runningView({ kept, running, trail }: OpenedCase): RunningView {
  const off = missingBefore(trail, 'prove')
  return {
    fields: runningFields(kept.sheet.movementKind),
    standing: running,
    notYet: off.length > 0 ? `Still off by the parts trail: ${missingText(off)}.` : null,
  }
}
