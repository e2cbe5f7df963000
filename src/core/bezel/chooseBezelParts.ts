import type { StockBezel, StockChapterRing, StockInsert } from '../stock/otherParts'
import type { BezelAssessment, BezelSeat } from './assessBezel'
import { assessBezel } from './assessBezel'
import type { ChapterRingAssessment, ChapterRingSeat } from './assessChapterRing'
import { assessChapterRing } from './assessChapterRing'
import type { InsertAssessment, InsertSeat } from './assessInsert'
import { assessInsert } from './assessInsert'
import type { BezelPolicy } from './bezelPolicy'
import type { BezelSet } from './bezelSet'
import { setText } from './bezelSet'

export interface Chosen<A> {
  readonly fitting: readonly A[]
  /** near misses, the nearest first, each with what speaks against it */
  readonly rejected: readonly A[]
}

/** An insert or bezel further from its seat than this is not even a near miss, mm across. */
const NEAR_MM = 1

/** Inserts of the drawers for a recess, the likeliest first. */
export function chooseInsert(
  stock: readonly StockInsert[],
  seat: InsertSeat,
  policy: BezelPolicy,
  most = 5,
): Chosen<InsertAssessment> {
  const near = stock.filter(({ outerMm }) => Math.abs(outerMm - seat.outer.valueMm) <= NEAR_MM)
  return ranked(
    near.map((insert) => assessInsert(insert, seat, policy)),
    (a) => Math.abs(a.flushMm ?? 0),
    { most, policy },
  )
}

/** Bezels of the drawers for a case, the likeliest first. */
export function chooseBezel(
  stock: readonly StockBezel[],
  seat: BezelSeat,
  policy: BezelPolicy,
  most = 5,
): Chosen<BezelAssessment> {
  const wanted = seat.oldInner?.valueMm ?? seat.neckOuter?.valueMm ?? null
  const near = stock.filter(
    ({ innerMm, bezelKind }) =>
      bezelKind === seat.kind && (wanted === null || Math.abs(innerMm - wanted) <= NEAR_MM),
  )
  return ranked(
    near.map((bezel) => assessBezel(bezel, seat, policy)),
    () => 0,
    { most, policy },
  )
}

/** Bezels with what goes with each, the likeliest set first: a bezel nothing goes into is worth little. */
export function withSets(
  { fitting, rejected }: Chosen<BezelAssessment>,
  setFor: (found: BezelAssessment) => BezelSet,
): Chosen<BezelAssessment> {
  const sets = fitting.map((found) => {
    const set = setFor(found)
    return { ...found, set, reasons: [setText(set), ...found.reasons] }
  })
  const chance = ({ set }: BezelAssessment) => step({ probability: set?.probability ?? 0 })
  return { fitting: sets.sort((a, b) => chance(b) - chance(a)), rejected }
}

/** Chapter rings of the drawers in the old one's place, the likeliest first. */
export function chooseChapterRing(
  stock: readonly StockChapterRing[],
  seat: ChapterRingSeat,
  policy: BezelPolicy,
  most = 5,
): Chosen<ChapterRingAssessment> {
  const { oldOuter, oldInner } = seat
  const isNear = ({ outerMm, innerMm }: StockChapterRing) =>
    (!oldOuter || Math.abs(outerMm - oldOuter.valueMm) <= NEAR_MM) &&
    (!oldInner || Math.abs(innerMm - oldInner.valueMm) <= NEAR_MM)
  return ranked(
    stock.filter(isNear).map((ring) => assessChapterRing(ring, seat, policy)),
    // A key that finds its notch is worth more than an eye and cement.
    ({ ring }) => (ring.form === seat.kind ? 0 : 1),
    { most, policy },
  )
}

/** Chances a step apart at most are alike: the better part then comes first. */
const ALIKE = 0.05

function step({ probability }: { readonly probability: number }): number {
  return Math.round(probability / ALIKE)
}

function ranked<A extends { readonly probability: number; readonly failures: readonly string[] }>(
  judged: readonly A[],
  badness: (one: A) => number,
  { most, policy }: { readonly most: number; readonly policy: BezelPolicy },
): Chosen<A> {
  const likeliest = [...judged].sort(
    (a, b) => step(b) - step(a) || badness(a) - badness(b) || b.probability - a.probability,
  )
  const fits = ({ probability }: A) => probability >= policy.leastProbability
  return {
    fitting: likeliest.filter(fits).slice(0, most),
    rejected: likeliest
      .filter((one) => !fits(one))
      .sort((a, b) => a.failures.length - b.failures.length)
      .slice(0, most),
  }
}
