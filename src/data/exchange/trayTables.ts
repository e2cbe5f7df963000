import { getTableColumns, getTableName } from 'drizzle-orm'
import type { PgColumn, PgTable } from 'drizzle-orm/pg-core'
import type { PartKind } from '@/core/parts/parts'
import { PART_KINDS } from '@/core/parts/parts'
import { partTable } from '../queries/partTables'
import * as schema from '../schema'

/** A record by the names of its columns in the code, as JSON holds it. */
export type ExchangeRow = Readonly<Record<string, unknown>>

/** A record of the shop's that trays point to: in every shop it is known by the same columns. */
export interface PointedTable {
  readonly name: string
  readonly table: PgTable
  readonly knownBy: readonly string[]
  /** null where it is no part */
  readonly part: PartKind | null
}

const pointed = (table: PgTable, knownBy: readonly string[], part: PartKind | null = null): PointedTable => ({
  name: getTableName(table),
  table,
  knownBy,
  part,
})

export const POINTED: readonly PointedTable[] = [
  pointed(schema.owners, ['name']),
  pointed(schema.caseSheets, ['maker', 'reference']),
  pointed(schema.instruments, ['name']),
  pointed(schema.presses, ['name']),
  pointed(schema.testers, ['name']),
  ...PART_KINDS.map((kind) => pointed(partTable(kind), ['code'], kind)),
]

/** What belongs to a tray, what is pointed to before what points to it. */
export const OF_TRAY: readonly PgTable[] = [
  schema.photos,
  schema.readings,
  schema.readingVoids,
  schema.shapeReadings,
  schema.shapeReadingVoids,
  schema.picks,
  schema.pressRuns,
  schema.findings,
  schema.trayTicks,
  schema.trailEvents,
  schema.methodRuns,
  schema.leftOut,
  schema.ownParts,
  schema.straightLooks,
  schema.bezelActions,
  schema.removals,
  schema.heatBursts,
  schema.dryRecords,
  schema.leakPlaces,
  schema.runningChecks,
  schema.ownerWords,
  schema.reopenings,
  schema.sheetFigures,
  schema.stockMoves,
]

/** The table a row points to by one of its columns; null where the row points to nothing. */
type PointsTo = (row: ExchangeRow) => string | null

const to =
  (table: PgTable): PointsTo =>
  () =>
    getTableName(table)

const partOf: PointsTo = (row) => {
  const kind = PART_KINDS.find((known) => known === row['partKind'])
  return kind ? getTableName(partTable(kind)) : null
}

/** Which columns point to what, by table. */
export const POINTERS: Readonly<Record<string, Readonly<Record<string, PointsTo>>>> = {
  trays: { ownerId: to(schema.owners), caseSheetId: to(schema.caseSheets) },
  readings: { instrumentId: to(schema.instruments) },
  reading_voids: { readingId: to(schema.readings) },
  shape_readings: { photoId: to(schema.photos) },
  shape_reading_voids: { shapeReadingId: to(schema.shapeReadings) },
  picks: { crystalId: to(schema.crystals), gasketId: to(schema.gaskets), bezelGasketId: to(schema.gaskets) },
  press_runs: {
    pickId: to(schema.picks),
    pressId: to(schema.presses),
    pusherId: to(schema.dies),
    supportId: to(schema.dies),
  },
  trail_events: { photoId: to(schema.photos), refersTo: to(schema.trailEvents) },
  straight_looks: { photoId: to(schema.photos), secondPhotoId: to(schema.photos) },
  dry_records: { testerId: to(schema.testers) },
  leak_places: { dryRecordId: to(schema.dryRecords) },
  sheet_figures: { caseSheetId: to(schema.caseSheets) },
  stock_moves: { partId: partOf },
}

export function pointersOf(tableName: string): Readonly<Record<string, PointsTo>> {
  return POINTERS[tableName] ?? {}
}

/** Given anew in each shop: no part of what leaves. */
const OWN_TO_A_SHOP = ['id', 'trayId', 'revision', 'changed']

/** The columns of a table that leave with its rows, by their names in the code. */
export function columnsOf(table: PgTable): readonly (readonly [string, PgColumn])[] {
  return Object.entries(getTableColumns(table)).filter(([name]) => !OWN_TO_A_SHOP.includes(name))
}

/** The column a row is numbered by. */
export function keyOf(table: PgTable): readonly [string, PgColumn] {
  const found = Object.entries(getTableColumns(table)).find(([, column]) => column.primary)
  if (!found) throw new Error(`${getTableName(table)} has no key of one column`)
  return found
}

/** Columns that files of an earlier version have not: left out, they are what the table says by itself. */
const LATER: Readonly<Record<string, readonly string[]>> = {
  press_runs: ['work', 'leftHour', 'feel', 'cause', 'trace', 'cell', 'slideForceN', 'verdict'],
  presses: ['mostForceN'],
  straight_looks: ['photoId', 'secondPhotoId'],
  running_checks: ['currentUa'],
  trays: ['quoteCents', 'quoteMinutes', 'quoteSpecialist'],
}

/** Lists that files of an earlier version have not: left out, they are empty. */
const LATER_LISTS: readonly PgTable[] = [
  schema.straightLooks,
  schema.bezelActions,
  schema.removals,
  schema.heatBursts,
  schema.dryRecords,
  schema.leakPlaces,
  schema.runningChecks,
  schema.ownerWords,
]

/** True where a file need not have a list. */
export function mayBeNoList(table: PgTable): boolean {
  return LATER_LISTS.includes(table)
}

/** True where a file need not have a column. */
export function mayBeLeftOut(table: PgTable, column: string): boolean {
  return LATER[getTableName(table)]?.includes(column) ?? false
}
