import { constructionOf } from '../construction/constructions'
import type { CrystalSeat } from './CrystalSeat'
import type { FitWishes } from './FitWishes'
import type { Shortlist, ShortlistOptions } from './shortlistTypes'
import type { StockIndex } from './stockIndex'

/** What of the drawers fits a case, best first, and what nearly does and why not. */
export function shortlist(
  index: StockIndex,
  seat: CrystalSeat,
  wishes: FitWishes,
  options: ShortlistOptions,
): Shortlist {
  return constructionOf(seat.retention).search(index, seat, wishes, options)
}
