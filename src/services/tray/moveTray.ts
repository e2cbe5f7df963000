import Joi from 'joi'
import type { StageId } from '@/core/stages/stages'
import { STAGE_IDS, stageLabel } from '@/core/stages/stages'
import { openBeforeHandBack } from '@/core/tray/handBack'
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
 * A tray does not pass its closing with a part unaccounted for, and is handed back from its last stage only.
 */
export const moveTray = trayChange(stageSchema, async (tx, { trayId, stage, finished }, opened, now) => {
  const open = finished ? openBeforeHandBack(opened) : []
  if (open.length > 0) return refuse(`Not handed back. ${open.join(' ')}`, 'stage')
  const missing = finished ? [] : missingBefore(opened.trail, stage)
  if (missing.length > 0) {
    return refuse(
      `Not moved on to ${stageLabel(stage).toLowerCase()}: ${missingText(missing)} not accounted for. Put each back on the trail, or say why it stays off.`,
      'trail',
    )
  }
  await setTrayStage(tx, trayId, stage, finished ? now : null)
  return null
})
