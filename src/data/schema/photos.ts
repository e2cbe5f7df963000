import { customType, index, integer, pgTable, serial, text, timestamp } from 'drizzle-orm/pg-core'
import { trays } from './trays'

const bytea = customType<{ data: Uint8Array; driverData: Uint8Array }>({ dataType: () => 'bytea' })

/** Pictures kept with a tray, re-encoded on the way in so that nothing but pixels is stored. */
export const photos = pgTable(
  'photos',
  {
    id: serial('id').primaryKey(),
    trayId: integer('tray_id')
      .notNull()
      .references(() => trays.id),
    caption: text('caption').notNull().default(''),
    widthPx: integer('width_px').notNull(),
    heightPx: integer('height_px').notNull(),
    /** JPEG */
    bytes: bytea('bytes').notNull(),
    takenAt: timestamp('taken_at', { withTimezone: true }).notNull(),
  },
  (table) => [index().on(table.trayId)],
)
