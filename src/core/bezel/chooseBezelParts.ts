import type { StockBezel, StockInsert } from '../stock/otherParts'
import type { BezelAssessment, BezelSeat } from './assessBezel'
import { assessBezel } from './assessBezel'
import type { InsertAssessment, InsertSeat } from './assessInsert'
import { assessInsert } from './assessInsert'
import { BEZEL_POLICY } from './bezelPolicy'

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
  most = 5,
): Chosen<InsertAssessment> {
  const near = stock.filter(({ outerMm }) => Math.abs(outerMm - seat.outer.valueMm) <= NEAR_MM)
  return ranked(
    near.map((insert) => assessInsert(insert, seat)),
    (a) => Math.abs(a.flushMm ?? 0),
    most,
  )
}

/** Bezels of the drawers for a case, the likeliest first. */
export function chooseBezel(
  stock: readonly StockBezel[],
  seat: BezelSeat,
  most = 5,
): Chosen<BezelAssessment> {
  const wanted = seat.oldInner?.valueMm ?? seat.neckOuter?.valueMm ?? null
  const near = stock.filter(
    ({ innerMm, bezelKind }) =>
      bezelKind === seat.kind && (wanted === null || Math.abs(innerMm - wanted) <= NEAR_MM),
  )
  return ranked(
    near.map((bezel) => assessBezel(bezel, seat)),
    () => 0,
    most,
  )
}

function ranked<A extends { readonly probability: number; readonly failures: readonly string[] }>(
  judged: readonly A[],
  badness: (one: A) => number,
  most: number,
): Chosen<A> {
  const likeliest = [...judged].sort((a, b) => b.probability - a.probability || badness(a) - badness(b))
  const fits = ({ probability }: A) => probability >= BEZEL_POLICY.leastProbability
  return {
    fitting: likeliest.filter(fits).slice(0, most),
    rejected: likeliest
      .filter((one) => !fits(one))
      .sort((a, b) => a.failures.length - b.failures.length)
      .slice(0, most),
  }
}
