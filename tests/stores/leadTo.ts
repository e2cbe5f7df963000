import { openOf } from '@/core/stages/StageState'
import type { Db } from '@/data/client'
import { leaveOut } from '@/services/tray/leaveOut'
import type { TrayView } from '@/services/tray/trayView'

/** Leaves out for a reason what is still open of all that a step rests on: it can be done next. */
export async function leadTo(db: Db, { tray, job }: TrayView, stepId: string, now: Date): Promise<void> {
  const rested = restedOn(job.procedure.steps, stepId)
  const open = job.stages.flatMap(openOf).filter(({ steps }) => steps.some((id) => rested.includes(id)))
  for (const { subject } of open) {
    const left = await leaveOut(db, { trayId: tray.id, subject, reason: 'done before it came here' }, now)
    if (!left.ok) throw new Error(`${subject}: ${JSON.stringify(left.errors)}`)
  }
}

function restedOn(steps: TrayView['job']['procedure']['steps'], stepId: string): string[] {
  const after = steps.find(({ id }) => id === stepId)?.after ?? []
  return after.flatMap((id) => [id, ...restedOn(steps, id)])
}
