import Joi from 'joi'
import type { FieldValue } from '@/core/records/checkRecord'
import type { PartKind } from '@/core/parts/parts'
import { PART_KINDS, PARTS } from '@/core/parts/parts'
import type { ListReading } from '@/core/stock-list/checkListRow'
import { listRowChecker } from '@/core/stock-list/checkListRow'
import type { ColumnMapping } from '@/core/stock-list/listColumns'
import { LIST_UNITS } from '@/core/stock-list/listNumber'
import type { Db } from '@/data/client'
import { knownCodes, upsertParts } from '@/data/queries/importParts'
import { mappingOf, rememberMapping } from '@/data/queries/importMappings'
import { noteMoves } from '@/data/queries/stockMoves'
import { transact } from '@/data/transact'
import { readStockList } from '@/io/csv/stockList'
import type { BadRow } from '@/io/csv/stockList'
import type { Refusal } from '../boundary'
import { refuse, validate } from '../boundary'

export interface ImportInput extends ListReading {
  readonly text: string
}

/** How far an import has come. */
export interface ImportProgress {
  readonly done: number
  readonly total: number
}

export interface ImportResult {
  readonly ok: true
  readonly added: number
  readonly changed: number
  readonly same: number
  /** rows that did not land, with why */
  readonly bad: readonly BadRow[]
  /** false when it was stopped: what landed until then stays */
  readonly finished: boolean
  /** rows looked at until it ended */
  readonly done: number
  readonly total: number
}

const readingSchema = Joi.object<ListReading>({
  kind: Joi.string()
    .valid(...PART_KINDS)
    .required(),
  supplier: Joi.string().trim().min(1).max(60).required().messages({
    'string.empty': 'Supplier is missing: type whose list it is.',
    'any.required': 'Supplier is missing: type whose list it is.',
  }),
  mapping: Joi.object()
    .pattern(
      Joi.string().max(200),
      Joi.object({
        field: Joi.string().max(40).required(),
        unit: Joi.string()
          .valid(...Object.keys(LIST_UNITS))
          .required(),
      }),
    )
    .max(100)
    .required(),
  defaults: Joi.object().pattern(Joi.string().max(40), Joi.string().allow('').max(120)).default({}),
  prefix: Joi.string().allow('').max(12).default(''),
})

/** Rows stored in one transaction: between two of them other work gets its turn. */
const BATCH = 2000

/**
 * Takes a supplier's list into the drawers: every row is checked, good ones land, bad ones come back with what is wrong.
 * The same list twice changes nothing: counts, drawers and minimums of known lines stay the shop's own unless the list
 * has a column for them.
 * @param onProgress - called after every batch; false stops the import, what landed stays
 */
export async function importParts(
  db: Db,
  input: { readonly text: string; readonly reading: unknown },
  now: Date,
  onProgress: (progress: ImportProgress) => boolean,
): Promise<ImportResult | Refusal> {
  const checked = validate(readingSchema, input.reading)
  if (!checked.ok) return checked
  const reading = checked.value
  const list = readStockList(input.text)
  if (!list.ok) return refuse(list.message, 'file')
  const { headings, rows } = list.table
  const check = listRowChecker(headings, reading)
  const kept = keptFields(reading)
  const seen = new Map<string, number>()
  const tally = { added: 0, changed: 0, same: 0 }
  const bad: BadRow[] = []
  let done = 0
  let going = true
  while (going && done < rows.length) {
    const batch: Line[] = []
    const until = Math.min(done + BATCH, rows.length)
    for (; done < until; done++) {
      const cells = rows[done] ?? []
      const line = done + 2
      const outcome = check(cells)
      if (!outcome.ok) {
        bad.push({
          line,
          cells,
          reason: outcome.errors.map(({ column, reason }) => `${column}: ${reason}`).join(' '),
        })
        continue
      }
      const code = String(outcome.values.code)
      const before = seen.get(code)
      if (before === undefined) {
        seen.set(code, line)
        batch.push({ line, cells, values: outcome.values })
      } else {
        bad.push({
          line,
          cells,
          reason: `Code: ${code} stands on line ${before} already. Leave one of them out.`,
        })
      }
    }
    await storeBatch(db, reading, batch, { kept, tally, bad, now })
    going = onProgress({ done, total: rows.length })
  }
  await rememberMapping(db, reading.supplier, reading.kind, columnsAsText(reading.mapping))
  return {
    ok: true,
    ...tally,
    bad: bad.sort((a, b) => a.line - b.line),
    finished: done >= rows.length,
    done,
    total: rows.length,
  }
}

