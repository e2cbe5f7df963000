import { doublePrecision, index, integer, pgTable, serial, text, timestamp } from 'drizzle-orm/pg-core'
import { POSITIONS, RUNNING_KINDS } from '@/core/running/RunningCheck'
import { trays } from './trays'

/** How a movement ran, look by look. Append-only. */
export const runningChecks = pgTable(
  'running_checks',
  {
    id: serial('id').primaryKey(),
    trayId: integer('tray_id')
      .notNull()
      .references(() => trays.id),
    kind: text('kind', { enum: RUNNING_KINDS }).notNull(),
    /** ahead of the clock, s; null on a timing machine */
    aheadS: doublePrecision('ahead_s'),
    /** on a timing machine; null beside a clock */
    position: text('position', { enum: POSITIONS }),
    /** s a day */
    rateSPerDay: doublePrecision('rate_s_per_day'),
    amplitudeDeg: doublePrecision('amplitude_deg'),
    beatErrorMs: doublePrecision('beat_error_ms'),
    /** drawn by a quartz movement, µA */
    currentUa: doublePrecision('current_ua'),
    at: timestamp('at', { withTimezone: true }).notNull(),
  },
  (table) => [index().on(table.trayId)],
)
