import type { Estimate } from '../measure/Estimate'
import { estimateFromReadings } from '../measure/estimateFromReadings'
import { fuseEstimates } from '../measure/fuseEstimates'
import type { InstrumentSpec } from '../measure/InstrumentSpec'
import type { SpreadTest } from '../measure/spreadTest'
import { spreadTest } from '../measure/spreadTest'
import type { DimensionId } from '../readings/dimensions'
import { DIMENSIONS } from '../readings/dimensions'
import type { Roundness } from '../roundness/fitRoundness'
import { fitRoundness } from '../roundness/fitRoundness'

/** One stored reading that stands, with the instrument as it was then. */
export interface TakenReading extends InstrumentSpec {
  readonly id: number
  readonly dimension: DimensionId
  readonly placeIndex: number
  readonly shownMm: number
  readonly instrumentId: number
}

export interface MeasuredFigure extends Estimate {
  readonly dimension: DimensionId
  readonly readings: readonly TakenReading[]
  readonly spread: SpreadTest
  /** set when the dimension was read in three directions or more */
  readonly roundness: Roundness | null
}

export type MeasuredFigures = Readonly<Partial<Record<DimensionId, MeasuredFigure>>>

/** Every dimension read on a tray, each as one value with its uncertainty. */
export function measuredFigures(readings: readonly TakenReading[]): MeasuredFigures {
  const figures: Partial<Record<DimensionId, MeasuredFigure>> = {}
  for (const dimension of new Set(readings.map((r) => r.dimension))) {
    figures[dimension] = measuredFigure(
      dimension,
      readings.filter((r) => r.dimension === dimension),
    )
  }
  return figures
}

function measuredFigure(dimension: DimensionId, readings: readonly TakenReading[]): MeasuredFigure {
  const roundness = roundnessOf(dimension, readings)
  // An oval is a finding, not scatter: taken off before the repeats are compared, where there are readings to spare.
  const ovalPart = (r: TakenReading) =>
    roundness && readings.length > 3 ? ovalPartMm(roundness, directionOf(dimension, r)) : 0
  const estimates = groupByInstrument(readings).map((group) => {
    const [first] = group
    if (!first) throw new RangeError('readings: expected at least one in a group')
    return estimateFromReadings(
      group.map((r) => r.shownMm - ovalPart(r)),
      first,
    )
  })
  const widest = readings.reduce((a, b) =>
    b.maximumPermissibleErrorMm > a.maximumPermissibleErrorMm ? b : a,
  )
  return {
    ...fuseEstimates(estimates),
    dimension,
    readings,
    spread: spreadTest(
      readings.map((r) => r.shownMm - r.zeroOffsetMm - ovalPart(r)),
      widest,
    ),
    roundness,
  }
}

function groupByInstrument(readings: readonly TakenReading[]): TakenReading[][] {
  const ids = [...new Set(readings.map((r) => r.instrumentId))]
  return ids.map((id) => readings.filter((r) => r.instrumentId === id))
}

function directionOf(dimension: DimensionId, reading: TakenReading): number {
  return DIMENSIONS[dimension].directionsDeg?.[reading.placeIndex] ?? 0
}

function roundnessOf(dimension: DimensionId, readings: readonly TakenReading[]): Roundness | null {
  if (!DIMENSIONS[dimension].directionsDeg) return null
  const outcome = fitRoundness(
    readings.map((r) => ({
      directionDeg: directionOf(dimension, r),
      diameterMm: r.shownMm - r.zeroOffsetMm,
    })),
  )
  return outcome.ok ? outcome.roundness : null
}

function ovalPartMm({ ovalityMm, longAxisDeg }: Roundness, directionDeg: number): number {
  return (ovalityMm / 2) * Math.cos((2 * (directionDeg - longAxisDeg) * Math.PI) / 180)
}
