import Joi from 'joi'
import { checkReading } from '@/core/readings/checkReading'
import { DIMENSION_IDS } from '@/core/readings/dimensionKinds'
import { DIMENSIONS } from '@/core/readings/dimensions'
import type { DimensionId } from '@/core/readings/dimensionKinds'
import { sheetValueMm } from '@/core/tray/caseFigures'
import type { Db } from '@/data/client'
import { insertReadings, standingReadings, voidReading } from '@/data/queries/readings'
import type { Instrument } from '@/data/queries/tools'
import { allInstruments } from '@/data/queries/tools'
import type { TrayRow } from '@/data/queries/trays'
import { trayById } from '@/data/queries/trays'
import type { Refusal } from '../boundary'
import { idSchema, refuse, validate } from '../boundary'
import type { TrayView } from './trayView'
import { trayView } from './trayView'

export interface ReadingInput {
  readonly trayId: number
  readonly dimension: DimensionId
  readonly placeIndex: number
  /** as typed or as the instrument sent it */
  readonly text: string
  readonly instrumentId: number
  readonly source: 'typed' | 'instrument'
  /** the technician has answered a question about this very value */
  readonly confirmed: boolean
}

export type ReadingResult =
  | { ok: true; view: TrayView; note: string | null }
  | {
      ok: false
      ask: { message: string; valueMm: number; suggestionMm: number | null; keepAllowed: boolean }
    }
  | Refusal

const MOST_TEXT = 40

const schema = Joi.object<ReadingInput>({
  trayId: idSchema.required(),
  dimension: Joi.string()
    .valid(...DIMENSION_IDS)
    .required()
    .messages({ 'any.only': 'Dimension: not one this bench reads. Choose one on the drawing.' }),
  placeIndex: Joi.number().integer().min(0).max(11).required(),
  text: Joi.string()
    .allow('')
    .max(MOST_TEXT)
    .required()
    .messages({
      'string.max': `Reading: more than ${MOST_TEXT} characters cannot be a figure. Type it again.`,
    }),
  instrumentId: idSchema.required(),
  source: Joi.string().valid('typed', 'instrument').required(),
  confirmed: Joi.boolean().required(),
})

/**
 * Stores one reading, or asks about it, or refuses it. Nothing is stored unless the answer is ok.
 * @returns the tray's page with the reading taken in
 */
export async function takeReading(db: Db, input: unknown, now: Date): Promise<ReadingResult> {
  const checked = validate(schema, input)
  if (!checked.ok) return checked
  const { trayId, dimension, placeIndex, text, instrumentId, source, confirmed } = checked.value
  const row = await trayById(db, trayId)
  if (!row) return refuse('This tray is not there any more: go back to the list.')
  if (row.tray.finishedAt)
    return refuse(`Tray ${row.tray.number} was handed back: nothing is measured on it any more.`)
  if (placeIndex >= DIMENSIONS[dimension].places.length) {
    return refuse(
      `${DIMENSIONS[dimension].label} has ${DIMENSIONS[dimension].places.length} places. Choose one of them.`,
    )
  }
  const instrument = (await allInstruments(db)).find((i) => i.id === instrumentId)
  if (!instrument) return refuse('Instrument: not in Settings any more. Choose another one.', 'instrument')

  const expectedMm = await expectation(db, row, dimension, instrument)
  const check = checkReading(text, DIMENSIONS[dimension], expectedMm)
  if (check.outcome === 'refuse') return refuse(check.message, 'reading')
  if (check.outcome === 'ask' && !(confirmed && check.keepAllowed)) {
    const { message, valueMm, suggestionMm, keepAllowed } = check
    return { ok: false, ask: { message, valueMm, suggestionMm, keepAllowed } }
  }
  const { resolutionMm, maximumPermissibleErrorMm, zeroOffsetMm } = instrument
  await insertReadings(db, [
    {
      trayId,
      dimension,
      placeIndex,
      shownMm: check.valueMm,
      instrumentId,
      resolutionMm,
      maximumPermissibleErrorMm,
      zeroOffsetMm,
      source,
      takenAt: now,
    },
  ])
  const note = check.outcome === 'accept' ? check.note : null
  return { ok: true, view: await trayView(db, row), note }
}

/** What this instrument should show: the mean of earlier readings of the dimension, else the case sheet's figure. */
async function expectation(
  db: Db,
  { tray, sheet }: TrayRow,
  dimension: DimensionId,
  instrument: Instrument,
): Promise<number | null> {
  const earlier = (await standingReadings(db, tray.id)).filter((r) => r.dimension === dimension)
  if (earlier.length > 0) {
    const sum = earlier.reduce((total, r) => total + r.shownMm - r.zeroOffsetMm, 0)
    return sum / earlier.length + instrument.zeroOffsetMm
  }
  const fromSheet = sheetValueMm(dimension, sheet)
  return fromSheet === null ? null : fromSheet + instrument.zeroOffsetMm
}

const voidSchema = Joi.object<{ trayId: number; readingId: number; reason: string }>({
  trayId: idSchema.required(),
  readingId: idSchema.required(),
  reason: Joi.string()
    .pattern(/\S\s*\S/)
    .max(200)
    .required()
    .messages({
      'string.empty': 'Reason is missing: say in a word why, as “jaws tilted”.',
      'string.pattern.base': 'Reason: say in a word why, as “jaws tilted”.',
      'string.max': 'Reason: at most 200 characters. Shorten it.',
    }),
})

/** Takes a reading back, with the reason; the old value is kept. */
export async function takeBackReading(
  db: Db,
  input: unknown,
  now: Date,
): Promise<{ ok: true; view: TrayView } | Refusal> {
  const checked = validate(voidSchema, input)
  if (!checked.ok) return checked
  const { trayId, readingId, reason } = checked.value
  const row = await trayById(db, trayId)
  const standing = row ? await standingReadings(db, trayId) : []
  if (!row || !standing.some((r) => r.id === readingId)) return refuse('This reading was taken back already.')
  await voidReading(db, readingId, reason.trim(), now)
  return { ok: true, view: await trayView(db, row) }
}
