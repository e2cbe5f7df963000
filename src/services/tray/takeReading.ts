import Joi from 'joi'
import { checkReading } from '@/core/readings/checkReading'
import { instrumentDoubt } from '@/core/measure/instrumentDoubt'
import { figuresKept } from '@/core/measure/describedInstrument'
import { reachOf, reachText } from '@/core/readings/instrumentFor'
import { DIMENSION_IDS, DIMENSIONS, isInside } from '@/core/readings/dimensions'
import type { DimensionId } from '@/core/readings/dimensions'
import type { ExpectedReading } from '@/core/tray/expectedReading'
import { expectedReading } from '@/core/tray/expectedReading'
import { insertReadings, voidReading } from '@/data/queries/readings'
import type { Instrument } from '@/data/queries/tools'
import { action } from '../action'
import type { Refusal } from '../boundary'
import { idSchema, reasonSchema, refuse } from '../boundary'
import { changeTray } from './changeTray'
import { trayChange } from './trayChange'
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

/** A question about an unlikely reading; nothing is stored until it is answered. */
export interface ReadingQuestion {
  readonly message: string
  readonly valueMm: number
  readonly suggestionMm: number | null
  readonly keepAllowed: boolean
}

export type ReadingResult =
  { ok: true; view: TrayView; note: string | null } | { ok: false; ask: ReadingQuestion } | Refusal

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
export const takeReading = action(schema, async (db, input, now): Promise<ReadingResult> => {
  const { trayId, dimension, placeIndex, instrumentId, source } = input
  const { label, places } = DIMENSIONS[dimension]
  if (placeIndex >= places.length) return refuse(`${label} has ${places.length} places. Choose one of them.`)
  const judged: Judged = { ask: null, note: null }
  const changed = await changeTray(db, trayId, async (tx, opened) => {
    const instrument = opened.kept.instruments.find((i) => i.id === instrumentId)
    if (!instrument) return refuse('Instrument: not in Settings any more. Choose another one.', 'instrument')
    const since = instrument.lastCheck?.checkedAt ?? null
    const askedBefore = opened.standing.some(
      (reading) =>
        reading.dimension === dimension &&
        reading.instrumentId === instrumentId &&
        // What was read before a check says nothing of what the check found.
        (since === null || reading.takenAt > since),
    )
    const { kind } = instrument
    if (reachOf(kind, dimension) === 'cannot') return refuse(reachText(kind, dimension) ?? '', 'instrument')
    const doubts = askedBefore ? [] : doubtsOf(instrument, dimension)
    const shown = judge(input, expectedReading(opened, dimension, instrument), doubts, judged)
    if (typeof shown !== 'number') return shown
    const figures = figuresKept(instrument, isInside(dimension))
    await insertReadings(tx, [
      { trayId, dimension, placeIndex, shownMm: shown, ...figures, source, takenAt: now },
    ])
    return null
  })
  if (changed.ok) return { ok: true, view: await trayView(db, changed.opened), note: judged.note }
  return judged.ask ? { ok: false, ask: judged.ask } : changed
})

/** What speaks against taking a dimension by an instrument, in sentences. */
function doubtsOf(instrument: Instrument, dimension: DimensionId): string[] {
  const doubt = instrumentDoubt(instrument)
  const failed = doubt && `${instrument.name} ${doubt.words}: set it right or take its drift off in Settings.`
  return [reachText(instrument.kind, dimension), failed].filter((text) => text !== null)
}

/** What a reading led to beside being stored or refused. */
interface Judged {
  ask: ReadingQuestion | null
  note: string | null
}

/**
 * @param doubts - what speaks against the instrument, not asked about before
 * @returns the figure to store, or why none is stored; a question is left in `judged`
 */
function judge(
  { text, dimension, confirmed }: ReadingInput,
  expected: ExpectedReading | null,
  doubts: readonly string[],
  judged: Judged,
): number | Refusal {
  const surprisingMm = expected?.withinMm ?? DIMENSIONS[dimension].surprisingMm
  const check = checkReading(
    text,
    { ...DIMENSIONS[dimension], surprisingMm },
    expected && { valueMm: expected.valueMm, because: expected.because },
  )
  if (check.outcome === 'refuse') return refuse(check.message, 'reading')
  const surprising = check.outcome === 'ask' ? check : null
  const keepAllowed = surprising?.keepAllowed ?? true
  const message = [surprising?.message, ...doubts].filter(Boolean).join(' ')
  if (message !== '' && !(confirmed && keepAllowed)) {
    const { valueMm } = check
    judged.ask = { message, valueMm, suggestionMm: surprising?.suggestionMm ?? null, keepAllowed }
    return refuse(message, 'reading')
  }
  judged.note = check.outcome === 'accept' ? check.note : null
  return check.valueMm
}

const voidSchema = Joi.object<{ trayId: number; readingId: number; reason: string }>({
  trayId: idSchema.required(),
  readingId: idSchema.required(),
  reason: reasonSchema('jaws tilted').required(),
})

/** Takes a reading back, with the reason; the old value is kept. */
export const takeBackReading = trayChange(
  voidSchema,
  async (tx, { readingId, reason }, { standing }, now) => {
    if (!standing.some((r) => r.id === readingId)) return refuse('This reading was taken back already.')
    await voidReading(tx, readingId, reason.trim(), now)
    return null
  },
  'decision',
)
