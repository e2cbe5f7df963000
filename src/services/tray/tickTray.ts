import Joi from 'joi'
import type { Db } from '@/data/client'
import { insertTick } from '@/data/queries/ticks'
import { HAZARD_IDS } from '@/core/tray/hazards'
import { STEP_RULES } from '@/core/procedure/procedure'
import { tickedTogether } from '@/core/procedure/tickedTogether'
import { idSchema, validate } from '../boundary'
import type { ViewOutcome } from './changeTray'
import { changeTray } from './changeTray'

const SUBJECTS: readonly string[] = [
  ...STEP_RULES.map((rule) => `step:${rule.id}`),
  ...HAZARD_IDS.map((id) => `hazard:${id}`),
]

const tickSchema = Joi.object<{ trayId: number; subject: string; done: boolean }>({
  trayId: idSchema.required(),
  subject: Joi.string()
    .valid(...SUBJECTS)
    .required(),
  done: Joi.boolean().required(),
})

/** Ticks a step or a hazard with the time, or takes the tick back. */
export async function tickTray(db: Db, input: unknown, now: Date): Promise<ViewOutcome> {
  const checked = validate(tickSchema, input)
  if (!checked.ok) return checked
  const { trayId, subject, done } = checked.value
  return changeTray(db, trayId, async () => {
    for (const each of tickedTogether(subject)) await insertTick(db, { trayId, subject: each, done, at: now })
    return null
  })
}
