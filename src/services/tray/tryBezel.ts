import Joi from 'joi'
import type { OtherWay, TurnFeel } from '@/core/bezel/bezelAction'
import { bezelActionFields } from '@/core/records/bezelActionFields'
import { againstStep } from '@/core/stages/inOrder'
import { CLICKS } from '@/core/stages/prove'
import { insertBezelAction } from '@/data/queries/bezelActions'
import { setBezelClicks } from '@/data/queries/caseSheets'
import { idSchema, refuse, validateRecord } from '../boundary'
import { standingOrder } from './recordTrail'
import { trayChange } from './trayChange'

interface Tried {
  readonly trayId: number
  readonly fields: Readonly<Record<string, unknown>>
}

const schema = Joi.object<Tried>({
  trayId: idSchema.required(),
  fields: Joi.object().unknown().required(),
})

/**
 * Keeps how a turning bezel was tried. A count nobody had is the case sheet's from then on. From there the record says
 * whether it turns as it should, and no tick does.
 */
export const tryBezel = trayChange(schema, async (tx, { trayId, fields }, opened, now) => {
  const { kept, procedure } = opened
  const step = procedure.steps.find(({ id }) => id === CLICKS)
  if (!step) return refuse('This job has no turning bezel that was off: nothing to try.')
  const early = againstStep(step, standingOrder(opened))
  if (early !== null) return refuse(early)
  const checked = validateRecord(bezelActionFields(kept.sheet.bezelKind), fields)
  if (!checked.ok) return checked
  const { clicks = null, otherWay = null, backPlayDeg = null, zeroOnMark, feel } = checked.value
  const counted = typeof clicks === 'number' ? clicks : null
  await insertBezelAction(tx, {
    trayId,
    clicks: counted,
    // The form's options are these very words, checked just before.
    otherWay: otherWay as OtherWay | null,
    backPlayDeg: typeof backPlayDeg === 'number' ? backPlayDeg : null,
    zeroOnMark: zeroOnMark === true,
    feel: feel as TurnFeel,
    at: now,
  })
  if (counted !== null && kept.sheet.bezelClicks === null) await setBezelClicks(tx, kept.sheet.id, counted)
  return null
})
