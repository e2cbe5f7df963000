import { constructionOf } from '../construction/constructions'
import type { CrystalSeat } from './CrystalSeat'
import type { FitPolicy } from './fitPolicy'
import type { FitWishes } from './FitWishes'
import type { Shortlist, ShortlistOptions } from './shortlistTypes'
import type { StockIndex } from './stockIndex'
import { stockedEdges } from './stockIndex'
import type { BetweenSteps } from './thicknessStep'
import { betweenSteps } from './thicknessStep'

export interface JudgedShortlist extends Shortlist {
  readonly between: BetweenSteps | null
}

/**
 * Steps of stock that what stands flush in a seat lies half-way between; null too where the shop would rather have its
 * rims proud or sunk, as the step follows from that.
 * @param edges - thicknesses that are kept, mm
 */
export function betweenStockedSteps(
  { level }: Pick<CrystalSeat, 'level'>,
  edges: readonly number[],
  { thicknessPreference }: Pick<FitPolicy, 'thicknessPreference'>,
): BetweenSteps | null {
  return level && thicknessPreference === 'flush' ? betweenSteps(level.valueMm, edges) : null
}

/** The same of what the drawers hold of the build a seat takes. */
export function betweenStepsOf(index: StockIndex, seat: CrystalSeat, policy: FitPolicy): BetweenSteps | null {
  const { build } = constructionOf(seat.retention).wants(seat)
  return betweenStockedSteps(seat, stockedEdges(index, build), policy)
}

/** What of the drawers fits a case, best first, and what nearly does and why not. */
export function shortlist(
  index: StockIndex,
  seat: CrystalSeat,
  wishes: FitWishes,
  options: ShortlistOptions,
): JudgedShortlist {
  const construction = constructionOf(seat.retention)
  const between = betweenStepsOf(index, seat, options.policy)
  return { ...construction.search(index, seat, { ...wishes, between }, options), between }
}
