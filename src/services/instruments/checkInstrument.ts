import Joi from 'joi'
import type { GaugeCheck } from '@/core/measure/gaugeCheck'
import { gaugeCheck } from '@/core/measure/gaugeCheck'
import { parseReading } from '@/core/units/parseReading'
import { insertInstrumentCheck, setZeroOffset } from '@/data/queries/instrumentChecks'
import { allInstruments } from '@/data/queries/tools'
import { transact } from '@/data/transact'
import { action } from '../action'
import type { Refusal } from '../boundary'
import { idSchema, refuse } from '../boundary'

interface CheckInput {
  readonly instrumentId: number
  readonly nominal: string
  readonly readings: readonly string[]
  readonly correct: boolean
  /** said when asked about a drift that is rather a slip */
  readonly sure?: boolean
}

const MOST_READINGS = 10
const MOST_BLOCK_MM = 200

const schema = Joi.object<CheckInput>({
  instrumentId: idSchema.required(),
  nominal: Joi.string().allow('').max(40).required(),
  readings: Joi.array().items(Joi.string().allow('').max(40)).max(MOST_READINGS).required(),
  correct: Joi.boolean().required(),
  sure: Joi.boolean(),
})

export interface InstrumentChecked {
  readonly ok: true
  readonly check: GaugeCheck
  /** true when the drift was taken into the zero offset */
  readonly corrected: boolean
}

/**
 * Checks an instrument against a gauge block or pin and keeps the check.
 * @param input - `correct` takes the drift into the zero offset, where the check allows it
 */
export const checkInstrument = action(
  schema,
  async (db, input, now): Promise<InstrumentChecked | Refusal> => {
    const { instrumentId, nominal, readings, correct, sure = false } = input
    const instrument = (await allInstruments(db)).find((i) => i.id === instrumentId)
    if (!instrument) return refuse('Instrument: not there any more. Go back to the list.')
    const nominalMm = lengthOf('Block', nominal)
    if (typeof nominalMm !== 'number') return nominalMm
    if (!(nominalMm > 0) || nominalMm > MOST_BLOCK_MM) {
      return refuse(
        `Block: ${nominal.trim()} mm is outside 0.01–${MOST_BLOCK_MM} mm. Type what is engraved on it.`,
        'nominal',
      )
    }
    const readingsMm: number[] = []
    for (const text of readings.filter((r) => r.trim() !== '')) {
      const value = lengthOf('Reading', text)
      if (typeof value !== 'number') return value
      readingsMm.push(value)
    }
    if (readingsMm.length === 0)
      return refuse('Reading is missing: measure the block once at least.', 'readings')
    const check = gaugeCheck(nominalMm, readingsMm, instrument)
    if (Math.abs(check.driftMm) > nominalMm / 2) {
      return refuse(
        `Reading: it is ${Math.abs(check.driftMm).toFixed(2)} mm off the block. Is it the right block, and in mm?`,
        'readings',
      )
    }
    if (correct && check.farOff && !sure) return refuse(check.words, 'sure')
    const corrected = correct && check.verdict === 'correct'
    await transact(db, async (tx) => {
      await insertInstrumentCheck(tx, {
        instrumentId,
        nominalMm,
        readingsMm,
        driftMm: check.driftMm,
        verdict: check.verdict,
        corrected,
        checkedAt: now,
      })
      if (corrected) await setZeroOffset(tx, instrumentId, check.newZeroOffsetMm)
    })
    return { ok: true, check, corrected }
  },
)

function lengthOf(name: string, text: string): number | Refusal {
  const parsed = parseReading(text)
  if (parsed.ok) return parsed.valueMm
  const field = name === 'Block' ? 'nominal' : 'readings'
  return refuse(`${name}: “${text.trim().slice(0, 20)}” is not a length. Type it as 10.00, in mm.`, field)
}
