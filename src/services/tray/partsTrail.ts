import Joi from 'joi'
import { MOST_REASON, reasonObjection } from '@/core/records/reason'
import { SIZE_MARKS, TRAIL_PART_IDS, TRAIL_PARTS } from '@/core/trail/parts'
import type { SizeMark, TrailPartId } from '@/core/trail/parts'
import { againstBack } from '@/core/stages/inOrder'
import { isOffAlready, lastStanding } from '@/core/trail/partsTrail'
import { homeRun } from '@/core/tray/isHome'
import { idSchema, refuse } from '../boundary'
import { answerOf, standingOrder, recordTrail } from './recordTrail'
import { trayChange } from './trayChange'

/** More of one part than any case has is a slip of the finger. From memory. */
const MOST_AT_ONCE = 24

interface OffInput {
  trayId: number
  part: TrailPartId
  count: number
  size: SizeMark
  clockHour: number | null
  photo: { id: number; x: number; y: number } | null
}

const offSchema = Joi.object<OffInput>({
  trayId: idSchema.required(),
  part: Joi.string()
    .valid(...TRAIL_PART_IDS)
    .required(),
  count: Joi.number()
    .integer()
    .min(1)
    .max(MOST_AT_ONCE)
    .required()
    .messages({
      'number.max': `Count: at most ${MOST_AT_ONCE} at once. Record them in two goes if there really are more.`,
      'number.min': 'Count: at least 1.',
    }),
  size: Joi.string()
    .valid(...SIZE_MARKS)
    .required(),
  clockHour: Joi.number().integer().min(1).max(12).allow(null).required(),
  photo: Joi.object({
    id: idSchema.required(),
    x: Joi.number().min(0).max(1).required(),
    y: Joi.number().min(0).max(1).required(),
  })
    .allow(null)
    .required(),
})

/** Records that parts came off, with their count, size mark and place. */
export const recordOff = trayChange(offSchema, async (tx, input, opened, now) => {
  const { part, count, size, clockHour, photo } = input
  if (isOffAlready(opened.trail, part)) {
    const { label } = TRAIL_PARTS[part]
    return refuse(`Nothing recorded: the ${label} is off already, and a case has one.`, 'part')
  }
  if (photo && !opened.kept.photos.some((p) => p.id === photo.id))
    return refuse('Place: this picture is not there any more. Choose another one.')
  const [photoId, photoX, photoY] = [photo?.id ?? null, photo?.x ?? null, photo?.y ?? null]
  await recordTrail(tx, opened, [{ kind: 'off', part, count, size, clockHour, photoId, photoX, photoY }], now)
  return null
})

interface AnswerInput {
  trayId: number
  offId: number
  kind: 'back' | 'renewed' | 'left-off'
  count: number
  reason: string
}

const answerSchema = Joi.object<AnswerInput>({
  trayId: idSchema.required(),
  offId: idSchema.required(),
  kind: Joi.string().valid('back', 'renewed', 'left-off').required(),
  count: Joi.number().integer().min(1).max(999).required(),
  reason: Joi.string().trim().allow('').max(MOST_REASON).required().prefs({ convert: true }),
})

/** Accounts for parts of one line: back on, renewed, or left off for a reason. */
export const answerOff = trayChange(answerSchema, async (tx, input, opened, now) => {
  const { offId, kind, count, reason } = input
  const objection = kind === 'left-off' ? reasonObjection(reason, 'owner keeps the old strap') : null
  if (objection !== null) return refuse(objection, 'reason')
  const line = opened.trail.find((l) => l.offIds.includes(offId))
  if (!line) return refuse('This line is not on the trail any more.')
  if (count > line.open) {
    return refuse(
      `${TRAIL_PARTS[line.part].label}: ${count} would be more than came off; ${line.open} still to come.`,
    )
  }
  const against = kind === 'left-off' ? null : againstBack(line.part, standingOrder(opened))
  if (against !== null) return refuse(against)
  await recordTrail(tx, opened, [answerOf(line, kind, count, reason)], now)
  return null
})

const undoSchema = Joi.object<{ trayId: number }>({ trayId: idSchema.required() })

/** Takes back the last thing recorded on the trail that still stands. */
export const undoTrail = trayChange(
  undoSchema,
  async (tx, _, opened, now) => {
    const last = lastStanding(opened.kept.trail)
    if (!last) return refuse('Nothing to undo: the trail is empty.')
    // What was pressed in is in, whatever the trail says.
    if (last.kind !== 'off' && homeRun(opened.kept)?.ranAt.toISOString() === last.at)
      return refuse('The press put it back: log what became of it at Press in.')
    await recordTrail(tx, opened, [{ kind: 'undo', refersTo: last.id }], now)
    return null
  },
  'decision',
)
