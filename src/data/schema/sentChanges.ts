import { index, integer, jsonb, pgTable, timestamp, uuid } from 'drizzle-orm/pg-core'

/** Changes that were stored, by the keys their pages gave them: one that is sent once more is not stored once more. */
export const sentChanges = pgTable(
  'sent_changes',
  {
    key: uuid('key').primaryKey(),
    at: timestamp('at', { withTimezone: true }).notNull().defaultNow(),
    /** what was answered; null where the answer is how the tray stands by then */
    answer: jsonb('answer'),
    /** of a tray: which, the page that sent it, and the revision it made */
    trayId: integer('tray_id'),
    page: uuid('page'),
    revision: integer('revision'),
  },
  (table) => [index().on(table.trayId, table.revision)],
)
