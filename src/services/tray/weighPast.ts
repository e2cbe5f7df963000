import Joi from 'joi'
import type { Db } from '@/data/client'
import { updateTrayIntake } from '@/data/queries/trays'
import { idSchema, validate } from '../boundary'
import type { ViewOutcome } from './changeTray'
import { changeTray } from './changeTray'

const schema = Joi.object<{ trayId: number; pastCounts: boolean }>({
  trayId: idSchema.required(),
  pastCounts: Joi.boolean().required(),
})

/** Lets what fitted this case before weigh in the size verdict of a tray, or not. */
export async function weighPast(db: Db, input: unknown): Promise<ViewOutcome> {
  const checked = validate(schema, input)
  if (!checked.ok) return checked
  const { trayId, pastCounts } = checked.value
  return changeTray(db, trayId, async () => {
    await updateTrayIntake(db, trayId, { pastCounts })
    return null
  })
}
