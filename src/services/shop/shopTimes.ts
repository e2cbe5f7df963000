import Joi from 'joi'
import type { ClockForm } from '@/core/units/clockForm'
import { CLOCK_FORMS, USUAL_CLOCK } from '@/core/units/clockForm'
import type { ShopTime } from '@/core/units/shopTime'
import { isZone, machineZone } from '@/core/units/shopTime'
import type { Db } from '@/data/client'
import { changeShopSettings, shopSettingsRow } from '@/data/queries/shopSettings'
import { action } from '../action'
import { refuse } from '../boundary'

/** Where nobody chose: hours from 0 to 24, and this machine's own days. */
export const USUAL_TIME: ShopTime = {
  clock: USUAL_CLOCK,
  zone: machineZone(),
}

/** How this shop writes times, and whose days it goes by. */
export async function shopTime(db: Db): Promise<ShopTime> {
  const row = await shopSettingsRow(db)
  return { clock: row?.clock ?? USUAL_TIME.clock, zone: row?.timeZone ?? USUAL_TIME.zone }
}

const clockSchema = Joi.object<{ clock: ClockForm }>({
  clock: Joi.string()
    .valid(...CLOCK_FORMS)
    .required()
    .label('Time of day'),
})

/** Sets how this shop writes the time of day, on every screen and on paper. */
export const saveShopClock = action(clockSchema, async (db, { clock }) => {
  await changeShopSettings(db, { clock })
  return { ok: true as const }
})

const zoneSchema = Joi.object<{ zone: string }>({
  zone: Joi.string().max(60).required().label('Time zone'),
})

/** Sets whose days and hours the shop goes by, wherever it is looked at from. */
export const saveShopZone = action(zoneSchema, async (db, { zone }) => {
  if (!isZone(zone))
    return refuse(
      `Time zone: “${zone.slice(0, 40)}” is none. Choose one of the list, as Europe/Lisbon.`,
      'zone',
    )
  await changeShopSettings(db, { timeZone: zone })
  return { ok: true as const }
})
