import Joi from 'joi'
import type { ClockForm } from '@/core/units/clockForm'
import { CLOCK_FORMS, USUAL_CLOCK } from '@/core/units/clockForm'
import type { Db } from '@/data/client'
import { changeShopSettings, shopSettingsRow } from '@/data/queries/shopSettings'
import { action } from '../action'

/** How this shop writes the time of day. */
export async function shopClock(db: Db): Promise<ClockForm> {
  return (await shopSettingsRow(db))?.clock ?? USUAL_CLOCK
}

const schema = Joi.object<{ clock: ClockForm }>({
  clock: Joi.string()
    .valid(...CLOCK_FORMS)
    .required()
    .label('Time of day'),
})

/** Sets how this shop writes the time of day, on every screen and on paper. */
export const saveShopClock = action(schema, async (db, { clock }) => {
  await changeShopSettings(db, { clock })
  return { ok: true as const }
})