interface Line {
  readonly line: number
  readonly cells: readonly string[]
  readonly values: Readonly<Record<string, FieldValue>>
}

interface BatchState {
  readonly kept: ReadonlySet<string>
  readonly tally: { added: number; changed: number; same: number }
  readonly bad: BadRow[]
  readonly now: Date
}

async function storeBatch(
  db: Db,
  { kind }: ListReading,
  batch: readonly Line[],
  { kept, tally, bad, now }: BatchState,
): Promise<void> {
  if (batch.length === 0) return
  await transact(db, async (tx) => {
    const codes = batch.map(({ values }) => String(values.code))
    const known = await knownCodes(tx, kind, codes)
    const mine = batch.filter(({ line, cells, values }) => {
      const other = known.get(String(values.code))
      if (!other || other.supplier === values.supplier) return true
      const whose = other.supplier === '' ? 'a line of the shop’s own' : `a line of ${other.supplier}`
      bad.push({
        line,
        cells,
        reason: `Code: ${String(values.code)} is ${whose} already. Give this list a prefix for its codes.`,
      })
      return false
    })
    if (mine.length === 0) return
    const stored = await upsertParts(
      tx,
      kind,
      mine.map(({ values }) => values),
      kept,
    )
    const added = stored.filter((row) => row.added).length
    tally.added += added
    tally.changed += stored.length - added
    tally.same += mine.length - stored.length
    const moves = stored
      .map(({ id, code, quantity }) => ({
        id,
        quantity,
        change: quantity - (known.get(code)?.quantity ?? 0),
      }))
      .filter(({ change }) => change !== 0)
    await noteMoves(
      tx,
      moves.map(({ id, quantity, change }) => ({
        kind,
        partId: id,
        change,
        reason: 'imported',
        trayId: null,
        movedAt: now,
        leftThere: quantity,
      })),
    )
  })
}

/** The shop's own say over known lines: what the list has no column for is not overwritten by what is usual. */
function keptFields({ kind, mapping, defaults }: ListReading): Set<string> {
  const listed = new Set(Object.values(mapping).map(({ field }) => field))
  const own = ['quantity', 'minimum', 'drawer', 'priceCents']
  return new Set(
    PARTS[kind].fields
      .map(({ name }) => name)
      .filter((name) => own.includes(name) && !listed.has(name) && (defaults[name] ?? '') === ''),
  )
}

function columnsAsText(mapping: ColumnMapping): Record<string, string> {
  return Object.fromEntries(
    Object.entries(mapping).map(([heading, { field, unit }]) => [heading, `${field} ${unit}`]),
  )
}

const mappingSchema = Joi.object<{ supplier: string; kind: PartKind }>({
  supplier: Joi.string().max(60).required(),
  kind: Joi.string()
    .valid(...PART_KINDS)
    .required(),
})

/** How a supplier's list was read last; empty for one never seen. */
export async function mappingFor(db: Db, input: unknown): Promise<ColumnMapping> {
  const checked = validate(mappingSchema, input)
  if (!checked.ok) return {}
  const columns = await mappingOf(db, checked.value.supplier, checked.value.kind)
  const mapping: Record<string, ColumnMapping[string]> = {}
  for (const [heading, text] of Object.entries(columns ?? {})) {
    const [field = '', ...rest] = text.split(' ')
    const unit = (Object.keys(LIST_UNITS) as (keyof typeof LIST_UNITS)[]).find(
      (name) => name === rest.join(' '),
    )
    mapping[heading] = { field, unit: unit ?? 'mm' }
  }
  return mapping
}
