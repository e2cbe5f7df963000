import type { Estimate } from '../measure/Estimate'
import { specOf } from '../measure/describedInstrument'
import { typeBUncertaintyMm } from '../measure/InstrumentSpec'
import type { DimensionId } from '../readings/dimensions'
import { DIMENSIONS } from '../readings/dimensions'
import type { FurtherReading, SettlingReading } from '../verdict/settlingReading'
import { settlingReading } from '../verdict/settlingReading'
import type { StepPolicy, StepVerdict } from '../verdict/stepVerdict'
import { stepVerdict } from '../verdict/stepVerdict'
import type { MeasuredFigures } from './measuredFigures'
import type { BenchInstrument } from './possibleMeasurements'

/** Dimensions that come in steps, each with how far apart where the drawers do not say. */
const STEPPED = {
  'crystal-edge': { stepMm: 0.1, makerUncertaintyMm: 0.02, smallerOfTwo: true }, // common practice: flat crystals by the tenth; tolerance from memory
  'gasket-wall': { stepMm: 0.05, makerUncertaintyMm: 0.01 }, // from memory
  'bezel-gasket-wall': { stepMm: 0.05, makerUncertaintyMm: 0.01 }, // from memory
  'back-ring-section': { stepMm: 0.05, makerUncertaintyMm: 0.015 }, // from memory: small steps
  'insert-outer': { stepMm: 0.1, makerUncertaintyMm: 0.03 }, // from memory
  'insert-inner': { stepMm: 0.1, makerUncertaintyMm: 0.03 }, // from memory
  'insert-thickness': { stepMm: 0.1, makerUncertaintyMm: 0.02 }, // from memory
} as const satisfies Readonly<Partial<Record<DimensionId, StepPolicy>>>

export type SteppedDimension = keyof typeof STEPPED

export interface DimensionStep extends StepVerdict {
  readonly dimension: SteppedDimension
  readonly reading: Estimate
  /** true when the steps are those of the drawers, false when an even grid was taken */
  readonly fromDrawers: boolean
  /** the reading that would settle it; null when none would change the step */
  readonly next: SettlingReading | null
}

/** Scatter of a hand's hold, mm, and time for one place and for taking up an instrument, minutes. From memory. */
const HOLD_MM = 0.004
const PLACE_MINUTES = 0.25
const TAKE_UP_MINUTES = 0.5

/**
 * For every stepped dimension that was measured: which step it is, how sure, and what would settle it.
 * @param stocked - steps found in the drawers, mm, by dimension
 */
export function stepDimensions(
  measured: MeasuredFigures,
  stocked: Readonly<Partial<Record<DimensionId, readonly number[]>>>,
  instruments: readonly BenchInstrument[],
): DimensionStep[] {
  return (Object.keys(STEPPED) as SteppedDimension[]).flatMap((dimension) => {
    const reading = measured[dimension]
    if (!reading) return []
    const steps = stocked[dimension] ?? []
    const policy = STEPPED[dimension]
    return [
      {
        dimension,
        reading,
        fromDrawers: steps.length > 0,
        ...stepVerdict(reading, steps, policy),
        next: settlingReading(reading, steps, policy, furtherReadings(dimension, measured, instruments)),
      },
    ]
  })
}

/** Instruments of the right kind that have not read it: the same one again keeps its own error. */
function furtherReadings(
  dimension: SteppedDimension,
  measured: MeasuredFigures,
  instruments: readonly BenchInstrument[],
): FurtherReading[] {
  const readBy = new Set(measured[dimension]?.readings.map((r) => r.instrumentId))
  const { instruments: kinds, places } = DIMENSIONS[dimension]
  return instruments
    .filter((i) => kinds.includes(i.kind) && !readBy.has(i.id))
    .map((instrument) => ({
      label: instrument.name,
      uncertaintyMm: Math.hypot(typeBUncertaintyMm(specOf(instrument)), HOLD_MM / Math.sqrt(places.length)),
      minutes: TAKE_UP_MINUTES + places.length * PLACE_MINUTES,
    }))
}
