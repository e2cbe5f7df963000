import type { DimensionId } from '@/core/readings/dimensions'
import type { ReadingTarget } from '@/core/readings/readingPlan'
import type { StoredShape } from '@/core/shapes/shapeSize'
import type { KeptReading } from '@/data/queries/readings'
import type { KeptShape } from '@/data/queries/shapes'
import type { OpenedCase } from './openTrayCases'

export interface ShapeView extends StoredShape {
  readonly id: number
  readonly words: string
  readonly takenAt: string
  /** the picture it was read from; null for other ways */
  readonly photoId: number | null
  /** set when it was taken back */
  readonly voidReason: string | null
}

export interface ReadingView {
  readonly id: number
  readonly dimension: DimensionId
  readonly placeIndex: number
  readonly shownMm: number
  readonly instrumentId: number
  readonly takenAt: string
  /** set when the reading was taken back */
  readonly voidReason: string | null
}

/** What was read on a tray and what is to be read. */
export interface ReadingsView {
  readonly readings: readonly ReadingView[]
  /** the old crystal's size by ways round the jaws */
  readonly shapes: readonly ShapeView[]
  readonly plan: readonly DimensionId[]
  /** what of it has no reading yet */
  readonly unread: readonly DimensionId[]
  /** everything this construction could be read for, the plan first */
  readonly possible: readonly DimensionId[]
  /** null when the plan is done */
  readonly next: ReadingTarget | null
}

export function readingsView({ kept, counted, plan, unread, possible, next }: OpenedCase): ReadingsView {
  return {
    readings: kept.readings.map((reading) =>
      readingView(reading, reading.voidReason ?? (counted.includes(reading) ? null : OF_OLD_BEZEL)),
    ),
    shapes: kept.shapes.map(shapeView),
    plan,
    unread,
    possible,
    next,
  }
}

/** Why a reading does not count any more, though nobody took it back. */
const OF_OLD_BEZEL = 'of the old bezel'

function readingView(reading: KeptReading, voidReason: string | null): ReadingView {
  const { id, dimension, placeIndex, shownMm, instrumentId, takenAt } = reading
  return { id, dimension, placeIndex, shownMm, instrumentId, takenAt: takenAt.toISOString(), voidReason }
}

function shapeView(shape: KeptShape): ShapeView {
  const { id, kind, diameterMm, standardUncertaintyMm, shared, words, dimension, photoId, voidReason } = shape
  const takenAt = shape.takenAt.toISOString()
  return {
    id,
    kind,
    diameterMm,
    standardUncertaintyMm,
    shared,
    words,
    takenAt,
    dimension,
    photoId,
    voidReason,
  }
}
