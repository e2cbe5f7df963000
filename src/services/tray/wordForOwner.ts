import Joi from 'joi'
import { MOST_LINE_LENGTH, OWN_LINE } from '@/core/letter/OwnerLetter'
import { insertOwnerWords } from '@/data/queries/ownerWords'
import { idSchema, refuse } from '../boundary'
import { letterOf } from './letterOf'
import { shopTime } from '../shop/shopTimes'
import { trayChange } from './trayChange'

interface Worded {
  readonly trayId: number
  readonly key: string
  /** null takes back what was written; empty leaves the line out */
  readonly words: string | null
}

const schema = Joi.object<Worded>({
  trayId: idSchema.required(),
  key: Joi.string().max(80).required(),
  words: Joi.string()
    .trim()
    .allow('', null)
    .max(MOST_LINE_LENGTH)
    .required()
    .prefs({ convert: true })
    .messages({
      'string.max': `This line has more than ${MOST_LINE_LENGTH} characters. Shorten it, or add the rest as a line of your own.`,
    }),
})

/** Words one line of an owner's letter otherwise than it is drafted, leaves it out, or takes that back. */
export const wordForOwner = trayChange(schema, async (tx, { trayId, key, words }, opened, now) => {
  const letter = letterOf(opened, await shopTime(tx), now)
  const there = letter.parts.flatMap(({ lines }) => lines).some((line) => line.key === key)
  if (!there && key !== OWN_LINE) return refuse('This line is not in the letter any more: look at it again.')
  await insertOwnerWords(tx, { trayId, key, words, at: now })
  return null
})
