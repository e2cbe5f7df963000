import Papa from 'papaparse'
import type { Field } from '@/core/records/Field'
import { csvText, plainCell } from './csvText'

/** A supplier's list as a table of texts. */
export interface ListTable {
  readonly headings: readonly string[]
  readonly rows: readonly (readonly string[])[]
}

export type ListOutcome = { ok: true; table: ListTable } | { ok: false; message: string }

/** Most rows taken from one list. */
const MOST_LIST_ROWS = 250_000

/** Reads CSV, TSV or anything a spreadsheet saves: the separator is found, quotes and line ends as they come. */
export function readStockList(text: string): ListOutcome {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), {
    skipEmptyLines: 'greedy',
    delimitersToGuess: ['\t', ';', ',', '|'],
  })
  const [first, ...rows] = data.map((cells) => cells.map(plainCell))
  const headings = first?.map((heading) => heading.trim()) ?? []
  if (headings.filter(Boolean).length < 2)
    return { ok: false, message: 'List: no columns found. Save it as CSV or TSV with one line of headings.' }
  const twice = headings.find((heading, at) => heading !== '' && headings.indexOf(heading) !== at)
  if (twice !== undefined)
    return { ok: false, message: `List: the heading “${twice}” stands twice. Rename one of them.` }
  if (rows.length === 0) return { ok: false, message: 'List: there are headings and no rows under them.' }
  if (rows.length > MOST_LIST_ROWS)
    return {
      ok: false,
      message: `List: ${rows.length} rows; at most ${MOST_LIST_ROWS} at once. Cut it in two.`,
    }
  return { ok: true, table: { headings, rows } }
}

export interface BadRow {
  /** line in the file, the headings being line 1 */
  readonly line: number
  readonly cells: readonly string[]
  readonly reason: string
}

/** Rows that did not land, as they came, with what was wrong behind them: to be mended and imported again. */
export function writeBadRows(headings: readonly string[], rows: readonly BadRow[]): string {
  return csvText(
    [...headings, 'line', 'what is wrong'],
    rows.map(({ cells, line, reason }) => [...headings.map((_, at) => cells[at] ?? ''), line, reason]),
  )
}

/** Lines of the drawers as CSV, under headings that an import reads back. Words that a spreadsheet would run are disarmed. */
export function writeStockList(
  fields: readonly Field[],
  rows: readonly Readonly<Record<string, unknown>>[],
): string {
  return csvText(
    fields.map(headingOf),
    rows.map((row) => fields.map((field) => cellOf(field, row[field.name]))),
  )
}

function headingOf(field: Field): string {
  return field.kind === 'figure' ? `${field.label} (mm)` : field.label
}

function cellOf(field: Field, value: unknown): string | number {
  if (typeof value === 'number') return field.kind === 'money' ? value / 100 : value
  return typeof value === 'string' ? value : ''
}
