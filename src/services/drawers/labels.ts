import Joi from 'joi'
import { describePart } from '@/core/stock/describePart'
import type { PartKind } from '@/core/parts/parts'
import { PART_KINDS } from '@/core/parts/parts'
import { parsePartQuery } from '@/core/stock/partQuery'
import { scanCode } from '@/core/stock/scanCode'
import type { Db } from '@/data/client'
import { allPartsFound, drawersOf } from '@/data/queries/partSearch'
import { traysInHand } from '@/data/queries/trays'
import type { Label } from '@/io/pdf/LabelsPdf'
import { labelsPdf } from '@/io/pdf/LabelsPdf'
import type { Refusal } from '../boundary'
import { refuse, validate } from '../boundary'

const LABELLED = ['trays', 'drawers', 'parts'] as const
type Labelled = (typeof LABELLED)[number]

/** Most labels in one document: twenty sheets. */
const MOST_LABELS = 480

const schema = Joi.object<{ of: Labelled; kind: PartKind; q: string }>({
  of: Joi.string()
    .valid(...LABELLED)
    .required(),
  kind: Joi.string()
    .valid(...PART_KINDS)
    .required(),
  q: Joi.string().allow('').max(200).default(''),
})

/** Labels with a code that a scanner reads, as PDF. */
export async function labels(db: Db, input: unknown): Promise<{ ok: true; pdf: Buffer } | Refusal> {
  const checked = validate(schema, input)
  if (!checked.ok) return checked
  const { of, kind, q } = checked.value
  const wanted = await labelsOf(db, of, kind, q)
  if (wanted.length === 0) return refuse('Labels: nothing found to print one for.')
  if (wanted.length > MOST_LABELS)
    return refuse(`Labels: ${wanted.length} is more than ${MOST_LABELS} at once. Narrow the search down.`)
  return { ok: true, pdf: await labelsPdf(wanted) }
}

async function labelsOf(db: Db, of: Labelled, looked: PartKind, q: string): Promise<Label[]> {
  switch (of) {
    case 'trays':
      return (await traysInHand(db)).map(({ tray, sheet, owner }) => ({
        title: `Tray ${tray.number}`,
        lines: [`${sheet.maker} ${sheet.reference}`, [owner.name, tray.ownerMark].filter(Boolean).join(', ')],
        code: scanCode({ kind: 'tray', number: tray.number }),
      }))
    case 'drawers':
      return (await drawersOf(db, looked)).map(({ drawer, lines }) => ({
        title: drawer,
        lines: [`${lines} ${lines === 1 ? 'line' : 'lines'}`],
        code: scanCode({ kind: 'drawer', drawer }),
      }))
    case 'parts': {
      const query = parsePartQuery(q)
      const kind = query.kind ?? looked
      const parts = await allPartsFound(db, kind, query, MOST_LABELS + 1)
      return parts.map((part) => ({
        title: part.code,
        lines: [describePart(kind, part), part.drawer],
        code: scanCode({ kind: 'part', part: kind, code: part.code }),
      }))
    }
  }
}
