import Joi from 'joi'
import type { StageId } from '@/core/stages/stages'
import { STAGE_IDS, stageIndex, stageLabel } from '@/core/stages/stages'
import { leftBehind, neededAfter, openOf } from '@/core/stages/StageState'
import { openBeforeHandBack, openText } from '@/core/tray/handBack'
import { missingBefore, missingText } from '@/core/trail/partsTrail'
import type { Db } from '@/data/client'
import { figuresToLearn } from '@/core/learning/figuresToLearn'
import { insertSheetFigures } from '@/data/queries/sheetFigures'
import { insertLeftOut } from '@/data/queries/leftOut'
import { setTrayStage } from '@/data/queries/trays'
import type { Refusal } from '../boundary'
import { idSchema, refuse } from '../boundary'
import { leftOutReason } from './leaveOut'
import type { OpenedCase } from './openTrayCases'
import { trayChange } from './trayChange'

interface FinishSent {
  readonly trayId: number
  /** the stage that is said to be done */
  readonly stage: StageId
  /** why it is left with something open */
  readonly reason?: string | null
}

interface Finished extends FinishSent {
  readonly reason: string | null
}

const schema = Joi.object<Finished>({
  trayId: idSchema.required(),
  stage: Joi.string()
    .valid(...STAGE_IDS)
    .required(),
  reason: leftOutReason.allow(null).default(null),
})

/**
 * Says a stage done and goes on to the next one this job needs; on the last one, hands the tray back, and the case sheet takes what
 * was measured.
 * What is open in the stages left behind has to be given a reason, which is kept with each. A tray does not pass its
 * closing with a part unaccounted for, and is handed back from its last stage only, with nothing open.
 */
export const finishStage = trayChange<Finished, FinishSent>(
  schema,
  (tx, finished, opened, now) =>
    finished.stage === 'hand-back' ? handBack(tx, opened, now) : goOn(tx, finished, opened, now),
  'decision',
)

async function handBack(tx: Db, opened: OpenedCase, now: Date): Promise<Refusal | null> {
  const open = openBeforeHandBack(opened)
  if (open.length > 0) return refuse(`Not handed back. ${open.join(' ')}`, 'stage')
  const { tray, sheet, instruments } = opened.kept
  await setTrayStage(tx, tray.id, 'hand-back', now)
  const { measured, seat } = opened.found.readout
  const learned = figuresToLearn({
    trayNumber: tray.number,
    measured,
    seat: seat.ok ? seat.seat.figures : {},
    instruments,
  })
  const rows = learned.map(({ trayNumber: _, ...figure }) => ({
    ...figure,
    caseSheetId: sheet.id,
    trayId: tray.id,
    at: now,
  }))
  await insertSheetFigures(tx, rows)
  return null
}

async function goOn(
  tx: Db,
  { stage, reason }: Finished,
  { kept, stages, trail }: OpenedCase,
  now: Date,
): Promise<Refusal | null> {
  const { tray } = kept
  const next = neededAfter(stages, stage, 1)
  const missing = missingBefore(trail, next)
  if (missing.length > 0) {
    return refuse(
      `Not moved on to ${stageLabel(next).toLowerCase()}: ${missingText(missing)} not accounted for. Put each back on the trail, or say why it stays off.`,
      'trail',
    )
  }
  const open = leftBehind(stages, tray.stage, stage).flatMap(openOf)
  if (open.length > 0 && reason === null) {
    return refuse(
      `${stageLabel(stage)} is not done: ${openText(open)}. Do it, or say why it is left out.`,
      'reason',
    )
  }
  const rows = open.map(({ subject }) => ({ trayId: tray.id, subject, reason, at: now }))
  await insertLeftOut(tx, rows)
  const isBehind = stageIndex(next) <= stageIndex(tray.stage)
  await setTrayStage(tx, tray.id, isBehind ? tray.stage : next, null)
  return null
}
