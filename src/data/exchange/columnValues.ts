import type { PgColumn } from 'drizzle-orm/pg-core'

const MOST_TEXT = 20_000
const MOST_INTEGER = 2_147_483_647
const BASE64 = /^(?:[A-Za-z0-9+/]{4})*(?:[A-Za-z0-9+/]{2}==|[A-Za-z0-9+/]{3}=)?$/
/** As ISO 8601 writes an instant in UTC. */
const INSTANT = /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}Z$/

/** What is against a value of a file for a column, as “is no number”; null where nothing is. */
export function valueObjection(column: PgColumn, value: unknown): string | null {
  if (value === null) return column.notNull ? 'is empty' : null
  if (value === undefined) return 'is missing'
  switch (column.dataType) {
    case 'string':
      return textObjection(column, value)
    case 'number':
      if (typeof value !== 'number' || !Number.isFinite(value)) return 'is no number'
      return isWhole(column) && !(Number.isInteger(value) && Math.abs(value) <= MOST_INTEGER)
        ? 'is no whole number'
        : null
    case 'boolean':
      return typeof value === 'boolean' ? null : 'is neither true nor false'
    case 'date':
      return typeof value === 'string' && INSTANT.test(value) && isOnCalendar(value)
        ? null
        : 'is no time, such as 2026-11-24T10:00:00.000Z'
    case 'json':
      return typeof value === 'object' ? null : 'is no list or object'
    default:
      return typeof value === 'string' && value !== '' && BASE64.test(value) ? null : 'is not base64'
  }
}

function textObjection({ enumValues }: PgColumn, value: unknown): string | null {
  if (typeof value !== 'string') return 'is no text'
  if (value.length > MOST_TEXT) return `has ${value.length} characters; at most ${MOST_TEXT}`
  if (value.includes('\u0000') || !value.isWellFormed()) return 'holds a character that is no text'
  return enumValues === undefined || enumValues.includes(value)
    ? null
    : `is none of ${enumValues.slice(0, 12).join(', ')}`
}

function isWhole(column: PgColumn): boolean {
  return ['PgInteger', 'PgSerial'].includes(column.columnType)
}

/** 30 February is the second of March to the language. */
function isOnCalendar(instant: string): boolean {
  const time = Date.parse(instant)
  return !Number.isNaN(time) && new Date(time).toISOString() === instant
}

/** A value of a file, checked before, as the database takes it. */
export function columnValue(column: PgColumn, value: unknown): unknown {
  if (typeof value !== 'string') return value
  if (column.dataType === 'date') return new Date(value)
  return column.dataType === 'custom' ? new Uint8Array(Buffer.from(value, 'base64')) : value
}

/** What a column may hold, as JSON Schema (draft 2020-12) says it. */
export function columnSchema(column: PgColumn): object {
  const orNothing = (type: string) => (column.notNull ? type : [type, 'null'])
  switch (column.dataType) {
    case 'string':
      return column.enumValues === undefined
        ? { type: orNothing('string'), maxLength: MOST_TEXT }
        : { enum: column.notNull ? column.enumValues : [...column.enumValues, null] }
    case 'number':
      return { type: orNothing(isWhole(column) ? 'integer' : 'number') }
    case 'boolean':
      return { type: orNothing('boolean') }
    case 'date':
      return { type: orNothing('string'), format: 'date-time' }
    case 'json':
      return { type: column.notNull ? ['object', 'array'] : ['object', 'array', 'null'] }
    default:
      return { type: orNothing('string'), contentEncoding: 'base64' }
  }
}
