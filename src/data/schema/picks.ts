import { index, integer, jsonb, pgTable, serial, timestamp } from 'drizzle-orm/pg-core'
import type { PickEvidence } from '@/core/tray/PickEvidence'
import { crystals } from './crystals'
import { gaskets } from './gaskets'
import { trays } from './trays'

/** A chosen crystal with gasket and what was known at that moment. Append-only: the newest of a tray counts. */
export const picks = pgTable(
  'picks',
  {
    id: serial('id').primaryKey(),
    trayId: integer('tray_id')
      .notNull()
      .references(() => trays.id),
    crystalId: integer('crystal_id')
      .notNull()
      .references(() => crystals.id),
    /** null where the construction has no ring for its crystal */
    gasketId: integer('gasket_id').references(() => gaskets.id),
    /** the second ring of a removable bezel, between bezel and case */
    bezelGasketId: integer('bezel_gasket_id').references(() => gaskets.id),
    evidence: jsonb('evidence').$type<PickEvidence>().notNull(),
    pickedAt: timestamp('picked_at', { withTimezone: true }).notNull(),
  },
  (table) => [index().on(table.trayId)],
)
