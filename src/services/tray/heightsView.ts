import type { PlacedHeight } from '@/core/level/heightsTaken'
import type { RimJudgement } from '@/core/level/judgeRim'
import type { RimReading } from '@/core/level/readRim'
import { highSideDeg, tiltMm } from '@/core/level/RimHeight'
import type { RimPattern } from '@/core/level/rimPlaces'
import { placesOf, RIM_PATTERNS, RIM_PLACES } from '@/core/level/rimPlaces'
import type { ReadingTarget } from '@/core/readings/readingPlan'

export interface HeightView {
  /** as it is said, “1:30” */
  readonly hour: string
  readonly directionDeg: number
  /** the mean of what was read there, mm */
  readonly heightMm: number
}

/** What heights round a case say. */
export interface LevelView extends RimJudgement {
  readonly tiltMm: number
  /** degrees clockwise from 12 */
  readonly highSideDeg: number
  /** the place that asks for something: what lies on dirt, or stands high; null where none does. Degrees from 12 */
  readonly markedDeg: number | null
  /** standard uncertainty of the tilt, mm */
  readonly standardUncertaintyMm: number
}

/** Heights read round a case, which is to be read next, and what they say. */
export interface HeightsView {
  readonly heights: readonly HeightView[]
  /** by how many places are read; null when all are */
  readonly next: Readonly<Record<RimPattern, ReadingTarget | null>>
  /** null while too few places are read */
  readonly standing: LevelView | null
  readonly limitMm: number
}

/** What was read, and what is next. */
export function heightsRead(
  heights: readonly PlacedHeight[],
  dimension: 'rim-height' | 'insert-height',
): Pick<HeightsView, 'heights' | 'next'> {
  const read = new Set(heights.map(({ placeIndex }) => placeIndex))
  const nextOf = (pattern: RimPattern): ReadingTarget | null => {
    const placeIndex = placesOf(pattern).find((index) => !read.has(index))
    return placeIndex === undefined ? null : { dimension, placeIndex }
  }
  const [four, six, eight] = RIM_PATTERNS.map(nextOf)
  return {
    heights: RIM_PLACES.flatMap(({ hour, directionDeg }, placeIndex) => {
      const here = heights.filter((height) => height.placeIndex === placeIndex)
      const total = here.reduce((sum, { heightMm }) => sum + heightMm, 0)
      return here.length === 0 ? [] : [{ hour, directionDeg, heightMm: total / here.length }]
    }),
    next: { 4: four ?? null, 6: six ?? null, 8: eight ?? null },
  }
}

export function levelView(reading: RimReading, judgement: RimJudgement): LevelView {
  const { advice, isLevel, words, because } = judgement
  return {
    ...{ advice, isLevel, words, because },
    tiltMm: tiltMm(reading.tilt),
    highSideDeg: highSideDeg(reading.tilt),
    markedDeg: markedDeg(reading, judgement),
    standardUncertaintyMm: reading.standardUncertaintyMm,
  }
}

function markedDeg(reading: RimReading, { advice }: RimJudgement): number | null {
  if (reading.oddity?.kind === 'dirt') return reading.oddity.directionDeg
  return advice === 'level' || advice === 'bent' ? null : highSideDeg(reading.tilt)
}
