import Joi from 'joi'
import { insertTick } from '@/data/queries/ticks'
import { HAZARD_IDS } from '@/core/tray/hazards'
import { STEP_RULES } from '@/core/procedure/procedure'
import { tickedTogether } from '@/core/procedure/tickedTogether'
import type { Wait } from '@/core/waits/waits'
import { minutesLeft, waitSubject } from '@/core/waits/waits'
import { idSchema, refuse } from '../boundary'
import { trayChange } from './trayChange'

const SUBJECTS: readonly string[] = [
  ...STEP_RULES.map((rule) => `step:${rule.id}`),
  ...HAZARD_IDS.map((id) => `hazard:${id}`),
  ...STEP_RULES.map(({ id }) => waitSubject(id)),
]

const isWait = (subject: string) => subject.startsWith(waitSubject(''))

/** Why a wait cannot be said to be over; null when it can. */
function tooEarly(subject: string, waits: readonly Wait[], now: Date): string | null {
  const wait = waits.find(({ step }) => waitSubject(step) === subject)
  if (!wait) return 'This wait was not begun: tick its step first.'
  const left = minutesLeft(wait, now)
  return left === 0 ? null : `${wait.title}: ${left} min left. Wait, or leave the rest of it out and say why.`
}

const tickSchema = Joi.object<{ trayId: number; subject: string; done: boolean }>({
  trayId: idSchema.required(),
  subject: Joi.string()
    .valid(...SUBJECTS)
    .required(),
  done: Joi.boolean().required(),
})

/** Ticks a step or a hazard with the time, or says that a wait is over, or takes that back. */
export const tickTray = trayChange(tickSchema, async (tx, { trayId, subject, done }, { waits }, now) => {
  const refused = done && isWait(subject) ? tooEarly(subject, waits, now) : null
  if (refused !== null) return refuse(refused, 'subject')
  for (const each of tickedTogether(subject)) await insertTick(tx, { trayId, subject: each, done, at: now })
  return null
})
