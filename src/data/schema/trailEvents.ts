import { doublePrecision, index, integer, pgTable, serial, text, timestamp } from 'drizzle-orm/pg-core'
import type { SizeMark, TrailPartId } from '@/core/trail/parts'
import { trays } from './trays'

export const TRAIL_EVENT_KINDS = ['off', 'back', 'renewed', 'left-off', 'undo'] as const

/** What came off, what went back, what was undone, in order. Append-only. */
export const trailEvents = pgTable(
  'trail_events',
  {
    id: serial('id').primaryKey(),
    trayId: integer('tray_id')
      .notNull()
      .references(() => trays.id),
    kind: text('kind', { enum: TRAIL_EVENT_KINDS }).notNull(),
    part: text('part').$type<TrailPartId>(),
    count: integer('count').notNull().default(1),
    size: text('size').$type<SizeMark>().notNull().default(''),
    clockHour: integer('clock_hour'),
    photoId: integer('photo_id'),
    photoX: doublePrecision('photo_x'),
    photoY: doublePrecision('photo_y'),
    /** the event this one answers or undoes */
    refersTo: integer('refers_to'),
    reason: text('reason').notNull().default(''),
    at: timestamp('at', { withTimezone: true }).notNull(),
  },
  (table) => [index().on(table.trayId)],
)
