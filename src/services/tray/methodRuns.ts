import Joi from 'joi'
import type { MethodProposal, MethodSituation } from '@/core/methods/assessMethod'
import { assessmentText, assessMethod, SCOPES } from '@/core/methods/assessMethod'
import { PROCESSES } from '@/core/methods/harmTable'
import { partsTrail } from '@/core/trail/partsTrail'
import type { Db } from '@/data/client'
import { endMethodRun, insertMethodRun, openMethodRuns } from '@/data/queries/methodRuns'
import { trailOfTray } from '@/data/queries/trail'
import type { TrayRow } from '@/data/queries/trays'
import { idSchema, refuse, validate } from '../boundary'
import { factsOfTray } from './factsOfTray'
import type { ViewOutcome } from './changeTray'
import { changeTray } from './changeTray'

const startSchema = Joi.object<MethodProposal & { trayId: number; heeded: boolean }>({
  trayId: idSchema.required(),
  process: Joi.string()
    .valid(...PROCESSES)
    .required(),
  scope: Joi.string()
    .valid(...SCOPES)
    .required(),
  heeded: Joi.boolean().required(),
})

/** What a method is checked against: this tray as it stands now and everything open on the bench. */
async function situationOf(db: Db, row: TrayRow): Promise<MethodSituation> {
  const [facts, events, bench] = await Promise.all([
    factsOfTray(db, row),
    trailOfTray(db, row.tray.id),
    openMethodRuns(db),
  ])
  const strapOff = partsTrail(events).some((line) => line.part === 'strap' && line.open > 0)
  return { facts, strapOff, bench }
}

/**
 * Starts a bath, a flame or the like on a tray.
 * What is blocked is refused with its reason and the way round; a warning has to be heeded first.
 */
export async function startMethod(db: Db, input: unknown, now: Date): Promise<ViewOutcome> {
  const checked = validate(startSchema, input)
  if (!checked.ok) return checked
  const { trayId, process, scope, heeded } = checked.value
  return changeTray(db, trayId, async (row) => {
    const assessment = assessMethod({ process, scope }, await situationOf(db, row))
    if (assessment.severity === 'block') {
      return refuse(
        `Blocked: ${assessmentText({ process }, assessment)} Way round: ${assessment.wayRound ?? ''}`,
        'method',
      )
    }
    if (assessment.severity === 'warn' && !heeded) {
      return refuse(`Protect first, then confirm: ${assessmentText({ process }, assessment)}`, 'method')
    }
    await insertMethodRun(db, { trayId, process, scope, startedAt: now })
    return null
  })
}

const endSchema = Joi.object<{ trayId: number; runId: number }>({
  trayId: idSchema.required(),
  runId: idSchema.required(),
})

/** Ends what is open: lid on, flame out. */
export async function endMethod(db: Db, input: unknown, now: Date): Promise<ViewOutcome> {
  const checked = validate(endSchema, input)
  if (!checked.ok) return checked
  const { trayId, runId } = checked.value
  return changeTray(db, trayId, async () =>
    (await endMethodRun(db, trayId, runId, now)) ? null : refuse('It is not open any more.'),
  )
}
