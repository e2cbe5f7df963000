import Joi from 'joi'
import { RETENTIONS } from '@/core/construction/kinds'
import { SCHOOL_IDS } from '@/core/procedure/schools'
import { DIMENSION_IDS } from '@/core/readings/dimensions'
import type { ExchangeRow } from '@/data/exchange/trayTables'

const number = Joi.number().required()
const shared = Joi.object().pattern(Joi.string().max(40), Joi.number())

/** A figure with how well it is known. */
const figure = Joi.object({
  valueMm: number,
  standardUncertaintyMm: number.min(0),
  origin: Joi.string().valid('measured', 'sheet', 'supplier', 'derived', 'assumed').required(),
  shared,
}).unknown()

const sizes = Joi.array()
  .items(Joi.object({ sizeMm: number, probability: number }).unknown())
  .max(2000)

/** As every pick keeps what it rested on, see PickEvidence. */
const EVIDENCE = {
  verdict: Joi.object({ candidates: sizes.required(), drawn: sizes }).unknown().allow(null).required(),
  handClearanceMm: number.allow(null),
  fitProbability: number,
  probability: number,
  reasons: Joi.array().items(Joi.string().max(1000)).max(200).required(),
  readingIds: Joi.array().items(Joi.number()).max(5000).required(),
}
const OF_ANY = {
  ...EVIDENCE,
  figures: Joi.object()
    .pattern(Joi.valid(...DIMENSION_IDS), figure)
    .required(),
  hold: Joi.string().max(200).allow('').required(),
  rimMm: number.allow(null),
}
const evidence = Joi.alternatives().try(
  Joi.object({
    ...EVIDENCE,
    formatVersion: Joi.valid(1).required(),
    bore: figure.required(),
    interferenceMm: number,
    squeeze: number,
    rimMm: number,
  }).unknown(),
  Joi.object({
    ...OF_ANY,
    formatVersion: Joi.valid(2).required(),
    held: Joi.valid('ring', 'neck', 'acrylic', 'cement').required(),
  }).unknown(),
  Joi.object({
    ...OF_ANY,
    formatVersion: Joi.valid(3).required(),
    retention: Joi.valid(...RETENTIONS).required(),
  }).unknown(),
)

const schools = Joi.object().pattern(Joi.valid(...SCHOOL_IDS), Joi.string().max(60))

/** What is kept as documents in columns, by list and column. */
const DOCUMENTS: readonly (readonly [list: string, column: string, schema: Joi.Schema])[] = [
  ['picks', 'evidence', evidence],
  ['shape_readings', 'shared', shared],
  ['shape_readings', 'input', Joi.object().unknown()],
]

/** What is against the documents in a tray's rows; null where nothing is. */
export function documentsObjection(
  tray: ExchangeRow,
  records: Readonly<Record<string, readonly ExchangeRow[]>>,
): string | null {
  if (objectionTo(schools, tray['schools'])) return 'tray: schools are none of ours.'
  for (const [list, column, schema] of DOCUMENTS)
    for (const [at, row] of (records[list] ?? []).entries())
      if (objectionTo(schema, row[column]))
        return `${list}, row ${at + 1}: ${column} is not as Whyalon keeps it.`
  return null
}

function objectionTo(schema: Joi.Schema, value: unknown): boolean {
  return schema.validate(value, { convert: false, presence: 'optional' }).error !== undefined
}
