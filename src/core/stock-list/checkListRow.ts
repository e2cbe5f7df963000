import { PARTS } from '../parts/parts'
import type { FieldValue } from '../records/checkRecord'
import { checkField } from '../records/checkRecord'
import type { Field } from '../records/Field'
import { isShown } from '../records/Field'
import type { PartKind } from '../parts/parts'
import type { ColumnMapping, ListColumn } from './listColumns'
import { listNumber, toMm } from './listNumber'

/** How a list is read: whose it is, which column is what, what holds for all its rows. */
export interface ListReading {
  readonly kind: PartKind
  readonly supplier: string
  readonly mapping: ColumnMapping
  /** values of fields the list has no column for, as text */
  readonly defaults: Readonly<Record<string, string>>
  /** put before the supplier's codes to make the shop's own */
  readonly prefix: string
}

/** One thing wrong with one cell. */
export interface CellError {
  /** heading of the column, or the field where the list has none */
  readonly column: string
  readonly reason: string
}

export type RowOutcome =
  { ok: true; values: Readonly<Record<string, FieldValue>> } | { ok: false; errors: readonly CellError[] }

/** What a field holds where neither list nor reader says. */
const USUAL: Readonly<Record<string, string>> = {
  quantity: '0',
  minimum: '0',
  priceCents: '0',
  undersideRiseMm: '0',
  bevelMm: '0',
  footMm: '0',
  openingMm: '0',
  recessDepthMm: '0',
  magnifier: 'none',
  arCoating: 'none',
  build: 'disc',
  use: 'crystal',
  section: 'I',
  profile: 'flat',
  form: 'flat',
  colour: 'as supplied',
  drawer: 'to place',
}

/** Words suppliers use for what a field may hold. */
const VALUE_SYNONYMS: Readonly<Record<string, string>> = {
  'mineral glass': 'mineral',
  'hardened mineral glass': 'hardened-mineral',
  hardened: 'hardened-mineral',
  'sapphire crystal': 'sapphire',
  'sapphire glass': 'sapphire',
  plexi: 'acrylic',
  plastic: 'acrylic',
  plano: 'flat',
  dome: 'single-dome',
  domed: 'single-dome',
  'single domed': 'single-dome',
  'double domed': 'double-dome',
  nbr: 'nitrile',
  fkm: 'fluororubber',
  vmq: 'silicone',
  pom: 'acetal',
  slope: 'sloped',
  teflon: 'PTFE',
}

/** Checks rows of one list. Made once a list: what holds for all its rows is looked up once. */
export function listRowChecker(
  headings: readonly string[],
  { kind, supplier, mapping, defaults, prefix }: ListReading,
): (row: readonly string[]) => RowOutcome {
  const fields = PARTS[kind].fields
  const columns = new Map<string, { at: number; heading: string; column: ListColumn }>()
  for (const [at, heading] of headings.entries()) {
    const column = mapping[heading]
    if (column) columns.set(column.field, { at, heading, column })
  }
  const cellOf = (name: string, row: readonly string[]) => (row[columns.get(name)?.at ?? -1] ?? '').trim()
  return (row) => {
    const errors: CellError[] = []
    const texts: Record<string, string> = {}
    for (const field of fields) {
      const found = columns.get(field.name)
      const cell = found ? cellOf(field.name, row) : ''
      const text = cell === '' ? (defaults[field.name] ?? usualOf(field)) : cell
      const converted =
        cell === '' || !found ? { ok: true as const, text } : convert(field, text, found.column)
      if (converted.ok) texts[field.name] = converted.text
      else errors.push({ column: found?.heading ?? field.label, reason: converted.reason })
    }
    const supplierCode = texts.supplierCode ?? ''
    // A list of several suppliers says itself whose each line is, the shop's own lines too.
    texts.supplier = columns.has('supplier') ? cellOf('supplier', row) : supplier
    texts.code ||= supplierCode === '' ? '' : `${prefix}${supplierCode}`
    followOn(kind, texts)
    const values: Record<string, FieldValue> = {}
    for (const field of fields) {
      if (errors.some(({ column }) => column === columns.get(field.name)?.heading)) continue
      if (!isShown(field, (name) => texts[name])) {
        values[field.name] = emptyOf(field)
        continue
      }
      // What follows from another cell has failed with it.
      if (texts[field.name] === '' && kind === 'crystal' && field.name === 'centreThicknessMm') continue
      const check = checkField(field, texts[field.name])
      if (check.ok) values[field.name] = check.value
      else errors.push({ column: columns.get(field.name)?.heading ?? field.label, reason: check.message })
    }
    return errors.length > 0 ? { ok: false, errors } : { ok: true, values }
  }
}

/** A choice's usual word holds only for kinds that have it: an insert is flat, a chapter ring never. What need not be there is not. */
function usualOf(field: Field): string {
  if ('required' in field && !field.required) return ''
  const usual = USUAL[field.name] ?? ''
  return field.kind !== 'choice' || field.options.some(({ value }) => value === usual) ? usual : ''
}

type Converted = { ok: true; text: string } | { ok: false; reason: string }

/** A cell as its field writes it: lengths in mm, prices to the hundredth, words as the field's own. */
function convert(field: Field, cell: string, column: ListColumn): Converted {
  switch (field.kind) {
    case 'figure': {
      const read = listNumber(cell)
      return read.ok
        ? { ok: true, text: String(toMm(read.value, column.unit)) }
        : { ok: false, reason: `“${short(cell)}” is not a figure: write it as 30.0.` }
    }
    case 'count': {
      const read = listNumber(cell)
      if (!read.ok) return { ok: false, reason: `“${short(cell)}” is not a number: write it as 12.` }
      return { ok: true, text: String(read.value) }
    }
    case 'money': {
      const read = listNumber(cell)
      return read.ok
        ? { ok: true, text: read.value.toFixed(2) }
        : { ok: false, reason: `“${short(cell)}” is not an amount of money: write it as 6.90.` }
    }
    case 'choice': {
      const word = cell.toLowerCase().replace(/\s+/g, ' ')
      const own = field.options.find(
        ({ value, label }) =>
          value.toLowerCase() === word.replaceAll(' ', '-') || label.toLowerCase() === word,
      )
      const known = VALUE_SYNONYMS[word]
      return {
        ok: true,
        text: own?.value ?? (field.options.some(({ value }) => value === known) ? (known ?? cell) : cell),
      }
    }
    default:
      return { ok: true, text: cell }
  }
}

/** What follows from other cells where the list leaves it out. */
function followOn(kind: PartKind, texts: Record<string, string>): void {
  if (kind !== 'crystal') return
  texts.centreThicknessMm ||= texts.edgeThicknessMm ?? ''
}

function emptyOf(field: Field): FieldValue {
  if (field.kind === 'flag') return false
  return field.kind === 'text' || field.kind === 'many' ? '' : null
}

function short(text: string): string {
  return text.length > 20 ? `${text.slice(0, 20)}…` : text
}
