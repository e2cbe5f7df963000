import Joi from 'joi'
import { mayBeLeftOut } from '@/core/stages/stageStates'
import { insertLeftOut } from '@/data/queries/leftOut'
import { idSchema, refuse } from '../boundary'
import { trayChange } from './trayChange'

/** A reason in a word or two. */
export const reasonSchema = Joi.string().trim().min(2).max(200).prefs({ convert: true }).messages({
  'string.empty': 'Reason is missing: say in a word why, as “no press needed: cemented”.',
  'string.min': 'Reason: say in a word why, as “no press needed: cemented”.',
  'string.max': 'Reason: at most 200 characters. Shorten it.',
})

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
  reason: reasonSchema.allow(null).required(),
})

/** Leaves out one thing a stage demands, for a reason that stays with it, or takes that back. */
export const leaveOut = trayChange(schema, async (tx, { trayId, subject, reason }, { stages }, now) => {
  const demand = stages.flatMap(({ demands }) => demands).find((one) => one.subject === subject)
  if (!demand) return refuse('This job does not ask for that: load the page again.', 'subject')
  if (reason !== null && demand.met) return refuse('This is done: there is nothing to leave out.', 'subject')
  if (reason !== null && !mayBeLeftOut(demand))
    return refuse(
      'Parts are not left out: put each back on the trail, or say there why it stays off.',
      'subject',
    )
  await insertLeftOut(tx, [{ trayId, subject, reason, at: now }])
  return null
})
