/** How simulated cases come about. Lengths mm; standard deviations unless said otherwise. All from memory. */
export interface World {
  /** how a bored case scatters about its drawing */
  readonly boreScatterMm: number
  /** how a moulded ring's wall does */
  readonly wallScatterMm: number
  /** how a maker's crystal does */
  readonly crystalScatterMm: number
  /** interference designers aim at, least and most, evenly */
  readonly aimedFromMm: number
  readonly aimedToMm: number
  /** repeatability of a hand's hold, beside what the instrument is off */
  readonly holdScatterMm: number
  /** what an instrument's zero is off at most, share of its maximum permissible error, evenly */
  readonly zeroShare: number
  /** what its scale is off at most, evenly, share of the length */
  readonly mostScale: number
  /** chances of the kinds of job; the rest is gone */
  readonly intactShare: number
  readonly piecesShare: number
  /** cases that come in with the wrong crystal, and how many steps off it is at most, either way */
  readonly wrongShare: number
  readonly wrongSteps: number
  /** scatter of a rim's edge points */
  readonly rimPointScatterMm: number
  /** a picture's edges on the gauge sheet, and what of it all pictures of the sheet share (share of the deviation) */
  readonly photoScatterMm: number
  readonly photoShared: number
  /** how well a bevel is seen from above */
  readonly bevelScatterMm: number
  /** how far an old ring's imprint strays from the crystal that made it */
  readonly imprintScatterMm: number
  /** whole crystals of which the visible top was read before pressing out */
  readonly topReadShare: number
  /** cases whose reference was done here before, and how often at most */
  readonly knownShare: number
  readonly mostBefore: number
}

/** The world the verdict's policy was set by. */
export const WORLD: World = {
  boreScatterMm: 0.012,
  wallScatterMm: 0.006,
  crystalScatterMm: 0.02,
  aimedFromMm: 0.025,
  aimedToMm: 0.085,
  holdScatterMm: 0.006,
  zeroShare: 1,
  mostScale: 1e-4,
  intactShare: 0.5,
  piecesShare: 0.3,
  wrongShare: 0.06,
  wrongSteps: 3,
  rimPointScatterMm: 0.02,
  photoScatterMm: 0.035,
  photoShared: 0.7,
  bevelScatterMm: 0.02,
  imprintScatterMm: 0.06,
  topReadShare: 0.3,
  knownShare: 0.5,
  mostBefore: 8,
}

/**
 * A world nobody looked at while the policy was set: scatters half as large or half as large again, other shares of
 * kinds and of wrong crystals.
 */
export const OTHER_WORLD: World = {
  ...WORLD,
  boreScatterMm: 0.018,
  wallScatterMm: 0.003,
  crystalScatterMm: 0.03,
  aimedFromMm: 0.01,
  aimedToMm: 0.1,
  holdScatterMm: 0.009,
  intactShare: 0.35,
  piecesShare: 0.4,
  wrongShare: 0.1,
  rimPointScatterMm: 0.01,
  bevelScatterMm: 0.01,
  imprintScatterMm: 0.09,
  topReadShare: 0.15,
  knownShare: 0.3,
}
