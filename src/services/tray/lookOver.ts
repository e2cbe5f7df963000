import Joi from 'joi'
import type { OwnPartId, Seen } from '@/core/own-parts/OwnPart'
import { OWN_PART_IDS, OWN_PARTS, serves } from '@/core/own-parts/OwnPart'
import { insertLookedOver } from '@/data/queries/ownParts'
import { idSchema, refuse } from '../boundary'
import { trayChange } from './trayChange'

interface LookOver {
  readonly trayId: number
  readonly part: OwnPartId
  readonly seen: Seen
}

const partSchema = Joi.string()
  .valid(...OWN_PART_IDS)
  .required()

const lookOverSchema = Joi.object<LookOver>({
  trayId: idSchema.required(),
  part: partSchema,
  seen: Joi.string().max(40).required(),
})

const NOT_HERE = 'This job does not touch that part of the piece: load the page again.'

/** Writes down what was seen of a part that came off. What does not serve is not put back any more. */
export const lookOver = trayChange(lookOverSchema, async (tx, { trayId, part, seen }, { kept, own }, now) => {
  if (!own.parts.some(({ id }) => id === part)) return refuse(NOT_HERE, 'part')
  const { label, seen: ways } = OWN_PARTS[part]
  if (!ways.some((way) => way === seen))
    return refuse(`Seen of the ${label}: “${seen}” is none of ${ways.join(', ')}.`, 'seen')
  const goesBack = serves(seen) && kept.looked[part]?.goesBack === true
  await insertLookedOver(tx, { trayId, part, seen, goesBack, at: now })
  return null
})

interface OwnBack {
  readonly trayId: number
  readonly part: OwnPartId
  readonly goesBack: boolean
}

const ownBackSchema = Joi.object<OwnBack>({
  trayId: idSchema.required(),
  part: partSchema,
  goesBack: Joi.boolean().required(),
})

/** Says that a part of the piece itself goes back instead of a new one, or takes that back. */
export const ownBack = trayChange(
  ownBackSchema,
  async (tx, { trayId, part, goesBack }, { own }, now) => {
    const there = own.parts.find(({ id }) => id === part)
    if (!there) return refuse(NOT_HERE, 'part')
    const { label, goes } = OWN_PARTS[part]
    if (goes !== 'when-said')
      return refuse(
        goes === 'picked'
          ? `The ${label} goes back by being picked.`
          : `The ${label} goes back as long as it serves: say what is seen of it.`,
        'part',
      )
    if (there.seen === null || (goesBack && there.against !== null))
      return refuse(`Its own ${label}: ${there.against ?? 'look it over first'}.`, 'part')
    await insertLookedOver(tx, { trayId, part, seen: there.seen, goesBack, at: now })
    return null
  },
  'decision',
)
