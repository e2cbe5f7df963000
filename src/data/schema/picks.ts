import { sql } from 'drizzle-orm'
import { check, index, integer, jsonb, pgTable, serial, timestamp } from 'drizzle-orm/pg-core'
import type { StockCrystal, StockGasket } from '@/core/fit/parts'
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
    /** null where the piece's own crystal goes back */
    crystalId: integer('crystal_id').references(() => crystals.id),
    /** the piece's own crystal as it was read then; null where one of the drawers goes in */
    ownCrystal: jsonb('own_crystal').$type<StockCrystal>(),
    /** null where the construction has no ring for its crystal, and where its own goes back */
    gasketId: integer('gasket_id').references(() => gaskets.id),
    /** the piece's own ring as it was read then */
    ownGasket: jsonb('own_gasket').$type<StockGasket>(),
    /** the second ring of a removable bezel, between bezel and case */
    bezelGasketId: integer('bezel_gasket_id').references(() => gaskets.id),
    evidence: jsonb('evidence').$type<PickEvidence>().notNull(),
    pickedAt: timestamp('picked_at', { withTimezone: true }).notNull(),
  },
  (table) => [
    index().on(table.trayId),
    check('picks_one_crystal', sql`(${table.crystalId} is null) <> (${table.ownCrystal} is null)`),
    check('picks_one_gasket', sql`${table.gasketId} is null or ${table.ownGasket} is null`),
  ],
)
