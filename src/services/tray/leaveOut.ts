import Joi from 'joi'
import { mayBeLeftOut } from '@/core/stages/StageState'
import { insertLeftOut } from '@/data/queries/leftOut'
import { idSchema, reasonSchema, refuse } from '../boundary'
import { trayChange } from './trayChange'

/** Why something a stage demands is left out. */
export const leftOutReason = reasonSchema('no press needed: cemented')

interface LeaveOut {
  readonly trayId: number
  /** what is left out, as the stages name it */
  readonly subject: string
  /** null to take it back */
  readonly reason: string | null
}

const schema = Joi.object<LeaveOut>({
  trayId: idSchema.required(),
  subject: Joi.string().max(60).required(),
  reason: leftOutReason.allow(null).required(),
})

/** Leaves out one thing a stage demands, for a reason that stays with it, or takes that back. */
export const leaveOut = trayChange(
  schema,
  async (tx, { trayId, subject, reason }, { stages }, now) => {
    const demand = stages.flatMap(({ demands }) => demands).find((one) => one.subject === subject)
    if (!demand) return refuse('This job does not ask for that: load the page again.', 'subject')
    if (reason !== null && demand.met)
      return refuse('This is done: there is nothing to leave out.', 'subject')
    if (reason !== null && !mayBeLeftOut(demand))
      return refuse(
        'Parts are not left out: put each back on the trail, or say there why it stays off.',
        'subject',
      )
    await insertLeftOut(tx, [{ trayId, subject, reason, at: now }])
    return null
  },
  'decision',
)
