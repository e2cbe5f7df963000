import { getTableName } from 'drizzle-orm'
import type { PgTable } from 'drizzle-orm/pg-core'
import { trays } from '../schema'
import { valueObjection } from './columnValues'
import type { ExchangeRow } from './trayTables'
import { columnsOf, mayBeLeftOut, mayBeNoList, OF_TRAY, POINTED, pointersOf } from './trayTables'

/** More than any tray has, and far less than would fill a shop. */
const MOST_ROWS = 5_000

/**
 * What is against what a file says of a tray, by its form: every list and column there, every value of its kind, every number
 * within the list it counts.
 * @returns a sentence that names the place; null where nothing is
 */
export function trayRecordsObjection(given: unknown): string | null {
  if (!isObject(given)) return 'The file holds no tray.'
  const { tray, records, shop } = given
  if (!isObject(tray) || !isObject(records) || !isObject(shop))
    return 'tray, records, shop: one of them is missing. Choose a file that was saved from a tray.'
  const lists: Lists = new Map()
  const wanted: [string, PgTable, unknown][] = [
    ...OF_TRAY.map((table): [string, PgTable, unknown] => ['records', table, records[getTableName(table)]]),
    ...POINTED.map(({ name, table }): [string, PgTable, unknown] => ['shop', table, shop[name]]),
  ]
  for (const [part, table, rows] of wanted) {
    const name = getTableName(table)
    if (rows === undefined && mayBeNoList(table)) continue
    if (!Array.isArray(rows)) return `${part}: the list “${name}” is missing.`
    if (rows.length > MOST_ROWS) return `${name}: ${rows.length} rows; at most ${MOST_ROWS}.`
    lists.set(name, rows)
  }
  for (const [part, known] of [
    ['records', records],
    ['shop', shop],
  ] as const) {
    const strange = Object.keys(known).find((name) => !lists.has(name))
    if (strange !== undefined) return `${part}: “${strange.slice(0, 30)}” is no list of a tray.`
  }
  for (const [, table] of [['', trays] as const, ...wanted]) {
    const name = getTableName(table)
    const rows = table === trays ? [tray] : (lists.get(name) ?? [])
    for (const [at, row] of rows.entries()) {
      const objection = rowObjection(table, row, at + 1, lists)
      if (objection !== null) return `${name}, row ${at + 1}: ${objection}.`
    }
  }
  return null
}

type Lists = Map<string, readonly unknown[]>

function isObject(value: unknown): value is Readonly<Record<string, unknown>> {
  return typeof value === 'object' && value !== null && !Array.isArray(value)
}

function rowObjection(table: PgTable, row: unknown, place: number, lists: Lists): string | null {
  if (!isObject(row)) return 'is no record'
  const columns = columnsOf(table)
  const strange = Object.keys(row).find((name) => !columns.some(([known]) => known === name))
  if (strange !== undefined) return `“${strange.slice(0, 30)}” is no part of it`
  for (const [name, column] of columns) {
    const isThere = Object.hasOwn(row, name)
    if (!isThere && mayBeLeftOut(table, name)) continue
    const value = isThere ? row[name] : undefined
    const objection = valueObjection(column, value) ?? pointerObjection(table, row, name, place, lists)
    if (objection !== null) return `${name} ${objection}`
  }
  return null
}

function pointerObjection(
  table: PgTable,
  row: ExchangeRow,
  column: string,
  at: number,
  lists: Lists,
): string | null {
  const pointsTo = pointersOf(getTableName(table))[column]
  const value = row[column]
  if (!pointsTo || value === null) return null
  const target = pointsTo(row) ?? ''
  // A row of a list points back in its own list only.
  const most = target === getTableName(table) ? at - 1 : (lists.get(target)?.length ?? 0)
  const place = Number(value)
  return place >= 1 && place <= most ? null : `${place} points to nothing: there are ${most} in “${target}”`
}
