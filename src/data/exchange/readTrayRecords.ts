import { asc, eq, getTableColumns, getTableName, inArray } from 'drizzle-orm'
import type { PgColumn, PgTable } from 'drizzle-orm/pg-core'
import { renumbered } from '@/core/exchange/renumbered'
import type { Db } from '../client'
import { readings, readingVoids, shapeReadings, shapeReadingVoids, trays } from '../schema'
import type { ExchangeRow } from './trayTables'
import { columnsOf, keyOf, OF_TRAY, POINTED, pointersOf } from './trayTables'

/** A tray with all that is kept of it, and what of the shop's it points to: numbers are places in these lists, from 1. */
export interface TrayRecords {
  readonly tray: ExchangeRow
  /** by table */
  readonly records: Readonly<Record<string, readonly ExchangeRow[]>>
  /** by table */
  readonly shop: Readonly<Record<string, readonly ExchangeRow[]>>
}

type Numbers = ReadonlyMap<string, ReadonlyMap<number, number>>

/** Everything kept of a tray, the same whichever numbers its rows have in this shop. @returns null when it is not there */
export async function readTrayRecords(db: Db, trayId: number): Promise<TrayRecords | null> {
  const [tray] = await rowsOf(db, trays, trays.id, [trayId])
  if (!tray) return null
  const own = new Map<string, ExchangeRow[]>()
  for (const table of OF_TRAY) own.set(getTableName(table), await rowsOfTray(db, table, trayId, own))
  const shop = await pointedRows(db, tray, own)
  const numbers: Numbers = new Map(
    [...own, ...shop].map(([name, rows]) => [
      name,
      new Map(rows.map((row, at) => [idOf(name, row), at + 1])),
    ]),
  )
  const leaving = (table: PgTable, rows: readonly ExchangeRow[]) =>
    rows.map((row) => leavingRow(table, row, numbers))
  return {
    tray: leavingRow(trays, tray, numbers),
    records: Object.fromEntries(
      OF_TRAY.map((table) => [getTableName(table), leaving(table, own.get(getTableName(table)) ?? [])]),
    ),
    shop: Object.fromEntries(POINTED.map(({ name, table }) => [name, leaving(table, shop.get(name) ?? [])])),
  }
}

const KEYS: ReadonlyMap<string, string> = new Map(
  [trays, ...OF_TRAY, ...POINTED.map(({ table }) => table)].map((table) => [
    getTableName(table),
    keyOf(table)[0],
  ]),
)

function idOf(tableName: string, row: ExchangeRow): number {
  return Number(row[KEYS.get(tableName) ?? 'id'])
}

async function rowsOf(
  db: Db,
  table: PgTable,
  column: PgColumn,
  values: readonly number[],
): Promise<ExchangeRow[]> {
  if (values.length === 0) return []
  return db
    .select()
    .from(table)
    .where(values.length === 1 ? eq(column, values[0]) : inArray(column, [...values]))
    .orderBy(asc(keyOf(table)[1]))
}

/** A void has no tray of its own, but that of what it voids. */
const VOIDS: ReadonlyMap<PgTable, PgTable> = new Map<PgTable, PgTable>([
  [readingVoids, readings],
  [shapeReadingVoids, shapeReadings],
])

function rowsOfTray(
  db: Db,
  table: PgTable,
  trayId: number,
  read: ReadonlyMap<string, readonly ExchangeRow[]>,
): Promise<ExchangeRow[]> {
  const voided = VOIDS.get(table)
  if (voided) {
    const ids = (read.get(getTableName(voided)) ?? []).map((row) => Number(row['id']))
    return rowsOf(db, table, keyOf(table)[1], ids)
  }
  const column = getTableColumns(table)['trayId']
  if (!column) throw new Error(`${getTableName(table)} belongs to no tray`)
  return rowsOf(db, table, column, [trayId])
}

/** The shop's own records that a tray points to, ordered by what they are known by in every shop. */
async function pointedRows(
  db: Db,
  tray: ExchangeRow,
  own: ReadonlyMap<string, readonly ExchangeRow[]>,
): Promise<Map<string, ExchangeRow[]>> {
  const wanted = new Map<string, Set<number>>()
  const want = (name: string, id: unknown) => {
    if (typeof id === 'number') wanted.set(name, (wanted.get(name) ?? new Set()).add(id))
  }
  for (const [name, rows] of [['trays', [tray]] as const, ...own])
    for (const row of rows)
      for (const [column, pointsTo] of Object.entries(pointersOf(name))) {
        const target = pointsTo(row)
        if (target !== null) want(target, row[column])
      }
  // Those that only a document in a column names.
  const named = { instrument: (id: number) => (want('instruments', id), id), reading: (id: number) => id }
  for (const rows of own.values()) for (const row of rows) renumbered(plain(row), named)
  const found = new Map<string, ExchangeRow[]>()
  for (const { name, table, knownBy } of POINTED) {
    const rows = await rowsOf(db, table, keyOf(table)[1], [...(wanted.get(name) ?? [])])
    const known = (row: ExchangeRow) => JSON.stringify(knownBy.map((column) => row[column]))
    found.set(
      name,
      rows.sort((a, b) => (known(a) < known(b) ? -1 : 1)),
    )
  }
  return found
}

/** Documents only: bytes and times have no names in them. */
function plain(row: ExchangeRow): ExchangeRow {
  return Object.fromEntries(
    Object.entries(row).filter(([, value]) => !(value instanceof Date) && !ArrayBuffer.isView(value)),
  )
}

function leavingRow(table: PgTable, row: ExchangeRow, numbers: Numbers): ExchangeRow {
  const pointers = pointersOf(getTableName(table))
  const numberOf = (name: string, id: unknown) => numbers.get(name)?.get(Number(id))
  return Object.fromEntries(
    columnsOf(table).map(([name, column]) => {
      const value = row[name]
      const pointsTo = pointers[name]
      // What is gone is pointed to no more.
      if (pointsTo) return [name, value === null ? null : (numberOf(pointsTo(row) ?? '', value) ?? null)]
      if (column.dataType !== 'json') return [name, asJson(value)]
      return [
        name,
        renumbered(value, {
          instrument: (id) => numberOf('instruments', id),
          reading: (id) => numberOf('readings', id),
        }),
      ]
    }),
  )
}

function asJson(value: unknown): unknown {
  if (value instanceof Date) return value.toISOString()
  return value instanceof Uint8Array ? Buffer.from(value).toString('base64') : value
}
