import Papa from 'papaparse'
import { parseMm } from '@/core/units/parseMm'
import type { DimensionId } from '@/core/readings/dimensions'
import { DIMENSION_IDS } from '@/core/readings/dimensions'
import { DIMENSIONS } from '@/core/readings/dimensions'
import { csvText, plainCell } from './csvText'

/** One reading as it stands in a file: nothing of it is worked out, so nothing is lost on the way. */
export interface ReadingRow {
  readonly dimension: DimensionId
  readonly place: string
  readonly shownMm: number
  readonly instrument: string
  readonly resolutionMm: number
  readonly maximumPermissibleErrorMm: number
  readonly zeroOffsetMm: number
  /** what the instrument was off, see `InstrumentSpec`; null in files from before they were kept: as its error allows */
  readonly ownUncertaintyMm: number | null
  readonly zeroUncertaintyMm: number | null
  readonly scaleUncertainty: number | null
  readonly source: 'typed' | 'instrument'
  readonly takenAt: string
  /** empty while the reading stands */
  readonly voidReason: string
}

/** Columns a file need not have. */
const ERROR_COLUMNS = ['own_uncertainty_mm', 'zero_uncertainty_mm', 'scale_uncertainty'] as const

const READING_COLUMNS = [
  'dimension',
  'place',
  'shown_mm',
  'instrument',
  'resolution_mm',
  'permissible_error_mm',
  'zero_offset_mm',
  'source',
  'taken_at',
  'taken_back_because',
] as const

/** Most lines taken from one file: more is not one tray. */
const MOST_READING_LINES = 2000

/** A tray's readings as CSV, comma and point, with a heading line. Words that a spreadsheet would run are disarmed. */
export function writeReadingsCsv(rows: readonly ReadingRow[]): string {
  return csvText(
    [...READING_COLUMNS, ...ERROR_COLUMNS],
    rows.map((row) => [
      row.dimension,
      row.place,
      row.shownMm,
      row.instrument,
      row.resolutionMm,
      row.maximumPermissibleErrorMm,
      row.zeroOffsetMm,
      row.source,
      row.takenAt,
      row.voidReason,
      row.ownUncertaintyMm,
      row.zeroUncertaintyMm,
      row.scaleUncertainty,
    ]),
  )
}

export interface LineError {
  /** 1 for the heading */
  readonly line: number
  readonly column: string
  readonly message: string
}

export type ReadingsCsv =
  { ok: true; rows: readonly ReadingRow[] } | { ok: false; errors: readonly LineError[] }

/**
 * Reads a file written by `writeReadingsCsv`, or one like it: columns in any order, semicolons or tabs as well.
 * @returns every row, or every line that is wrong with its column and what to do; never some of them
 */
export function readReadingsCsv(text: string): ReadingsCsv {
  const parsed = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (name) => name.trim().toLowerCase(),
  })
  const missing = READING_COLUMNS.filter((name) => !(parsed.meta.fields ?? []).includes(name))
  if (missing.length > 0) {
    return wrong(
      1,
      missing.join(', '),
      `The heading names no ${missing.join(', ')}. Keep the heading line of the file.`,
    )
  }
  if (parsed.data.length > MOST_READING_LINES) {
    return wrong(
      1,
      '',
      `${parsed.data.length} lines are more than ${MOST_READING_LINES}: that is not one tray.`,
    )
  }
  const errors: LineError[] = []
  const rows = parsed.data.map((cells, i) => rowOf(cells, i + 2, errors))
  return errors.length > 0 ? { ok: false, errors } : { ok: true, rows: rows.filter((row) => row !== null) }
}

function rowOf(cells: Record<string, string>, line: number, errors: LineError[]): ReadingRow | null {
  const cell = (name: (typeof READING_COLUMNS | typeof ERROR_COLUMNS)[number]) =>
    plainCell(cells[name] ?? '').trim()
  const before = errors.length
  const fail = (column: string, message: string) => errors.push({ line, column, message })
  const dimension = DIMENSION_IDS.find((id) => id === cell('dimension'))
  if (!dimension)
    fail('dimension', `“${cell('dimension').slice(0, 24)}” is not one of ${DIMENSION_IDS.join(', ')}.`)
  if (dimension && !DIMENSIONS[dimension].places.includes(cell('place'))) {
    fail('place', `“${cell('place').slice(0, 24)}” is not one of ${DIMENSIONS[dimension].places.join(', ')}.`)
  }
  const length = (name: 'shown_mm' | 'resolution_mm' | 'permissible_error_mm' | 'zero_offset_mm') => {
    const value = parseMm(cell(name))
    if (value.ok) return value.valueMm
    fail(name, `“${cell(name).slice(0, 24)}” is not a length in mm.`)
    return 0
  }
  const shownMm = length('shown_mm')
  if (dimension && (shownMm < DIMENSIONS[dimension].leastMm || shownMm > DIMENSIONS[dimension].mostMm)) {
    const { leastMm, mostMm } = DIMENSIONS[dimension]
    fail('shown_mm', `${shownMm} is outside ${leastMm}–${mostMm} mm.`)
  }
  const error = (name: (typeof ERROR_COLUMNS)[number]) => {
    if (cell(name) === '') return null
    const value = Number(cell(name).replace(',', '.'))
    if (Number.isFinite(value)) return value
    fail(name, `“${cell(name).slice(0, 24)}” is not a figure. Leave it empty where it is not known.`)
    return null
  }
  const source = cell('source')
  if (source !== 'typed' && source !== 'instrument')
    fail('source', `“${source.slice(0, 24)}” is not typed or instrument.`)
  const takenAt = new Date(cell('taken_at'))
  if (Number.isNaN(takenAt.getTime()))
    fail('taken_at', `“${cell('taken_at').slice(0, 24)}” is not a time. Write it as 2026-11-24T10:00:00Z.`)
  const row = {
    place: cell('place'),
    shownMm,
    instrument: cell('instrument'),
    resolutionMm: length('resolution_mm'),
    maximumPermissibleErrorMm: length('permissible_error_mm'),
    zeroOffsetMm: length('zero_offset_mm'),
    voidReason: cell('taken_back_because'),
    ownUncertaintyMm: error('own_uncertainty_mm'),
    zeroUncertaintyMm: error('zero_uncertainty_mm'),
    scaleUncertainty: error('scale_uncertainty'),
  }
  if (!dimension || errors.length > before || (source !== 'typed' && source !== 'instrument')) return null
  return { ...row, dimension, source, takenAt: takenAt.toISOString() }
}

function wrong(line: number, column: string, message: string): ReadingsCsv {
  return { ok: false, errors: [{ line, column, message }] }
}
