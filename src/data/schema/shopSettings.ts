import type { Keeping } from '@/core/backups/keptBackups'
import type { ClockForm } from '@/core/units/clockForm'
import { USUAL_CLOCK } from '@/core/units/clockForm'
import type { ChosenOptions } from '@/core/procedure/schoolChoices'
import { boolean, doublePrecision, jsonb, pgTable, serial, text, timestamp } from 'drizzle-orm/pg-core'

/** What holds for the whole shop: one row, made when first needed. */
export const shopSettings = pgTable('shop_settings', {
  id: serial('id').primaryKey(),
  /** measured length of the gauge sheet's bars as last entered, mm */
  levelBarMm: doublePrecision('level_bar_mm'),
  uprightBarMm: doublePrecision('upright_bar_mm'),
  /** lens above the paper as last entered, mm */
  cameraHeightMm: doublePrecision('camera_height_mm'),
  /** fit policies that differ from the built-in ones, by field name */
  fitPolicy: jsonb('fit_policy').$type<Readonly<Record<string, number | string>>>().notNull().default({}),
  /** what the shop always does where practitioners differ, by school */
  schools: jsonb('schools').$type<ChosenOptions>().notNull().default({}),
  /** how the shop writes the time of day */
  clock: text('clock').$type<ClockForm>().notNull().default(USUAL_CLOCK),
  /** whose days and hours the shop goes by, by its IANA name; null as this machine does */
  timeZone: text('time_zone'),
  /** how long backups are kept; null as is usual */
  keeping: jsonb('keeping').$type<Keeping>(),
  /** true of a world made up to be looked at: what a simulated press did in it counts as done */
  invented: boolean('invented').notNull().default(false),
  /** SHA-256 of the instrument bridge's token, hex; the token itself is shown once and not kept */
  bridgeTokenHash: text('bridge_token_hash'),
  bridgeTokenMadeAt: timestamp('bridge_token_made_at', { withTimezone: true }),
})
