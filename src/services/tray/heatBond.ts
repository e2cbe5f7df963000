import Joi from 'joi'
import { BURST_SECONDS } from '@/core/removal/heatBursts'
import { removalStep } from '@/core/removal/planRemoval'
import { insertHeatBurst } from '@/data/queries/removals'
import { idSchema, refuse } from '../boundary'
import { trayChange } from './trayChange'

const schema = Joi.object<{ trayId: number; seconds: number }>({
  trayId: idSchema.required(),
  seconds: Joi.number().required(),
})

/**
 * Keeps one burst of heat on a magnifier's bond, when it ends. The flame has to be in use on this tray: what it may harm is
 * judged as it is started.
 */
export const heatBond = trayChange(schema, async (tx, { trayId, seconds }, { kept, procedure }, now) => {
  if (!removalStep('magnifier', procedure.steps)) return refuse('This job takes no magnifier off.')
  const { least, most } = BURST_SECONDS
  if (!Number.isInteger(seconds) || seconds < least || seconds > most)
    return refuse(`Seconds of heat: ${seconds}; whole seconds from ${least} to ${most}.`, 'seconds')
  const flame = kept.inUse.some((run) => run.trayId === trayId && run.process === 'flame')
  if (!flame)
    return refuse(
      'No flame is in use on this tray: start it under “Before a bath, a flame or a blade”, where it is judged against what is near.',
    )
  await insertHeatBurst(tx, { trayId, seconds, at: now })
  return null
})
