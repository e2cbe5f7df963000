import Joi from 'joi'
import { updateTrayIntake } from '@/data/queries/trays'
import { idSchema } from '../boundary'
import { trayChange } from './trayChange'

const schema = Joi.object<{ trayId: number; pastCounts: boolean }>({
  trayId: idSchema.required(),
  pastCounts: Joi.boolean().required(),
})

/** Lets what fitted this case before weigh in the size verdict of a tray, or not. */
export const weighPast = trayChange(
  schema,
  async (tx, { trayId, pastCounts }) => {
    await updateTrayIntake(tx, trayId, { pastCounts })
    return null
  },
  'decision',
)
