import { getTableName } from 'drizzle-orm'
import type { PgTable } from 'drizzle-orm/pg-core'
import { trays } from '../schema'
import { columnSchema } from './columnValues'
import { columnsOf, mayBeLeftOut, mayBeNoList, OF_TRAY, POINTED } from './trayTables'

/** The lists of a tray's document as JSON Schema says them, from the very columns. */
export function trayRecordsSchema(): Readonly<Record<string, object>> {
  return {
    tray: rowSchema(trays),
    records: listsSchema(OF_TRAY),
    shop: listsSchema(POINTED.map(({ table }) => table)),
  }
}

function listsSchema(tables: readonly PgTable[]): object {
  return {
    type: 'object',
    required: tables.filter((table) => !mayBeNoList(table)).map(getTableName),
    additionalProperties: false,
    properties: Object.fromEntries(
      tables.map((table) => [getTableName(table), { type: 'array', items: rowSchema(table) }]),
    ),
  }
}

function rowSchema(table: PgTable): object {
  const columns = columnsOf(table)
  return {
    type: 'object',
    required: columns.flatMap(([name]) => (mayBeLeftOut(table, name) ? [] : [name])),
    additionalProperties: false,
    properties: Object.fromEntries(columns.map(([name, column]) => [name, columnSchema(column)])),
  }
}
