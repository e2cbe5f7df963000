import Joi from 'joi'
import { OWN_PARTS } from '@/core/own-parts/OwnPart'
import type { Seen } from '@/core/own-parts/OwnPart'
import { removalFields } from '@/core/records/removalFields'
import { againstLogging } from '@/core/removal/againstLogging'
import { removalStep } from '@/core/removal/planRemoval'
import type { RemovalOutcome, RemovalWay, RemovedPart } from '@/core/removal/Removal'
import { REMOVED_PARTS } from '@/core/removal/Removal'
import { againstStep } from '@/core/stages/inOrder'
import { insertLookedOver } from '@/data/queries/ownParts'
import { insertRemoval } from '@/data/queries/removals'
import { idSchema, refuse, validateRecord } from '../boundary'
import { standingOrder } from './recordTrail'
import { trayChange } from './trayChange'

interface Logged {
  readonly trayId: number
  readonly part: RemovedPart
  readonly fields: Readonly<Record<string, unknown>>
}

const schema = Joi.object<Logged>({
  trayId: idSchema.required(),
  part: Joi.string()
    .valid(...REMOVED_PARTS)
    .required(),
  fields: Joi.object().unknown().required(),
})

/** What a part that was harmed as it came off looks like. */
const SEEN_AFTER: Readonly<Partial<Record<RemovalOutcome, Seen>>> = { bent: 'bent', broke: 'cracked' }

/**
 * Writes down how a part came off, or that it would not. What bent or broke it is looked over by that: its own does not go
 * back.
 */
export const logRemoval = trayChange(schema, async (tx, { trayId, part, fields }, opened, now) => {
  const step = removalStep(part, opened.procedure.steps)
  if (!step) return refuse(`This job takes no ${part} off.`, 'part')
  const early = againstStep(step, standingOrder(opened))
  if (early !== null) return refuse(early)
  const checked = validateRecord(removalFields(part), fields)
  if (!checked.ok) return checked
  // The form's options are these very words, checked just before.
  const way = checked.value['way'] as RemovalWay
  const outcome = checked.value['outcome'] as RemovalOutcome
  const { minutes, note } = checked.value
  const against = againstLogging({ part, outcome }, opened.trail)
  if (against !== null) return refuse(against, 'outcome')
  await insertRemoval(tx, {
    ...{ trayId, part, way, outcome },
    minutes: typeof minutes === 'number' ? minutes : null,
    note: typeof note === 'string' ? note : '',
    at: now,
  })
  const seen = SEEN_AFTER[outcome]
  const own = opened.own.parts.find(({ id }) => id === part)
  if (seen && own && OWN_PARTS[own.id].seen.some((one) => one === seen))
    await insertLookedOver(tx, { trayId, part: own.id, seen, goesBack: false, at: now })
  return null
})
