import Joi from 'joi'
import { setTrayStage } from '@/data/queries/trays'
import { insertReopening } from '@/data/queries/reopenings'
import { idSchema } from '../boundary'
import { trayChange } from './trayChange'

const schema = Joi.object<{ trayId: number; reason: string }>({
  trayId: idSchema.required(),
  reason: Joi.string().trim().min(2).max(200).required().prefs({ convert: true }).messages({
    'string.empty': 'Reason is missing: say in a word why, as “steamed up again”.',
    'string.min': 'Reason: say in a word why, as “steamed up again”.',
    'string.max': 'Reason: at most 200 characters. Shorten it.',
  }),
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
