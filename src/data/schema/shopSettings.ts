import type { Keeping } from '@/core/backups/keptBackups'
import type { Decimals } from '@/core/units/decimals'
import { USUAL_DECIMALS } from '@/core/units/decimals'
import type { ClockForm } from '@/core/units/clockForm'
import { USUAL_CLOCK } from '@/core/units/clockForm'
import type { ChosenOptions } from '@/core/procedure/schoolChoices'
import {
  boolean,
  doublePrecision,
  integer,
  jsonb,
  pgTable,
  serial,
  text,
  timestamp,
} from 'drizzle-orm/pg-core'

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
  /** what stands at the head of a report: the shop's name, and under it what else it says of itself, a line each */
  letterhead: text('letterhead').notNull().default(''),
  decimals: text('decimals').$type<Decimals>().notNull().default(USUAL_DECIMALS),
  /** what an hour of work costs, hundredths of the shop's money; null where nobody said */
  hourCents: integer('hour_cents'),
  /** how long backups are kept; null as is usual */
  keeping: jsonb('keeping').$type<Keeping>(),
  /** true of a world made up to be looked at: what a simulated press did in it counts as done */
  invented: boolean('invented').notNull().default(false),
  /** SHA-256 of the instrument bridge's token, hex; the token itself is shown once and not kept */
  bridgeTokenHash: text('bridge_token_hash'),
  bridgeTokenMadeAt: timestamp('bridge_token_made_at', { withTimezone: true }),
})
