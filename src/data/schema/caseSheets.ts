import { boolean, doublePrecision, integer, pgTable, serial, text, unique } from 'drizzle-orm/pg-core'
import {
  AR_COATINGS,
  BACK_SEALS,
  BEZEL_ENTRIES,
  BEZEL_KINDS,
  CHAPTER_RINGS,
  CRYSTAL_OUTLINES,
  CROWN_KINDS,
  CROWN_POSITIONS,
  DATE_PLACES,
  INSERT_FORMS,
  INSERT_HOLDS,
  INSERT_MATERIALS,
  MAGNIFIERS,
  METALS,
  MOVEMENT_HOLDS,
  MOVEMENT_KINDS,
  NOTCH_SHAPES,
  RETENTIONS,
  STEM_RELEASES,
} from '@/core/construction/kinds'
import { CRYSTAL_MATERIALS, CRYSTAL_PROFILES, GASKET_MATERIALS, GASKET_SECTIONS } from '@/core/fit/parts'
import { BACK_KINDS } from '@/core/opening/backKinds'
import type { SheetField } from '@/core/readings/sheetFigures'
import { SHEET_DIMENSIONS, sheetField } from '@/core/readings/sheetFigures'

/** A column for every dimension a sheet holds, mm. */
function figureColumns() {
  const columns = SHEET_DIMENSIONS.map(
    (id) => [sheetField(id), doublePrecision(`${id.replaceAll('-', '_')}_mm`)] as const,
  )
  // One for each dimension of the very list.
  return Object.fromEntries(columns) as Record<SheetField, ReturnType<typeof doublePrecision>>
}

/** What is known of one case reference. Lengths in mm; null means nobody has measured or looked yet. */
export const caseSheets = pgTable(
  'case_sheets',
  {
    id: serial('id').primaryKey(),
    maker: text('maker').notNull(),
    reference: text('reference').notNull(),
    retention: text('retention', { enum: RETENTIONS }).notNull(),
    caseMaterial: text('case_material', { enum: METALS }),
    caseDiameterMm: doublePrecision('case_diameter_mm'),
    caseHeightMm: doublePrecision('case_height_mm'),
    dialOpeningMm: doublePrecision('dial_opening_mm'),
    undersideRiseMm: doublePrecision('underside_rise_mm'),
    crystalMaterial: text('crystal_material', { enum: CRYSTAL_MATERIALS }),
    crystalProfile: text('crystal_profile', { enum: CRYSTAL_PROFILES }),
    magnifier: text('magnifier', { enum: MAGNIFIERS }).notNull().default('none'),
    dateAt: text('date_at', { enum: DATE_PLACES }),
    dateRadiusMm: doublePrecision('date_radius_mm'),
    arCoating: text('ar_coating', { enum: AR_COATINGS }).notNull().default('none'),
    gasketSection: text('gasket_section', { enum: GASKET_SECTIONS }),
    gasketMaterial: text('gasket_material', { enum: GASKET_MATERIALS }),
    gasketColour: text('gasket_colour'),
    bezelKind: text('bezel_kind', { enum: BEZEL_KINDS }).notNull().default('none'),
    bezelEntry: text('bezel_entry', { enum: BEZEL_ENTRIES }),
    insertMaterial: text('insert_material', { enum: INSERT_MATERIALS }).notNull().default('none'),
    insertHold: text('insert_hold', { enum: INSERT_HOLDS }),
    insertForm: text('insert_form', { enum: INSERT_FORMS }),
    bezelClicks: integer('bezel_clicks'),
    bezelFamily: text('bezel_family').notNull().default(''),
    crystalOutline: text('crystal_outline', { enum: CRYSTAL_OUTLINES }),
    chapterRing: text('chapter_ring', { enum: CHAPTER_RINGS }).notNull().default('none'),
    backKind: text('back_kind', { enum: BACK_KINDS }),
    notchCount: integer('notch_count'),
    notchShape: text('notch_shape', { enum: NOTCH_SHAPES }),
    notchCircleMm: doublePrecision('notch_circle_mm'),
    /** knurled rim's diameter, or width across flats */
    backGripMm: doublePrecision('back_grip_mm'),
    backSides: integer('back_sides'),
    /** where a snap back is entered, 1 to 12 o'clock */
    lipHour: integer('lip_hour'),
    backScrewCount: integer('back_screw_count'),
    twoPartBack: boolean('two_part_back').notNull().default(false),
    backSeal: text('back_seal', { enum: BACK_SEALS }).notNull().default('o-ring'),
    movementKind: text('movement_kind', { enum: MOVEMENT_KINDS }).notNull().default('mechanical'),
    stemRelease: text('stem_release', { enum: STEM_RELEASES }),
    stemReleaseCrown: text('stem_release_crown', { enum: CROWN_POSITIONS }),
    movementHold: text('movement_hold', { enum: MOVEMENT_HOLDS }),
    crownKind: text('crown_kind', { enum: CROWN_KINDS }).notNull().default('push-pull'),
    crownHour: integer('crown_hour'),
    /** clock hours with commas between */
    pusherHours: text('pusher_hours').notNull().default(''),
    ...figureColumns(),
    note: text('note').notNull().default(''),
  },
  (table) => [unique().on(table.maker, table.reference)],
)
