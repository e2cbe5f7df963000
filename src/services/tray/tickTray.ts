import Joi from 'joi'
import { insertTick } from '@/data/queries/ticks'
import { HAZARD_IDS } from '@/core/tray/hazards'
import { STEP_RULES } from '@/core/procedure/procedure'
import { isShownByTrail, saidByTick } from '@/core/procedure/stepsOnTrail'
import { tickedTogether } from '@/core/procedure/tickedTogether'
import { againstStep } from '@/core/stages/inOrder'
import { renewedParts } from '@/core/tray/renewedParts'
import { lastStanding, partsTrail } from '@/core/trail/partsTrail'
import type { Wait } from '@/core/waits/waits'
import { minutesLeft, waitSubject } from '@/core/waits/waits'
import type { Refusal } from '../boundary'
import { idSchema, refuse } from '../boundary'
import type { OpenedCase } from './openTrayCases'
import type { TrailRecord } from './recordTrail'
import { answerOf, orderOf, recordTrail } from './recordTrail'
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
  return left === 0 ? null : `${wait.title}: ${left} min left. Wait, or cut it short and say why.`
}

const tickSchema = Joi.object<{ trayId: number; subject: string; done: boolean }>({
  trayId: idSchema.required(),
  subject: Joi.string()
    .valid(...SUBJECTS)
    .required(),
  done: Joi.boolean().required(),
})

/**
 * Ticks a step or a hazard with the time, or says that a wait is over, or takes that back. What a step takes off or puts
 * back is recorded on the trail with it.
 */
export const tickTray = trayChange(tickSchema, async (tx, { trayId, subject, done }, opened, now) => {
  const refused = done && isWait(subject) ? tooEarly(subject, opened.waits, now) : null
  if (refused !== null) return refuse(refused, 'subject')
  const records = onTrail(subject, done, opened)
  if ('ok' in records) return records
  const ticked = await recordTrail(tx, opened, records, now)
  for (const each of tickedTogether(subject).filter((one) => !ticked.includes(one)))
    await insertTick(tx, { trayId, subject: each, done, at: now })
  return null
})

/** What a tick, or taking it back, records on the trail; a refusal where no tick can say it. */
function onTrail(subject: string, done: boolean, opened: OpenedCase): readonly TrailRecord[] | Refusal {
  const step = opened.procedure.steps.find(({ id }) => subject === `step:${id}`)
  if (!step) return []
  const { kept, trail } = opened
  if (!done) {
    if (!isShownByTrail(step, trail)) return []
    const last = lastStanding(kept.trail)
    const undo = last && { id: 0, at: last.at, kind: 'undo' as const, undoes: last.id }
    if (!undo || isShownByTrail(step, partsTrail([...kept.trail, undo])))
      return refuse('The parts trail shows it done: undo it there first, the tick goes with it.', 'subject')
    return [{ kind: 'undo', refersTo: undo.undoes }]
  }
  const early = againstStep(step, orderOf(opened))
  if (early !== null) return refuse(early, 'subject')
  const { off, back, against } = saidByTick(step, trail)
  if (against !== null) return refuse(against, 'subject')
  const renewed = renewedParts(opened)
  return [
    ...off.map((part) => ({ kind: 'off' as const, part, count: 1 })),
    ...back.map((line) => answerOf(line, renewed.has(line.part) ? 'renewed' : 'back', line.open)),
  ]
}
