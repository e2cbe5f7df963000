import Joi from 'joi'
import type { StraightPair } from '@/core/straight/pairs'
import { PAIR_WORDS, STRAIGHT_PAIRS } from '@/core/straight/pairs'
import { checkLook, checkSetting } from '@/core/straight/checkLook'
import { offsetsOfPicture } from '@/core/straight/fitOfPicture'
import { MOST_OFFSET_MM } from '@/core/straight/lookLimits'
import { pairsOfCase } from '@/core/straight/pairsOfCase'
import type { ByPicture, LookMethod, StraightLook } from '@/core/straight/StraightLook'
import { LOOK_METHODS } from '@/core/straight/StraightLook'
import type { Db } from '@/data/client'
import { insertStraightLook } from '@/data/queries/straightLooks'
import type { Refusal } from '../boundary'
import { idSchema, refuse } from '../boundary'
import type { OpenedCase } from './openTrayCases'
import { trayChange } from './trayChange'

const MOST_TEXT = 30
const MOST_TURN_DEG = 180
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

type LookedByPicture = Omit<LookSent, 'method' | 'offsets'> & {
  readonly told: ByPicture
  /** pictures kept with the tray: the first, and the one with the head turned by half */
  readonly photoIds: readonly number[]
}

const MOST_PICTURES = 2

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
  const against = againstLook(look.pair, opened)
  if (against) return against
  const checked = checkLook(look)
  if (!checked.ok) return checked
  const { ok: _, ...read } = checked
  return keepLook(tx, opened, { ...look, ...read, byPicture: null, photoIds: [] }, now)
})

const pictureSchema = Joi.object<LookedByPicture>({
  trayId: idSchema.required(),
  pair: Joi.string()
    .valid(...STRAIGHT_PAIRS.filter((pair) => PAIR_WORDS[pair].isRing))
    .required(),
  radius: typed.required(),
  limit: typed.required(),
  moves: Joi.boolean().allow(null).required(),
  after: Joi.string().max(MOST_TEXT).allow(null).required(),
  asked: Joi.boolean().required(),
  told: Joi.object<ByPicture>({
    turnedDeg: Joi.number().min(-MOST_TURN_DEG).max(MOST_TURN_DEG).required(),
    towards3Mm: Joi.number().min(-MOST_OFFSET_MM).max(MOST_OFFSET_MM).required(),
    towards12Mm: Joi.number().min(-MOST_OFFSET_MM).max(MOST_OFFSET_MM).required(),
    turnUncertaintyDeg: Joi.number().positive().max(1).required(),
    centreUncertaintyMm: Joi.number().positive().max(1).required(),
  }).required(),
  photoIds: Joi.array().items(idSchema.required()).min(1).max(MOST_PICTURES).required(),
})

/** Keeps what a picture told of a ring, see lookStraight. */
export const lookByPicture = trayChange(pictureSchema, async (tx, look, opened, now) => {
  const against = againstLook(look.pair, opened)
  if (against) return against
  const checked = checkSetting(look)
  if (!checked.ok) return checked
  if (!look.photoIds.every((id) => opened.kept.photos.some((photo) => photo.id === id)))
    return refuse('Picture: it is not with this tray any more. Choose it once more.', 'picture')
  const { radiusMm, limitMm } = checked
  const offsets = offsetsOfPicture(look.told, radiusMm)
  const read = { method: 'picture' as const, radiusMm, limitMm, offsets, byPicture: look.told }
  return keepLook(tx, opened, { ...look, ...read }, now)
})

/** Why a pair cannot be looked at on this case now; null where it can. */
function againstLook(pair: StraightPair, opened: OpenedCase): Refusal | null {
  if (!pairsOfCase(opened.facts).includes(pair)) {
    const none = `${PAIR_WORDS[pair].label}: this case has none by its sheet. Correct the sheet first.`
    return refuse(none, 'pair')
  }
  const off = opened.againstLooking(pair)
  return off === null ? null : refuse(off, 'pair')
}

type Kept = Pick<
  StraightLook,
  'pair' | 'method' | 'radiusMm' | 'limitMm' | 'offsets' | 'moves' | 'after' | 'byPicture'
> &
  Pick<LookSent, 'trayId' | 'asked'> &
  Pick<LookedByPicture, 'photoIds'>

async function keepLook(tx: Db, opened: OpenedCase, look: Kept, now: Date): Promise<Refusal | null> {
  const { trayId, pair, method, radiusMm, limitMm, offsets, moves, after, asked, byPicture, photoIds } = look
  const remedy = after === null ? NOTHING_DONE : remedyDone({ pair, after, asked }, opened)
  if ('ok' in remedy) return remedy
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
    byPicture,
    photoId: photoIds[0] ?? null,
    secondPhotoId: photoIds[1] ?? null,
    at: now,
  })
  return null
}

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
