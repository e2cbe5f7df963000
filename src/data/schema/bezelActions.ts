import {
  boolean,
  doublePrecision,
  index,
  integer,
  pgTable,
  serial,
  text,
  timestamp,
} from 'drizzle-orm/pg-core'
import { OTHER_WAYS, TURN_FEELS } from '@/core/bezel/bezelAction'
import { trays } from './trays'

/** A turning bezel as it was tried: the newest row of a tray counts. Append-only. */
export const bezelActions = pgTable(
  'bezel_actions',
  {
    id: serial('id').primaryKey(),
    trayId: integer('tray_id')
      .notNull()
      .references(() => trays.id),
    /** counted in one turn; null where it turns by friction */
    clicks: integer('clicks'),
    otherWay: text('other_way', { enum: OTHER_WAYS }),
    /** degrees; null where it was not read */
    backPlayDeg: doublePrecision('back_play_deg'),
    zeroOnMark: boolean('zero_on_mark').notNull(),
    feel: text('feel', { enum: TURN_FEELS }).notNull(),
    at: timestamp('at', { withTimezone: true }).notNull(),
  },
  (table) => [index().on(table.trayId)],
)
