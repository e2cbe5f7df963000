import Joi from 'joi'
import { pressWorksOf } from '@/core/press/plan/pressPlan'
import type { OtherPressWork, WorkOutcome } from '@/core/press/pressWorks'
import { PRESS_WORK_FACTS, PRESS_WORKS } from '@/core/press/pressWorks'
import { WORK_RUN_FIELDS } from '@/core/records/jobFields'
import { againstPress } from '@/core/stages/inOrder'
import { insertPressRun } from '@/data/queries/picks'
import { refuse } from '../boundary'
import { pressCaseOf } from './pressCase'
import type { PressChecked, PressSent } from './pressTools'
import { checkPress, keptOfCell, pressValues, wrongTool } from './pressTools'
import { standingOrder } from './recordTrail'
import { tickWithTrail, trailOfStep } from './tickStep'
import { trayChange } from './trayChange'

interface OfWork {
  readonly work: OtherPressWork
}

const ofWork: Joi.SchemaMap<OfWork> = {
  work: Joi.string()
    .valid(...PRESS_WORKS.filter((work) => work !== 'crystal-in'))
    .required(),
}

/** A thumb does without. */
const NEEDS = { press: false, pusher: false, support: false }

/**
 * Logs a press of anything but a crystal that goes in. One that went well shows its step to be done, as a tick does.
 */
export const logWorkRun = trayChange<PressChecked & OfWork, PressSent & OfWork>(
  checkPress(WORK_RUN_FIELDS, ofWork),
  async (tx, run, opened, now) => {
    const { work, fields, trace, ...used } = run
    const steps = opened.procedure.steps
    const facts = PRESS_WORK_FACTS[work]
    if (
      !pressWorksOf(
        pressCaseOf(opened, []),
        steps.map(({ id }) => id),
      ).includes(work)
    )
      return refuse(`${facts.label}: this job has no such press.`, 'work')
    const wrong = await wrongTool(tx, NEEDS, opened.kept.presses, used)
    if (wrong) return wrong
    const early = againstPress(work, standingOrder(opened))
    if (early !== null) return refuse(early, 'work')
    const cell = keptOfCell(trace, opened, false)
    if (!cell.ok) return cell
    // The form's options are the outcomes, checked just before.
    const outcome = fields['outcome'] as WorkOutcome
    await insertPressRun(tx, { ...used, work, ranAt: now, ...pressValues(fields), outcome, ...cell.kept })
    const step = outcome === 'done' ? steps.find(({ id }) => id === facts.step) : undefined
    if (!step || opened.kept.ticks[`step:${step.id}`] !== undefined) return null
    const records = trailOfStep(step, opened)
    if ('ok' in records) return records
    await tickWithTrail(tx, opened, { subject: `step:${step.id}`, done: true, said: '', records }, now)
    return null
  },
)
