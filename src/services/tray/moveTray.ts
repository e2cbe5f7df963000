import Joi from 'joi'
import type { StageId } from '@/core/stages/stages'
import { STAGE_IDS, stageLabel } from '@/core/stages/stages'
import { missingBefore, missingText } from '@/core/trail/partsTrail'
import { setTrayStage } from '@/data/queries/trays'
import { idSchema, refuse } from '../boundary'
import { trayChange } from './trayChange'

const stageSchema = Joi.object<{ trayId: number; stage: StageId; finished: boolean }>({
  trayId: idSchema.required(),
  stage: Joi.string()
    .valid(...STAGE_IDS)
    .required(),
  finished: Joi.boolean().required(),
})

/**
 * Moves a tray to a stage of the work; `finished` hands it back.
 * A tray does not pass its closing with a part unaccounted for.
 */
export const moveTray = trayChange(stageSchema, async (tx, { trayId, stage, finished }, { trail }, now) => {
  const missing = missingBefore(trail, finished ? 'finished' : stage)
  if (missing.length > 0) {
    const where = finished ? 'handed back' : `moved on to ${stageLabel(stage).toLowerCase()}`
    return refuse(
      `Not ${where}: ${missingText(missing)} not accounted for. Put each back on the trail, or say why it stays off.`,
      'trail',
    )
  }
  await setTrayStage(tx, trayId, stage, finished ? now : null)
  return null
})
