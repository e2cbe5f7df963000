import type { DimensionId } from '@/core/readings/dimensions'
import type { StoredShape } from '@/core/shapes/shapeSize'
import type { KeptReading } from '@/data/queries/readings'
import type { KeptShape } from '@/data/queries/shapes'

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

export function readingView(reading: KeptReading, voidReason: string | null): ReadingView {
  const { id, dimension, placeIndex, shownMm, instrumentId, takenAt } = reading
  return { id, dimension, placeIndex, shownMm, instrumentId, takenAt: takenAt.toISOString(), voidReason }
}

export function shapeView(shape: KeptShape): ShapeView {
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
