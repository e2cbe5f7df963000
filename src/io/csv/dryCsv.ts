import Papa from 'papaparse'
import type { DryRow } from '@/core/dry-test/DryTrace'
import { MOST_DRY_CSV, MOST_SHOWN_UM, MOST_TESTER_BAR, TOO_LONG } from '@/core/dry-test/DryTrace'
import { figureIn, nameOf, unitOf } from './testerCells'

/** As many samples as are kept of one test: more are averaged. */
const MOST_ROWS = 1500

/** What a tester's file holds. */
export type DryFile =
  | {
      readonly ok: true
      /** one where the time runs on; more where it falls back */
      readonly tests: readonly (readonly DryRow[])[]
      /** what was taken from other units, a sentence each */
      readonly said: readonly string[]
    }
  | { readonly ok: false; readonly against: string }

interface Column {
  readonly index: number
  /** into s, bar, µm */
  readonly factor: number
  readonly unit: string
}

const TIME_NAMES = /^(?:elapsed|time|zeit|temps|tiempo|tempo|t|sec|seconds)\b/i
const PRESSURE_NAMES = /^(?:pressure|druck|pression|presi[oó]n|p)\b/i
const SHOWN_NAMES = /^(?:deformation|deflection|travel|displacement|verformung|weg|d|dist)\b/i

const TIME_UNITS: Readonly<Record<string, number>> = {
  ms: 0.001,
  s: 1,
  sec: 1,
  second: 1,
  seconds: 1,
  min: 60,
  minutes: 60,
}
const PRESSURE_UNITS: Readonly<Record<string, number>> = {
  bar: 1,
  mbar: 0.001,
  hpa: 0.001,
  kpa: 0.01,
  mpa: 10,
  pa: 1e-5,
  psi: 0.0689475729,
  atm: 1.01325,
}
const SHOWN_UNITS: Readonly<Record<string, number>> = { nm: 0.001, um: 1, µm: 1, μm: 1, micron: 1, mm: 1000 }

/**
 * Reads what a dry tester wrote: a line of names with their units, then a sample a line. Commas, semicolons or tabs; a
 * decimal comma where the columns are not parted by commas.
 */
export function readDryCsv(text: string): DryFile {
  if (text.length > MOST_DRY_CSV) return refused(TOO_LONG)
  const parsed = Papa.parse<string[]>(text.trim(), { skipEmptyLines: 'greedy' })
  const lines = parsed.data
  const headAt = lines.findIndex((cells) => cells.some((cell) => TIME_NAMES.test(nameOf(cell))))
  const head = lines[headAt]
  if (!head)
    return refused(
      'No column of time: the first line names the columns with their units, as time_s;pressure_bar;deformation_um.',
    )
  const time = columnOf(head, TIME_NAMES, TIME_UNITS, 's')
  const pressure = columnOf(head, PRESSURE_NAMES, PRESSURE_UNITS, null)
  const shown = columnOf(head, SHOWN_NAMES, SHOWN_UNITS, null)
  for (const [what, column, units] of [
    ['time', time, TIME_UNITS],
    ['pressure', pressure, PRESSURE_UNITS],
    ['deformation', shown, SHOWN_UNITS],
  ] as const)
    if (column?.factor === 0)
      return refused(
        `Column ${what}: its unit ${column.unit === '' ? 'is not said' : `“${column.unit}” is none of ours`}. Name it as ${what}_UNIT, with one of ${Object.keys(units).join(', ')}.`,
      )
  if (!time || !shown)
    return refused(
      'No column of deformation: how the case moved is what tells a leak. Name it deformation_um.',
    )
  const rows: DryRow[] = []
  for (const [i, cells] of lines.slice(headAt + 1).entries()) {
    const line = headAt + i + 2
    const read = rowOf(cells, { time, pressure, shown }, parsed.meta.delimiter)
    if (typeof read === 'string') {
      // A file that breaks off in the middle of its last line is one of a tester that stopped.
      if (line === lines.length && rows.length > 0) break
      return refused(`Line ${line}, ${read}`)
    }
    rows.push(read)
  }
  return judgedRows(rows, saidOf(pressure, shown))
}

