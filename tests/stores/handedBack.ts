import type { Db } from '@/data/client'
import type { StageId } from '@/core/stages/stages'
import { openOf } from '@/core/stages/StageState'
import { finishStage } from '@/services/tray/finishStage'
import { leaveOut } from '@/services/tray/leaveOut'
import { tickTray } from '@/services/tray/tickTray'
import type { TrayView } from '@/services/tray/trayView'

const REASON = 'not what this test is about'

/** Says a stage done, whatever is open in it and before it. */
export function finished(db: Db, trayId: number, stage: StageId, now: Date) {
  return finishStage(db, { trayId, stage, reason: REASON }, now)
}

/** Hands a tray back as it is allowed to be: from its last stage, every hazard dealt with, the rest left out. */
export async function handedBack(db: Db, { tray, job }: TrayView, now: Date) {
  const trayId = tray.id
  await finished(db, trayId, 'prove', now)
  for (const { id, dealt } of job.hazards)
    if (dealt !== null) await tickTray(db, { trayId, subject: `hazard:${id}`, done: true }, now)
  const last = job.stages.find(({ stage }) => stage === 'hand-back')
  for (const { subject } of last ? openOf(last) : [])
    await leaveOut(db, { trayId, subject, reason: REASON }, now)
  return finishStage(db, { trayId, stage: 'hand-back' }, now)
}
