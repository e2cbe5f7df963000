import type { FieldValue } from '../records/checkRecord'
import { fieldText } from '../records/fieldText'
import type { Field } from '../records/Field'
import { capital } from '../units/capital'
import { formatMm } from '../units/formatMm'
import type { Change, RowValues } from './Change'
import type { Pointer, RecordKind } from './recordKinds'
import { pointerIn, recordKind } from './recordKinds'

/** One value of a record, before and after; null where there was none. */
export interface ValueChange {
  readonly label: string
  readonly was: string | null
  readonly now: string | null
}

/** A change as a person reads it. */
export interface ChangeWords {
  /** “Reading” */
  readonly one: string
  /** “Case bore: 30.02 mm”; empty where one is told from the others by nothing */
  readonly name: string
  readonly values: readonly ValueChange[]
}

/** What the words of a change have to be told from elsewhere. */
export interface Known {
  /** the record as it is now; undefined where it is gone */
  readonly row: RowValues | undefined
  /** what a record is called that another one points to */
  readonly calls: (pointer: Pointer) => string
  /** a time as the shop writes it @param iso - with its offset */
  readonly timeText: (iso: string) => string
}

/** A change in words: which record, and each value that is another one since. */
export function changeWords(change: Change, known: Known): ChangeWords {
  const kind = recordKind(change.tableName)
  const row = known.row ?? change.was ?? {}
  const [one, name] = [kind?.one ?? plainName(change.tableName), kind?.nameOf(row, known.calls) ?? '']
  if (change.kind === 'removed') return { one: `${one} removed`, name, values: [] }
  if (change.kind === 'added') return { one, name, values: [] }
  const { was, now } = change
  const columns = Object.keys({ ...was, ...now })
  return { one, name, values: columns.flatMap((column) => valueChanges(column, was, now, kind, known)) }
}

function valueChanges(
  column: string,
  was: RowValues | null,
  now: RowValues | null,
  kind: RecordKind | null,
  known: Known,
): ValueChange[] {
  const [before, after] = [was?.[column], now?.[column]]
  if (isDocument(before) || isDocument(after))
    return insideOf(kind?.fieldsIn?.get(column), documentOf(before), documentOf(after))
  const field = kind?.fields?.find(({ name }) => name === camelCase(column))
  return [
    {
      label: field?.label ?? labelOf(column),
      was: valueText(column, before, field, known),
      now: valueText(column, after, field, known),
    },
  ]
}

function isDocument(value: unknown): value is RowValues {
  return typeof value === 'object' && value !== null && !Array.isArray(value)
}

const documentOf = (value: unknown): RowValues => (isDocument(value) ? value : {})

/** What is another one inside of what is kept as a document. */
function insideOf(fields: readonly Field[] | undefined, was: RowValues, now: RowValues): ValueChange[] {
  return Object.keys({ ...was, ...now })
    .filter((name) => JSON.stringify(was[name]) !== JSON.stringify(now[name]))
    .map((name) => {
      const field = fields?.find((one) => one.name === name)
      const text = (value: unknown) =>
        field ? fieldText(field, value as FieldValue) : value === undefined ? null : JSON.stringify(value)
      return { label: field?.label ?? name, was: text(was[name]), now: text(now[name]) }
    })
}

function valueText(column: string, value: unknown, field: Field | undefined, known: Known): string | null {
  if (value === null || value === undefined || value === '') return null
  const pointer = pointerIn({ [column]: value }, column)
  if (pointer) return known.calls(pointer)
  if (typeof value === 'string' && (column.endsWith('_at') || field?.kind === 'date-time'))
    return known.timeText(value)
  if (Array.isArray(value)) return field ? fieldText(field, value.join(',')) : value.join(', ')
  return field ? fieldText(field, value as FieldValue) : plain(column, value)
}

function plain(column: string, value: unknown): string {
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (typeof value === 'number') return column.endsWith('_mm') ? formatMm(value, 0.001) : String(value)
  return String(value)
}

/** `peak_force_n` reads “Peak force, N”. */
function labelOf(column: string): string {
  const [, name, unit] = /^(.+?)(?:_(mm|n|bar|years))?(?:_id|_at)?$/.exec(column) ?? []
  return unit ? `${plainName(name ?? column)}, ${unit === 'n' ? 'N' : unit}` : plainName(name ?? column)
}

function plainName(name: string): string {
  return capital(name.replaceAll('_', ' '))
}

function camelCase(column: string): string {
  return column.replace(/_(\w)/g, (_, letter: string) => letter.toUpperCase())
}