function judgedRows(rows: readonly DryRow[], said: readonly string[]): DryFile {
  if (rows.length === 0) return refused('No sample stands under the names of the columns.')
  if (rows.every(([, , um]) => um === 0))
    return refused(
      'Nothing but zeros: the tester’s foot did not touch the case. Set it on the case and test anew.',
    )
  const twice = rows.findIndex(([tS], i) => i > 0 && tS === rows[i - 1]?.[0])
  if (twice !== -1)
    return refused(`Two samples at ${rows[twice]?.[0] ?? 0} s: time has to run on from line to line.`)
  const tests: DryRow[][] = []
  for (const [i, row] of rows.entries()) {
    const before = rows[i - 1]
    if (!before || row[0] < before[0]) tests.push([])
    tests.at(-1)?.push(row)
  }
  return { ok: true, tests: tests.map(thinned), said }
}

/** Averages neighbours until no more are left than are kept. */
function thinned(rows: readonly DryRow[]): DryRow[] {
  const each = Math.ceil(rows.length / MOST_ROWS)
  if (each === 1) return [...rows]
  return Array.from({ length: Math.floor(rows.length / each) }, (_, i): DryRow => {
    const some = rows.slice(i * each, (i + 1) * each)
    const mean = (values: readonly number[]) => values.reduce((sum, one) => sum + one, 0) / values.length
    const bars = some.map(([, bar]) => bar).filter((bar) => bar !== null)
    return [
      mean(some.map(([tS]) => tS)),
      bars.length < some.length ? null : mean(bars),
      mean(some.map(([, , um]) => um)),
    ]
  })
}

function rowOf(
  cells: readonly string[],
  { time, pressure, shown }: { time: Column; pressure: Column | null; shown: Column },
  delimiter: string,
): DryRow | string {
  const tS = timeIn(cells[time.index] ?? '', time, delimiter)
  if (tS === null) return wrong('time', cells[time.index])
  const bar = pressure ? scaledIn(cells[pressure.index] ?? '', pressure, delimiter) : null
  if (pressure && bar === null) return wrong('pressure', cells[pressure.index])
  const um = scaledIn(cells[shown.index] ?? '', shown, delimiter)
  if (um === null) return wrong('deformation', cells[shown.index])
  if (bar !== null && Math.abs(bar) > MOST_TESTER_BAR + 1)
    return `pressure: ${round(bar)} bar is more than ${MOST_TESTER_BAR}. See whether the unit in its name is the right one.`
  if (Math.abs(um) > MOST_SHOWN_UM)
    return `deformation: ${round(um)} µm is more than ${MOST_SHOWN_UM}. See whether the unit in its name is the right one.`
  return [round(tS), bar === null ? null : round(bar), round(um)]
}

function wrong(what: string, cell: string | undefined): string {
  return `${what}: “${(cell ?? '').slice(0, 20)}” is no number. Mend the line, or take it out.`
}

/** Seconds, or hours, minutes and seconds with colons between. */
function timeIn(cell: string, column: Column, delimiter: string): number | null {
  const parts = cell.trim().split(':')
  if (parts.length === 1) return scaledIn(cell, column, delimiter)
  const figures = parts.map((part) => figureIn(part, delimiter))
  return figures.reduce<number | null>(
    (sum, part) => (sum === null || part === null ? null : sum * 60 + part),
    0,
  )
}

function scaledIn(cell: string, { factor }: Column, delimiter: string): number | null {
  const figure = figureIn(cell, delimiter)
  return figure === null ? null : figure * factor
}

function columnOf(
  head: readonly string[],
  names: RegExp,
  units: Readonly<Record<string, number>>,
  usual: string | null,
): Column | null {
  const index = head.findIndex((cell) => names.test(nameOf(cell.trim())))
  if (index === -1) return null
  const said = unitOf(head[index] ?? '')
  const unit = said === '' && usual !== null ? usual : said
  return { index, unit, factor: Object.hasOwn(units, unit) ? (units[unit] ?? 0) : 0 }
}

function saidOf(pressure: Column | null, shown: Column): string[] {
  return [
    ...(pressure === null || pressure.unit === 'bar'
      ? []
      : [`Pressures came in ${pressure.unit}: taken as bar.`]),
    ...(shown.factor === 1 ? [] : [`Deformation came in ${shown.unit}: taken as µm.`]),
  ]
}

function round(value: number): number {
  return Number(value.toFixed(5))
}

function refused(against: string): DryFile {
  return { ok: false, against }
}
