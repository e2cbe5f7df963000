import Joi from 'joi'
import { insertTick } from '@/data/queries/ticks'
import { HAZARD_IDS } from '@/core/tray/hazards'
import { STEP_RULES } from '@/core/procedure/procedure'
import { tickedTogether } from '@/core/procedure/tickedTogether'
import { idSchema } from '../boundary'
import { trayChange } from './trayChange'

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
export const tickTray = trayChange(tickSchema, async (tx, { trayId, subject, done }, _, now) => {
  for (const each of tickedTogether(subject)) await insertTick(tx, { trayId, subject: each, done, at: now })
  return null
})
