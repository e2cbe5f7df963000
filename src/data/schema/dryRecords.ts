import { doublePrecision, index, integer, jsonb, pgTable, serial, text, timestamp } from 'drizzle-orm/pg-core'
import type { BlankRun } from '@/core/dry-test/DryRecord'
import type { DryTrace } from '@/core/dry-test/DryTrace'
import { DRY_KINDS } from '@/core/dry-test/DryTrace'
import { LEAK_PLACES } from '@/core/dry-test/LeakPlace'
import { testers } from './testers'
import { trays } from './trays'

export const DRY_VERDICTS = ['pass', 'fail', 'cannot-tell'] as const

/** What a dry tester recorded, of a tray's case or of nothing that moves. The newest test of a tray counts. Append-only. */
export const dryRecords = pgTable(
  'dry_records',
  {
    id: serial('id').primaryKey(),
    trayId: integer('tray_id')
      .notNull()
      .references(() => trays.id),
    testerId: integer('tester_id')
      .notNull()
      .references(() => testers.id),
    kind: text('kind', { enum: DRY_KINDS }).notNull(),
    trace: jsonb('trace').$type<DryTrace>().notNull(),
    /** bar against the air around; null of a blank run */
    pressureBar: doublePrecision('pressure_bar'),
    /** free inside the case, cm³; null of a blank run */
    airCm3: doublePrecision('air_cm3'),
    temperatureC: doublePrecision('temperature_c').notNull(),
    /** what of it tells the tester's drift: all of a blank run, the rest before a test's pressure; null where that is too short */
    blank: jsonb('blank').$type<BlankRun>(),
    /** what it was judged as when it was kept; null of a blank run */
    verdict: text('verdict', { enum: DRY_VERDICTS }),
    /** how far the case went in then, µm a bar; null of a blank run */
    umPerBar: doublePrecision('um_per_bar'),
    at: timestamp('at', { withTimezone: true }).notNull(),
  },
  (table) => [index().on(table.trayId), index().on(table.testerId)],
)

/** Where a leak was looked for after a test, and why there. Append-only. */
export const leakPlaces = pgTable(
  'leak_places',
  {
    id: serial('id').primaryKey(),
    trayId: integer('tray_id')
      .notNull()
      .references(() => trays.id),
    dryRecordId: integer('dry_record_id')
      .notNull()
      .references(() => dryRecords.id),
    place: text('place', { enum: LEAK_PLACES }).notNull(),
    reason: text('reason').notNull(),
    at: timestamp('at', { withTimezone: true }).notNull(),
  },
  (table) => [index().on(table.trayId), index().on(table.dryRecordId)],
)
