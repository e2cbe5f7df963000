import type { InstrumentKind } from '../../measure/InstrumentSpec'
import type { Dimension } from '../Dimension'

/** What some dimensions are, by their names. */
export type DimensionTable = Readonly<Record<string, Dimension>>

export const FOUR_DIRECTIONS = {
  places: ['12–6', '2–8', '3–9', '4–10'],
  directionsDeg: [0, 45, 90, 135],
  roundDeg: null,
}
export const ACROSS_THREE = { places: ['12–6', '3–9', '2–8'], directionsDeg: [0, 90, 45], roundDeg: null }
export const ROUND_THREE = { places: ['at 12', 'at 4', 'at 8'], directionsDeg: null, roundDeg: [0, 120, 240] }
export const ONE_PLACE = { places: ['once'], directionsDeg: null, roundDeg: null }
export const CENTRE = { places: ['centre'], directionsDeg: null, roundDeg: null }
export const DIAMETER = { leastMm: 8, mostMm: 60, surprisingMm: 0.4 }
export const OUTSIDE: readonly InstrumentKind[] = ['caliper', 'micrometer', 'ring-gauges']
export const INSIDE: readonly InstrumentKind[] = ['caliper', 'inside-micrometer', 'pin-gauges']

/** A shaped side is read at both ends and in the middle: a rebate is rarely the same all along. */
export const ALONG = { directionsDeg: null, roundDeg: null }
