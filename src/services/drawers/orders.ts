import Joi from 'joi'
import { CRYSTAL_MATERIALS } from '@/core/fit/parts'
import type { Assortment } from '@/core/stock/assortment'
import { assortmentOrder, MOST_SIZES, sizesOf } from '@/core/stock/assortment'
import { describePart } from '@/core/stock/describePart'
import type { PartKind } from '@/core/parts/parts'
import { PART_KINDS } from '@/core/parts/parts'
import type { OrderLine } from '@/core/stock/reorder'
import { orderCount } from '@/core/stock/reorder'
import type { Db } from '@/data/client'
import { partsBelowMinimum } from '@/data/queries/partSearch'
import { writeOrderCsv } from '@/io/csv/orderCsv'
import { action } from '../action'
import type { Refusal } from '../boundary'
import { refuse, validate } from '../boundary'
import { drawersInMemory } from './drawersInMemory'

export interface ReorderLine extends OrderLine {
  readonly kind: PartKind
  readonly partId: number
  readonly minimum: number
}

/** Everything below its minimum, by supplier. */
export async function reorderList(db: Db): Promise<ReorderLine[]> {
  const lines: ReorderLine[] = []
  for (const kind of PART_KINDS) {
    for (const part of await partsBelowMinimum(db, kind)) {
      lines.push({
        kind,
        partId: part.id,
        minimum: part.minimum,
        supplier: part.supplier,
        supplierCode: part.supplierCode,
        code: part.code,
        description: describePart(kind, part),
        there: part.quantity,
        order: orderCount(part),
        priceCents: part.priceCents,
      })
    }
  }
  return lines.sort(
    (a, b) => a.supplier.localeCompare(b.supplier) || a.description.localeCompare(b.description),
  )
}

const mm = (name: string, least: number, most: number) =>
  Joi.number()
    .min(least)
    .max(most)
    .required()
    .messages({
      'any.required': `${name} is missing: type it in mm.`,
      'number.base': `${name} is missing: type it in mm.`,
      'number.min': `${name}: {#value} mm is less than ${least} mm.`,
      'number.max': `${name}: {#value} mm is more than ${most} mm.`,
    })
const assortmentSchema = Joi.object<Assortment>({
  fromMm: mm('From', 8, 60),
  toMm: mm('To', 8, 60),
  stepMm: mm('Step', 0.05, 5),
  each: Joi.number().integer().min(1).max(999).required().messages({
    'number.base': 'Of each: type a whole number.',
    'number.min': 'Of each: at least 1.',
    'number.max': 'Of each: at most 999.',
  }),
  edgeThicknessMm: mm('Thickness', 0.4, 8),
  material: Joi.string()
    .valid(...CRYSTAL_MATERIALS)
    .required(),
})

export interface AssortmentFound {
  readonly ok: true
  readonly lines: OrderLine[]
  /** sizes the run has */
  readonly sizes: number
}

/** What to order so that a run of crystals is complete. */
export const assortment = action(assortmentSchema, async (db, run): Promise<AssortmentFound | Refusal> => {
  if (run.toMm < run.fromMm) return refuse('To: must not be smaller than from.', 'toMm')
  const sizes = sizesOf(run).length
  if (sizes > MOST_SIZES)
    return refuse(
      `Step: ${sizes} sizes is more than ${MOST_SIZES}. Take a larger step or a shorter run.`,
      'stepMm',
    )
  const { index } = await drawersInMemory(db)
  return { ok: true, lines: assortmentOrder(index.crystals, run), sizes }
})

const csvSchema = Joi.object<{ lines: OrderLine[] }>({
  lines: Joi.array()
    .items(
      Joi.object({
        supplier: Joi.string().allow('').max(60).required(),
        supplierCode: Joi.string().allow('').max(60).required(),
        code: Joi.string().allow('').max(60).required(),
        description: Joi.string().max(200).required(),
        there: Joi.number().integer().required(),
        order: Joi.number().integer().min(1).max(9999).required(),
        priceCents: Joi.number().integer().min(0).required(),
      }).unknown(true),
    )
    .min(1)
    .max(5000)
    .required()
    .messages({ 'array.min': 'Order: nothing to order is left on the list.' }),
})

/** An order as CSV. */
export function orderCsv(input: unknown): { ok: true; text: string } | Refusal {
  const checked = validate(csvSchema, input)
  return checked.ok ? { ok: true, text: writeOrderCsv(checked.value.lines) } : checked
}
