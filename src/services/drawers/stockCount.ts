import Joi from 'joi'
import type { MoveReason } from '@/core/stock/moveReasons'
import type { PartKind } from '@/core/parts/parts'
import { PART_KINDS } from '@/core/parts/parts'
import type { Db } from '@/data/client'
import { quantityHeld } from '@/data/queries/stockLines'
import { moveStock } from '@/data/queries/stockMoves'
import { transact } from '@/data/transact'
import { action } from '../action'
import type { Refusal } from '../boundary'
import { idSchema, refuse } from '../boundary'

interface CountInput {
  readonly kind: PartKind
  readonly partId: number
  readonly counted: number
}

const MOST_PIECES = 9999
const kindSchema = Joi.string().valid(...PART_KINDS)
const pieces = (least: number, name: string) =>
  Joi.number()
    .integer()
    .min(least)
    .max(MOST_PIECES)
    .required()
    .messages({
      'number.base': `${name}: type a whole number.`,
      'number.integer': `${name}: type a whole number.`,
      'number.min': `${name}: {#value} is less than ${least}.`,
      'number.max': `${name}: {#value} is more than ${MOST_PIECES}.`,
    })
const countSchema = Joi.object<CountInput>({
  kind: kindSchema.required(),
  partId: idSchema.required(),
  counted: pieces(0, 'Counted'),
})

export type CountOutcome = { ok: true; quantity: number; change: number } | Refusal

/** Sets a line to what was counted in its drawer; the difference is kept as a move. */
export const countPart = action(countSchema, async (db, input, now): Promise<CountOutcome> => {
  const { kind, partId, counted } = input
  return transact(db, async (tx) => {
    // Nobody takes from it between the look and the count.
    const held = await quantityHeld(tx, kind, partId)
    if (held === null) return refuse('This line is not in the drawers any more.')
    return moved(tx, { kind, partId, change: counted - held, reason: 'counted' }, now)
  })
})

interface ReceiveInput {
  readonly kind: PartKind
  readonly partId: number
  readonly pieces: number
}

const receiveSchema = Joi.object<ReceiveInput>({
  kind: kindSchema.required(),
  partId: idSchema.required(),
  pieces: pieces(1, 'Pieces'),
})

/** Puts pieces that came from a supplier into their drawer. */
export const receivePart = action(receiveSchema, async (db, input, now): Promise<CountOutcome> => {
  const { kind, partId, pieces: change } = input
  return moved(db, { kind, partId, change, reason: 'received' }, now)
})

async function moved(
  db: Db,
  move: { kind: PartKind; partId: number; change: number; reason: MoveReason },
  now: Date,
): Promise<CountOutcome> {
  const quantity = await transact(db, (tx) => moveStock(tx, { ...move, trayId: null, movedAt: now }))
  return quantity === null
    ? refuse('Somebody took from this drawer meanwhile: count it again.')
    : { ok: true, quantity, change: move.change }
}
