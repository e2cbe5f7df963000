import Joi from 'joi'
import { setTrayStage } from '@/data/queries/trays'
import { insertReopening } from '@/data/queries/reopenings'
import { idSchema, reasonSchema } from '../boundary'
import { trayChange } from './trayChange'

const schema = Joi.object<{ trayId: number; reason: string }>({
  trayId: idSchema.required(),
  reason: reasonSchema('steamed up again').required(),
})

/** Takes a tray that was handed back in hand again, with the reason; when it was handed back before is kept. */
export const reopenTray = trayChange(
  schema,
  async (tx, { trayId, reason }, { kept }, now) => {
    const { finishedAt, stage } = kept.tray
    if (finishedAt) await insertReopening(tx, { trayId, handedBackAt: finishedAt, reason, reopenedAt: now })
    await setTrayStage(tx, trayId, stage, null)
    return null
  },
  'reopening',
)
