import type { InsertHold } from '../construction/kinds'
import type { Window } from '../fit/Window'

/** How an insert is fixed. The first three are the schools of common practice; a friction fit needs none of them. */
export const INSERT_FIXINGS = ['flexible-cement', 'double-sided-ring', 'backed-insert'] as const
export type InsertFixing = (typeof INSERT_FIXINGS)[number]

export interface BezelPolicy {
  /** room a side between insert and the outer wall of its recess, by how it is held, mm */
  readonly outerRoom: Readonly<Record<InsertHold, Window>>
  /** room a side round the inner wall, mm */
  readonly innerRoom: Window
  /** insert against the bezel's edge: + proud, − sunk, mm */
  readonly flush: Window
  /** what lies under an insert, by how it is fixed, mm */
  readonly underMm: Readonly<Record<InsertFixing | 'friction', number>>
  /** a pre-cut ring stays this much inside the insert's edges, mm a side */
  readonly ringInsideMm: number
  /** narrowest ring that holds, mm */
  readonly leastRingMm: number
  /** pressed-on bezel: neck less bezel, mm */
  readonly pressOn: Window
  /** turning bezel: bezel less neck across, mm */
  readonly turning: Window
  /** inside against the old bezel's, where the neck was not measured, mm */
  readonly likeOldMm: number
  /** its opening clears the crystal by at least this, mm across */
  readonly clearOfCrystalMm: number
  /** key spacing and width against the old bezel's, mm */
  readonly keyWithinMm: number
  /** chapter ring less the old one: what still lies as it lay, mm */
  readonly chapterRing: Readonly<Record<'outer' | 'inner' | 'height', Window>>
  /** standard uncertainty of a stock bezel's or insert's sizes, mm */
  readonly stockUncertaintyMm: number
  readonly leastProbability: number
}

/** All from memory, but the schools' own advice that a pre-cut ring must be narrower than its insert (common practice). */
export const BEZEL_POLICY: BezelPolicy = {
  outerRoom: { adhesive: { lowMm: 0.02, highMm: 0.2 }, friction: { lowMm: -0.04, highMm: 0.01 } },
  innerRoom: { lowMm: 0, highMm: 0.3 },
  flush: { lowMm: -0.15, highMm: 0.05 },
  underMm: { 'flexible-cement': 0.05, 'double-sided-ring': 0.12, 'backed-insert': 0.12, friction: 0 },
  ringInsideMm: 0.3,
  leastRingMm: 0.8,
  pressOn: { lowMm: 0.02, highMm: 0.1 },
  turning: { lowMm: 0.02, highMm: 0.2 },
  likeOldMm: 0.06,
  clearOfCrystalMm: 0.2,
  keyWithinMm: 0.1,
  chapterRing: {
    outer: { lowMm: -0.2, highMm: 0.1 },
    inner: { lowMm: -0.2, highMm: 0.2 },
    height: { lowMm: -0.2, highMm: 0.1 },
  },
  stockUncertaintyMm: 0.03,
  leastProbability: 0.5,
}
