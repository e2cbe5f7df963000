import type { Estimate } from '../measure/Estimate'
import type { Candidate } from './Candidate'
import type { CrystalSeat } from './CrystalSeat'
import type { FitPolicy } from './fitPolicy'
import { thicknessAgainst } from './thicknessAgainst'

/** How well it is known what a choice comes to in a case: standard uncertainties. */
export interface PlannedUncertainty {
  /** of what holds it, in its own unit */
  readonly hold: number
  /** of how high it stands, mm; null where it is not told */
  readonly standMm: number | null
  /** of the room to the hands, mm; null where they were never measured */
  readonly handsMm: number | null
}

export function plannedUncertainty(
  { hold }: Pick<Candidate, 'hold'>,
  { level, handsBelowSeat }: Pick<CrystalSeat, 'level' | 'handsBelowSeat'>,
  policy: FitPolicy,
): PlannedUncertainty {
  const against = (figure: Estimate | null) => figure && thicknessAgainst(figure, policy)
  return { hold: hold.standardUncertainty, standMm: against(level), handsMm: against(handsBelowSeat) }
}
