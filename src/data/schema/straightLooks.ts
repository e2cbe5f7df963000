import {
  boolean,
  doublePrecision,
  index,
  integer,
  jsonb,
  pgTable,
  serial,
  text,
  timestamp,
} from 'drizzle-orm/pg-core'
import { STRAIGHT_PAIRS } from '@/core/straight/pairs'
import type { ByPicture, HourOffset } from '@/core/straight/StraightLook'
import { KEPT_METHODS } from '@/core/straight/StraightLook'
import { trays } from './trays'

/** Looks at whether rings and marks stand straight, as found and after every remedy: the newest of a pair counts. Append-only. */
export const straightLooks = pgTable(
  'straight_looks',
  {
    id: serial('id').primaryKey(),
    trayId: integer('tray_id')
      .notNull()
      .references(() => trays.id),
    pair: text('pair', { enum: STRAIGHT_PAIRS }).notNull(),
    method: text('method', { enum: KEPT_METHODS }).notNull(),
    /** mm */
    radiusMm: doublePrecision('radius_mm').notNull(),
    /** mm; null where the owner said nothing */
    limitMm: doublePrecision('limit_mm'),
    offsets: jsonb('offsets').$type<readonly HourOffset[]>().notNull(),
    /** null where it was not tilted */
    moves: boolean('moves'),
    /** the remedy done before; null as found */
    after: text('after'),
    afterWords: text('after_words').notNull().default(''),
    /** null where ticks were read one by one */
    byPicture: jsonb('by_picture').$type<ByPicture>(),
    /** the picture of the tray it was read from; it may be taken off the tray later */
    photoId: integer('photo_id'),
    /** the one with the head turned by half */
    secondPhotoId: integer('second_photo_id'),
    at: timestamp('at', { withTimezone: true }).notNull(),
  },
  (table) => [index().on(table.trayId)],
)
