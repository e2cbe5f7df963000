import { constructionOf } from '../construction/constructions'
import type { SeatOutcome } from '../fit/CrystalSeat'
import type { FitPolicy } from '../fit/fitPolicy'
import type { CaseSheet } from './CaseSheet'
import type { MeasuredFigures } from './measuredFigures'

/** The place a case has for its crystal, each figure from the best source there is; or what to measure first. */
export function seatOf(measured: MeasuredFigures, sheet: CaseSheet, policy: FitPolicy): SeatOutcome {
  return constructionOf(sheet.retention).seat(measured, sheet, policy)
}
