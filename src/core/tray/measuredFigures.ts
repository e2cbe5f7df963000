import type { Estimate } from '../measure/Estimate'
import { estimateFromReadings } from '../measure/estimateFromReadings'
import { fuseEstimates } from '../measure/fuseEstimates'
import type { InstrumentSpec } from '../measure/InstrumentSpec'
import type { SpreadTest } from '../measure/spreadTest'
import { spreadTest } from '../measure/spreadTest'
import type { DimensionId } from '../readings/dimensions'
import { DIMENSIONS, isInside } from '../readings/dimensions'
import type { Roundness } from '../roundness/fitRoundness'
import { fitRoundness } from '../roundness/fitRoundness'
import type { Taper } from '../roundness/fitTaper'
import { fitTaper } from '../roundness/fitTaper'
import type { StoredShape } from '../shapes/shapeSize'
import { shapeEstimate } from '../shapes/shapeSize'

/** What a mean and an oval take: d0, a, b. */
const OVAL_PARAMETERS = 3

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
  /** set when it was read at three places round the rim or more */
  readonly taper: Taper | null
}

export type MeasuredFigures = Readonly<Partial<Record<DimensionId, MeasuredFigure>>>

/**
 * Every dimension read on a tray, each as one value with its uncertainty.
 * @param shapes - diameters found another way, as from a picture: fused with the readings of the same dimension
 */
export function measuredFigures(
  readings: readonly TakenReading[],
  shapes: readonly StoredShape[] = [],
): MeasuredFigures {
  const figures: Partial<Record<DimensionId, MeasuredFigure>> = {}
  const ids = new Set([...readings.map((r) => r.dimension), ...shapes.map((s) => s.dimension)])
  for (const dimension of ids) {
    const found = shapes.filter((s) => s.dimension === dimension).map(shapeEstimate)
    const taken = readings.filter((r) => r.dimension === dimension)
    const byReading = taken.length > 0 ? measuredFigure(dimension, taken) : nothingRead(dimension)
    figures[dimension] =
      found.length === 0
        ? byReading
        : { ...byReading, ...fuseEstimates(taken.length > 0 ? [byReading, ...found] : found) }
  }
  return figures
}

/** A dimension known from a picture alone: the value is put in by the caller. */
function nothingRead(dimension: DimensionId): MeasuredFigure {
  const spread = { spreadMm: 0, explainedMm: 0, verdict: 'one-reading', likelyCauses: [] } as const
  return {
    valueMm: NaN,
    standardUncertaintyMm: NaN,
    dimension,
    readings: [],
    spread,
    roundness: null,
    taper: null,
  }
}

function measuredFigure(dimension: DimensionId, readings: readonly TakenReading[]): MeasuredFigure {
  const roundness = roundnessOf(dimension, readings)
  // An oval is a finding, not scatter: taken off before the repeats are compared, where there are readings to spare.
  const oval = readings.length > OVAL_PARAMETERS ? roundness : null
  const ovalPart = (r: TakenReading) => (oval ? ovalPartMm(oval, directionOf(dimension, r)) : 0)
  const estimates = groupByInstrument(readings).map((group) => {
    const [first] = group
    if (!first) throw new RangeError('readings: expected at least one in a group')
    return estimateFromReadings(
      group.map((r) => r.shownMm - ovalPart(r)),
      first,
      { fitted: oval ? OVAL_PARAMETERS : 1, inside: isInside(dimension) },
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
    taper: taperOf(dimension, readings),
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

function taperOf(dimension: DimensionId, readings: readonly TakenReading[]): Taper | null {
  const { roundDeg } = DIMENSIONS[dimension]
  return roundDeg === null
    ? null
    : fitTaper(
        readings.map((r) => ({
          placeDeg: roundDeg[r.placeIndex] ?? 0,
          thicknessMm: r.shownMm - r.zeroOffsetMm,
        })),
      )
}

function ovalPartMm({ ovalityMm, longAxisDeg }: Roundness, directionDeg: number): number {
  return (ovalityMm / 2) * Math.cos((2 * (directionDeg - longAxisDeg) * Math.PI) / 180)
}
