import Papa from 'papaparse'

type Cell = string | number | null

/** Cells that a spreadsheet would run, behind however many apostrophes: OWASP, CSV Injection. */
const RUNS = /^'*[=+\-@\t\r]/

/**
 * A table as CSV: comma and point, a line of headings. A cell that a spreadsheet would run stands behind an apostrophe, one
 * that begins with apostrophes itself behind one more, so that `plainCell` gives back what was written.
 */
export function csvText(fields: readonly string[], data: readonly (readonly Cell[])[]): string {
  return Papa.unparse(
    { fields: fields.map(guarded), data: data.map((row) => row.map(guarded)) },
    { newline: '\n' },
  ).concat('\n')
}

function guarded<T extends Cell>(cell: T): T | string {
  // A figure below zero is a figure: nothing runs it, and it has to be read as one.
  return typeof cell === 'string' && RUNS.test(cell) ? `'${cell}` : cell
}

/** A cell of a file of ours or of a spreadsheet's, without the apostrophe that kept it from being run. */
export function plainCell(text: string): string {
  return text.startsWith("'") && RUNS.test(text.slice(1)) ? text.slice(1) : text
}
