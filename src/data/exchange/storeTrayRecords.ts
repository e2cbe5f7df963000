import { and, eq, getTableColumns, getTableName } from 'drizzle-orm'
import type { PgTable } from 'drizzle-orm/pg-core'
import { renumbered } from '@/core/exchange/renumbered'
import type { Db } from '../client'
import { trays } from '../schema'
import { columnValue } from './columnValues'
import type { TrayRecords } from './readTrayRecords'
import type { ExchangeRow, PointedTable } from './trayTables'
import { columnsOf, keyOf, OF_TRAY, POINTED, pointersOf } from './trayTables'

/** New ids by table and place. */
type Ids = Map<string, number[]>

/**
 * Stores a tray of a file, checked before, see trayRecordsObjection. What it points to is the shop's own where there is one of
 * that name or code, and is added where there is none.
 * @param number - under which it stands here
 * @returns its id here
 */
export async function storeTrayRecords(
  tx: Db,
  { tray, records, shop }: TrayRecords,
  number: number,
): Promise<number> {
  const ids: Ids = new Map()
  for (const pointed of POINTED) {
    const found: number[] = []
    for (const row of shop[pointed.name] ?? []) found.push(await ownOrAdded(tx, pointed, row))
    ids.set(pointed.name, found)
  }
  const trayId = await added(tx, trays, { ...arrivingRow(trays, tray, ids), number })
  for (const table of OF_TRAY) {
    const name = getTableName(table)
    const own: number[] = []
    ids.set(name, own)
    const ofTray = 'trayId' in getTableColumns(table) ? { trayId } : {}
    for (const row of records[name] ?? [])
      own.push(await added(tx, table, { ...arrivingRow(table, row, ids), ...ofTray }))
  }
  return trayId
}

async function ownOrAdded(tx: Db, { table, knownBy }: PointedTable, row: ExchangeRow): Promise<number> {
  const columns = getTableColumns(table)
  const [key, keyColumn] = keyOf(table)
  const same = knownBy.map((name) => {
    const column = columns[name]
    if (!column) throw new Error(`${getTableName(table)} has no ${name}`)
    return eq(column, row[name])
  })
  const [kept] = await tx
    .select({ [key]: keyColumn })
    .from(table)
    .where(and(...same))
  return kept ? Number(kept[key]) : added(tx, table, arrivingRow(table, row, new Map()))
}

async function added(tx: Db, table: PgTable, row: ExchangeRow): Promise<number> {
  const [key, keyColumn] = keyOf(table)
  const [stored] = await tx
    .insert(table)
    .values(row)
    .returning({ [key]: keyColumn })
  if (!stored) throw new Error(`${getTableName(table)}: a row was not stored`)
  return Number(stored[key])
}

function arrivingRow(table: PgTable, row: ExchangeRow, ids: Ids): ExchangeRow {
  const pointers = pointersOf(getTableName(table))
  const idAt = (name: string, place: unknown) => ids.get(name)?.[Number(place) - 1]
  return Object.fromEntries(
    columnsOf(table).map(([name, column]) => {
      const value = row[name]
      if (value === undefined) return [name, undefined]
      const pointsTo = pointers[name]
      if (pointsTo) return [name, value === null ? null : (idAt(pointsTo(row) ?? '', value) ?? null)]
      if (column.dataType !== 'json') return [name, columnValue(column, value)]
      return [
        name,
        renumbered(value, {
          instrument: (place) => idAt('instruments', place),
          reading: (place) => idAt('readings', place),
        }),
      ]
    }),
  )
}
