import Joi from 'joi'
import type { HazardId } from '@/core/tray/hazards'
import { HAZARD_IDS, hazardLabel } from '@/core/tray/hazards'
import { STEP_RULES } from '@/core/procedure/procedure'
import type { StepAnswered } from '@/core/procedure/StepQuestion'
import { answeredAs, MOST_DETAIL } from '@/core/procedure/StepQuestion'
import { isShownByTrail } from '@/core/procedure/stepsOnTrail'
import { againstDealing } from '@/core/stages/inOrder'
import { lastStanding, partsTrail } from '@/core/trail/partsTrail'
import type { Wait } from '@/core/waits/waits'
import { minutesLeft, waitSubject } from '@/core/waits/waits'
import type { Refusal } from '../boundary'
import { idSchema, refuse } from '../boundary'
import type { OpenedCase } from './openTrayCases'
import type { TrailRecord } from './recordTrail'
import { standingOrder } from './recordTrail'
import { tickWithTrail, trailOfStep } from './tickStep'
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

interface TickSent extends Partial<StepAnswered> {
  readonly trayId: number
  readonly subject: string
  readonly done: boolean
}

type Ticked = TickSent & StepAnswered

const tickSchema = Joi.object<Ticked>({
  trayId: idSchema.required(),
  subject: Joi.string()
    .valid(...SUBJECTS)
    .required(),
  done: Joi.boolean().required(),
  answer: Joi.string().allow('').max(MOST_DETAIL).default(''),
  detail: Joi.string()
    .allow('')
    .max(MOST_DETAIL)
    .default('')
    .messages({ 'string.max': `What was seen: at most ${MOST_DETAIL} characters. Shorten it.` }),
})

/**
 * Ticks a step or a hazard with the time, or says that a wait is over, or takes that back. What a step takes off or puts
 * back is recorded on the trail with it. A step that asks what was seen is done by a good answer alone; another one is
 * kept with it and leaves it open.
 */
export const tickTray = trayChange<Ticked, TickSent>(
  tickSchema,
  async (tx, ticking, opened, now) => {
    const { subject } = ticking
    const refused = ticking.done && isWait(subject) ? tooEarly(subject, opened.waits, now) : null
    if (refused !== null) return refuse(refused, 'subject')
    const records = onTrail(subject, ticking.done, opened)
    if ('ok' in records) return records
    const answered = ticking.done ? answerTo(ticking, opened) : UNASKED
    if (!answered.ok) return refuse(answered.against, 'answer')
    const said = answered.words
    const done = ticking.done && answered.good
    await tickWithTrail(tx, opened, { subject, done, said, records }, now)
    return null
  },
  ({ done, subject }) => (done && !subject.startsWith('hazard:') ? 'work' : 'decision'),
)

function againstHazard(hazard: HazardId, opened: OpenedCase): string | null {
  if (opened.allHazards.some(({ id }) => id === hazard)) return againstDealing(hazard, standingOrder(opened))
  return `Nothing to deal with: “${hazardLabel(hazard)}” is not asked for as this piece came in.`
}

const UNASKED = { ok: true, words: '', good: true } as const

function answerTo(ticked: Ticked, { procedure }: OpenedCase): ReturnType<typeof answeredAs> {
  const question = procedure.steps.find(({ id }) => ticked.subject === `step:${id}`)?.question
  return question ? answeredAs(question, ticked) : UNASKED
}

/** What a tick, or taking it back, records on the trail; a refusal where no tick can say it. */
function onTrail(subject: string, done: boolean, opened: OpenedCase): readonly TrailRecord[] | Refusal {
  const step = opened.procedure.steps.find(({ id }) => subject === `step:${id}`)
  if (!step) {
    const hazard = HAZARD_IDS.find((id) => subject === `hazard:${id}`)
    const against = done && hazard ? againstHazard(hazard, opened) : null
    return against === null ? [] : refuse(against, 'subject')
  }
  const { kept, trail } = opened
  if (!done) {
    if (!isShownByTrail(step, trail)) return []
    const last = lastStanding(kept.trail)
    const undo = last && { id: 0, at: last.at, kind: 'undo' as const, undoes: last.id }
    if (!undo || isShownByTrail(step, partsTrail([...kept.trail, undo])))
      return refuse('The parts trail shows it done: undo it there first, the tick goes with it.', 'subject')
    return [{ kind: 'undo', refersTo: undo.undoes }]
  }
  return trailOfStep(step, opened)
}
