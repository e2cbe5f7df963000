import { crystalsBetween } from '../../fit/crystalsBetween'
import type { FitPolicy } from '../../fit/fitPolicy'
import type { StockCrystal } from '../../fit/parts'
import type { StockIndex } from '../../fit/stockIndex'
import type { CementCandidate } from './assessCemented'
import { assessCemented } from './assessCemented'
import type { CementSeat } from './cementSeat'

/** A side this far off is not even a near miss, mm. */
const NEAR_SIDE_MM = 0.6

/** Everything in the drawers that could nearly lie in this rebate, each judged. */
export function nearCemented(index: StockIndex, seat: CementSeat, policy: FitPolicy): CementCandidate[] {
  return nearCrystals(index, seat).map((crystal) => assessCemented(crystal, seat, policy))
}

function nearCrystals(index: StockIndex, { outline, length, width }: CementSeat): StockCrystal[] {
  const [least, most] = [length.valueMm - NEAR_SIDE_MM, length.valueMm + NEAR_SIDE_MM]
  if (outline === 'round') return crystalsBetween(index.crystals, least, most)
  return crystalsBetween(index.otherBuilds, least, most).filter(
    ({ build, widthMm }) =>
      build === 'shaped' && widthMm !== null && Math.abs(widthMm - width.valueMm) <= NEAR_SIDE_MM,
  )
}
