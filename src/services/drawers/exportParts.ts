import Joi from 'joi'
import type { PartKind } from '@/core/parts/parts'
import { PART_KINDS, PARTS } from '@/core/parts/parts'
import { parsePartQuery } from '@/core/stock/partQuery'
import type { Db } from '@/data/client'
import { allPartsFound } from '@/data/queries/partSearch'
import { writeStockList } from '@/io/csv/stockList'
import type { Refusal } from '../boundary'
import { validate } from '../boundary'

const MOST_LINES = 250_000
const schema = Joi.object<{ kind: PartKind; q: string }>({
  kind: Joi.string()
    .valid(...PART_KINDS)
    .required(),
  q: Joi.string().allow('').max(200).default(''),
})

/** What a search finds, as CSV under headings that an import reads back. */
export async function exportParts(
  db: Db,
  input: unknown,
): Promise<{ ok: true; name: string; text: string } | Refusal> {
  const checked = validate(schema, input)
  if (!checked.ok) return checked
  const query = parsePartQuery(checked.value.q)
  const kind = query.kind ?? checked.value.kind
  const rows = await allPartsFound(db, kind, query, MOST_LINES)
  return { ok: true, name: `${kind}s.csv`, text: writeStockList(PARTS[kind].fields, rows) }
}
