import type { Db } from '@/data/client'
import { moveTray } from '@/services/tray/moveTray'
import { tickTray } from '@/services/tray/tickTray'
import type { TrayView } from '@/services/tray/trayView'

/** Hands a tray back as it is allowed to be: from its last stage, every hazard dealt with. */
export async function handedBack(db: Db, { tray, job }: TrayView, now: Date) {
  for (const { id, dealt } of job.hazards)
    if (dealt !== null) await tickTray(db, { trayId: tray.id, subject: `hazard:${id}`, done: true }, now)
  await moveTray(db, { trayId: tray.id, stage: 'hand-back', finished: false }, now)
  return moveTray(db, { trayId: tray.id, stage: 'hand-back', finished: true }, now)
}
