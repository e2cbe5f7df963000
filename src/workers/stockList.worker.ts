import { expose } from 'comlink'
import type { ListReading } from '@/core/stock-list/checkListRow'
import { listRowChecker } from '@/core/stock-list/checkListRow'
import type { BadRow, ListOutcome, ListTable } from '@/io/csv/stockList'
import { readStockList } from '@/io/csv/stockList'

/** What a look at a whole list finds before anything is stored. */
export interface ListPreview {
  readonly good: number
  readonly bad: number
  /** the first bad rows, each with the column and the reason */
  readonly firstBad: readonly BadRow[]
}

const SHOWN_BAD = 100

let table: ListTable | null = null

const api = {
  /** Reads the text and keeps its rows; gives back the headings and some rows to see what is what. */
  open(
    text: string,
  ):
    | { ok: true; headings: readonly string[]; sample: ListTable['rows']; rows: number }
    | { ok: false; message: string } {
    const outcome: ListOutcome = readStockList(text)
    if (!outcome.ok) return outcome
    table = outcome.table
    const { headings, rows } = outcome.table
    return { ok: true, headings, sample: rows.slice(0, 200), rows: rows.length }
  },

  /** Checks every row of the list just opened. */
  check(reading: ListReading): ListPreview {
    if (!table) return { good: 0, bad: 0, firstBad: [] }
    const check = listRowChecker(table.headings, reading)
    const firstBad: BadRow[] = []
    const seen = new Map<string, number>()
    let [good, bad] = [0, 0]
    for (const [at, cells] of table.rows.entries()) {
      const line = at + 2
      const outcome = check(cells)
      const reason = outcome.ok
        ? twice(String(outcome.values.code), line, seen)
        : outcome.errors.map((error) => `${error.column}: ${error.reason}`).join(' ')
      if (reason === null) good++
      else if (++bad <= SHOWN_BAD) firstBad.push({ line, cells, reason })
    }
    return { good, bad, firstBad }
  },
}

/** Why a code that stands in the list already cannot land again; null for the first of it. */
function twice(code: string, line: number, seen: Map<string, number>): string | null {
  const before = seen.get(code)
  if (before !== undefined) return `Code: ${code} stands on line ${before} already. Leave one of them out.`
  seen.set(code, line)
  return null
}

export type StockListWorker = typeof api
expose(api)
