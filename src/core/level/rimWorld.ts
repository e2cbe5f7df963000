/** How rims come to stand as they do, as far as a reader of heights goes by it. All mm. */
export interface RimWorld {
  /** scatter of one height, standard deviations thought as likely: a dial indicator held by hand */
  readonly noisesMm: readonly number[]
  /** what one speck under the crystal's edge lifts */
  readonly bumpsMm: readonly number[]
  /** standard deviation of each half of a warp: both opposite sides up by it */
  readonly warpMm: number
  /** share of jobs with a speck, and with a warp */
  readonly dirty: number
  readonly warped: number
  /** how far a rim may tilt at all, standard deviation of each half: wide, so that it decides nothing */
  readonly tiltMm: number
}

/** All from memory. */
export const RIM_WORLD: RimWorld = {
  noisesMm: [0.005, 0.0075, 0.01, 0.0125, 0.015],
  bumpsMm: [0.03, 0.04, 0.05, 0.06, 0.07, 0.08, 0.09, 0.1, 0.12, 0.15],
  warpMm: 0.02,
  dirty: 0.2,
  warped: 0.2,
  tiltMm: 1,
}

/** From this many places on a raised place can be told from a warp: with four they leave the same residual. */
export const LEAST_PLACES_NAMED = 6
const MANY_PLACES = 8

/**
 * Probability of a speck from which a place is named: as low as keeps false alarms under 3.5 in a hundred.
 * @param places - six or more
 */
export function namedFrom(places: number): number {
  return places >= MANY_PLACES ? 0.32 : 0.38
}

/** A warp is told from this probability on. */
export const TOLD_WARP = 0.8
