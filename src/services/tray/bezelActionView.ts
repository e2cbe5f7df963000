import type { StandingAction } from '@/core/bezel/standingAction'
import { bezelActionFields } from '@/core/records/bezelActionFields'
import type { Field } from '@/core/records/Field'
import { againstStep } from '@/core/stages/inOrder'
import { CLICKS } from '@/core/stages/prove'
import type { OpenedCase } from './openTrayCases'
import { standingOrder } from './recordTrail'

/** A turning bezel that is to be tried. */
export interface BezelActionView {
  readonly fields: readonly Field[]
  /** null while it was not tried */
  readonly last: StandingAction | null
  /** by the case sheet; null where nobody counted */
  readonly expectedClicks: number | null
  /** why it cannot be tried yet; null where it can */
  readonly notYet: string | null
}

/** @returns null where this job has no turning bezel that was off */
export function bezelActionView(opened: OpenedCase): BezelActionView | null {
  const { kept, procedure } = opened
  const step = procedure.steps.find(({ id }) => id === CLICKS)
  if (!step) return null
  return {
    fields: bezelActionFields(kept.sheet.bezelKind),
    last: opened.bezelAction,
    expectedClicks: kept.sheet.bezelClicks,
    notYet: againstStep(step, standingOrder(opened)),
  }
}
