import Joi from 'joi'
import type { StraightPair } from '@/core/straight/pairs'
import { PAIR_WORDS, STRAIGHT_PAIRS } from '@/core/straight/pairs'
import { checkLook } from '@/core/straight/checkLook'
import { pairsOfCase } from '@/core/straight/pairsOfCase'
import type { LookMethod } from '@/core/straight/StraightLook'
import { LOOK_METHODS } from '@/core/straight/StraightLook'
import { insertStraightLook } from '@/data/queries/straightLooks'
import type { Refusal } from '../boundary'
import { idSchema, refuse } from '../boundary'
import type { OpenedCase } from './openTrayCases'
import { trayChange } from './trayChange'

const MOST_TEXT = 30
const HOURS = 12

interface LookSent {
  readonly trayId: number
  readonly pair: StraightPair
  readonly method: LookMethod
  readonly radius: string
  readonly limit: string
  readonly offsets: readonly { readonly hour: number; readonly text: string }[]
  readonly moves: boolean | null
  /** the remedy done before; null as found */
  readonly after: string | null
  /** that what cannot be undone was asked about */
  readonly asked: boolean
}

const typed = Joi.string().allow('').max(MOST_TEXT)

const schema = Joi.object<LookSent>({
  trayId: idSchema.required(),
  pair: Joi.string()
    .valid(...STRAIGHT_PAIRS)
    .required(),
  method: Joi.string()
    .valid(...LOOK_METHODS)
    .required(),
  radius: typed.required(),
  limit: typed.required(),
  offsets: Joi.array()
    .items(Joi.object({ hour: Joi.number().integer().min(1).max(HOURS).required(), text: typed.required() }))
    .unique('hour')
    .max(HOURS)
    .required(),
  moves: Joi.boolean().allow(null).required(),
  after: Joi.string().max(MOST_TEXT).allow(null).required(),
  asked: Joi.boolean().required(),
})

/**
 * Keeps a look at whether something stands straight: as found, or after a remedy. Nothing is taken for straight that was
 * not read.
 */
export const lookStraight = trayChange(schema, async (tx, look, opened, now) => {
  const { trayId, pair, method, moves, after, asked } = look
  if (!pairsOfCase(opened.facts).includes(pair))
    return refuse(
      `${PAIR_WORDS[pair].label}: this case has none by its sheet. Correct the sheet first.`,
      'pair',
    )
  const off = opened.againstLooking(pair)
  if (off !== null) return refuse(off, 'pair')
  const checked = checkLook(look)
  if (!checked.ok) return checked
  const remedy = after === null ? NOTHING_DONE : remedyDone({ pair, after, asked }, opened)
  if ('ok' in remedy) return remedy
  const { radiusMm, limitMm, offsets } = checked
  await insertStraightLook(tx, {
    trayId,
    pair,
    method,
    radiusMm,
    limitMm,
    offsets,
    moves: pair === 'chapter-dial' ? moves : null,
    after,
    afterWords: remedy.words,
    at: now,
  })
  return null
})

const NOTHING_DONE = { words: '' }

/** What was done since the last look, in the words it was told in; a refusal of what was none there. */
function remedyDone(
  { pair, after, asked }: Pick<LookSent, 'pair' | 'asked'> & { readonly after: string },
  { straight }: OpenedCase,
): { readonly words: string } | Refusal {
  const stands = straight.find((one) => one.pair === pair)
  const remedy = stands?.remedies.find(({ id }) => id === after)
  if (stands?.last.fit.doubt) {
    const again = 'Read them again before anything is done.'
    return refuse(`What was done: the places read do not agree. ${again}`, 'after')
  }
  if (stands && stands.movedSince !== null)
    return refuse(`What was done: ${stands.movedSince}. Read it again as it stands first.`, 'after')
  if (!remedy)
    return refuse('What was done: no remedy of what stands here now. Load the page again.', 'after')
  if (remedy.against !== null) return refuse(`${remedy.title}: ${remedy.against}`, 'after')
  if (remedy.undo === 'never' && !asked)
    return refuse(`${remedy.title}: it cannot be taken back. Say that the owner was asked.`, 'asked')
  return { words: remedy.title }
}
