import Joi from 'joi'
import type { FindingKind } from '@/core/intake/Finding'
import { FINDING_KINDS, isTightness, MOST_FINDING_LENGTH } from '@/core/intake/Finding'
import { BACK_TIGHTNESSES } from '@/core/intake/jobWords'
import type { StageId } from '@/core/stages/stages'
import { STAGE_IDS } from '@/core/stages/stages'
import { insertFinding, takeBackFinding } from '@/data/queries/findings'
import { idSchema, refuse } from '../boundary'
import { trayChange } from './trayChange'

const findingSchema = Joi.object<{ trayId: number; kind: FindingKind; words: string; stage: StageId }>({
  trayId: idSchema.required(),
  kind: Joi.string()
    .valid(...FINDING_KINDS)
    .required(),
  words: Joi.string()
    .trim()
    .max(MOST_FINDING_LENGTH)
    .required()
    .prefs({ convert: true })
    .messages({
      'string.empty': 'Finding is missing: write what you see.',
      'string.max': `Finding has more than ${MOST_FINDING_LENGTH} characters. Shorten it, or make two of it.`,
    }),
  stage: Joi.string()
    .valid(...STAGE_IDS)
    .required(),
})

/** Writes down what was found on a piece. How tight the back was is graded once: a new grade replaces the old. */
export const noteFinding = trayChange(findingSchema, async (tx, input, { kept }, now) => {
  const { trayId, kind, words, stage } = input
  if (kind === 'back-tightness') {
    if (!isTightness(words))
      return refuse(
        `How tight: “${words.slice(0, 20)}” is not one of ${BACK_TIGHTNESSES.join(', ')}.`,
        'words',
      )
    for (const old of kept.findings) if (old.kind === kind) await takeBackFinding(tx, trayId, old.id, now)
  }
  await insertFinding(tx, { trayId, kind, words, stage, foundAt: now })
  return null
})

const backSchema = Joi.object<{ trayId: number; findingId: number }>({
  trayId: idSchema.required(),
  findingId: idSchema.required(),
})

/** Takes a finding back: it stays on record with the time, and out of the report. */
export const takeBackNote = trayChange(
  backSchema,
  async (tx, { trayId, findingId }, _, now) =>
    (await takeBackFinding(tx, trayId, findingId, now))
      ? null
      : refuse('This finding is not there any more.'),
  'decision',
)
