import { doublePrecision, integer, pgTable, serial, text, unique } from 'drizzle-orm/pg-core'
import { CRYSTAL_MATERIALS, CRYSTAL_PROFILES, GASKET_MATERIALS, GASKET_SECTIONS } from '@/core/fit/parts'
import { BACK_KINDS } from '@/core/opening/backKinds'

export const RETENTIONS = ['tension-gasket'] as const

/** What is known of one case reference. Lengths in mm; null means nobody has measured it yet. */
export const caseSheets = pgTable(
  'case_sheets',
  {
    id: serial('id').primaryKey(),
    maker: text('maker').notNull(),
    reference: text('reference').notNull(),
    retention: text('retention', { enum: RETENTIONS }).notNull(),
    caseDiameterMm: doublePrecision('case_diameter_mm'),
    caseHeightMm: doublePrecision('case_height_mm'),
    boreMm: doublePrecision('bore_mm'),
    seatDepthMm: doublePrecision('seat_depth_mm'),
    dialOpeningMm: doublePrecision('dial_opening_mm'),
    handsBelowSeatMm: doublePrecision('hands_below_seat_mm'),
    crystalDiameterMm: doublePrecision('crystal_diameter_mm'),
    crystalEdgeMm: doublePrecision('crystal_edge_mm'),
    crystalCentreMm: doublePrecision('crystal_centre_mm'),
    undersideRiseMm: doublePrecision('underside_rise_mm'),
    crystalMaterial: text('crystal_material', { enum: CRYSTAL_MATERIALS }),
    crystalProfile: text('crystal_profile', { enum: CRYSTAL_PROFILES }),
    gasketWallMm: doublePrecision('gasket_wall_mm'),
    gasketHeightMm: doublePrecision('gasket_height_mm'),
    gasketSection: text('gasket_section', { enum: GASKET_SECTIONS }),
    gasketMaterial: text('gasket_material', { enum: GASKET_MATERIALS }),
    gasketColour: text('gasket_colour'),
    backKind: text('back_kind', { enum: BACK_KINDS }),
    notchCount: integer('notch_count'),
    notchCircleMm: doublePrecision('notch_circle_mm'),
    backScrewCount: integer('back_screw_count'),
    note: text('note').notNull().default(''),
  },
  (table) => [unique().on(table.maker, table.reference)],
)
