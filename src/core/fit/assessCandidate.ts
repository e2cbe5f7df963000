import { constructionOf } from '../construction/constructions'
import type { Candidate } from './Candidate'
import type { CrystalSeat } from './CrystalSeat'
import type { FitPolicy } from './fitPolicy'
import type { StockCrystal, StockGasket } from './parts'

/**
 * Judges a crystal, with a ring where the case wants one.
 * @returns null when the parts are not what this construction takes
 */
export function assessCandidate(
  crystal: StockCrystal,
  gasket: StockGasket | null,
  seat: CrystalSeat,
  policy: FitPolicy,
): Candidate | null {
  const construction = constructionOf(seat.retention)
  const { build, ring } = construction.wants(seat)
  if (crystal.build !== build || (gasket !== null) !== ring) return null
  if (gasket && gasket.use !== 'crystal') return null
  return construction.assess(crystal, gasket, seat, policy)
}
