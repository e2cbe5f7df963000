import { constructionOf } from '../construction/constructions'
import type { Candidate } from './Candidate'
import type { CrystalSeat } from './CrystalSeat'
import type { FitPolicy } from './fitPolicy'

/** Why a constraint speaks against a candidate, with the figure and the limit. */
export function failureText(
  name: string,
  candidate: Candidate,
  seat: CrystalSeat,
  policy: FitPolicy,
): string {
  return constructionOf(seat.retention).failure(name, candidate, seat, policy)
}
