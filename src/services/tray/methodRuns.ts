import Joi from 'joi'
import type { MethodProposal } from '@/core/methods/assessMethod'
import { assessmentText } from '@/core/methods/assessMethod'
import { SCOPES } from '@/core/methods/scopes'
import { PROCESSES } from '@/core/methods/harmTable'
import { endMethodRun, insertMethodRun } from '@/data/queries/methodRuns'
import { idSchema, refuse } from '../boundary'
import { trayChange } from './trayChange'

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

/**
 * Starts a bath, a flame or the like on a tray.
 * What is blocked is refused with its reason and the way round; a warning has to be heeded first.
 */
export const startMethod = trayChange(startSchema, async (tx, input, { method }, now) => {
  const { trayId, process, scope, heeded } = input
  const assessment = method({ process, scope })
  if (assessment.severity === 'block') {
    return refuse(
      `Blocked: ${assessmentText({ process }, assessment)} Way round: ${assessment.wayRound ?? ''}`,
      'method',
    )
  }
  if (assessment.severity === 'warn' && !heeded)
    return refuse(`Protect first, then confirm: ${assessmentText({ process }, assessment)}`, 'method')
  await insertMethodRun(tx, { trayId, process, scope, startedAt: now })
  return null
})

const endSchema = Joi.object<{ trayId: number; runId: number }>({
  trayId: idSchema.required(),
  runId: idSchema.required(),
})

/** Ends what is open: lid on, flame out. */
export const endMethod = trayChange(endSchema, async (tx, { trayId, runId }, _, now) =>
  (await endMethodRun(tx, trayId, runId, now)) ? null : refuse('It is not open any more.'),
)
