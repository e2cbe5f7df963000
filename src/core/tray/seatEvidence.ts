import { constructionOf } from '../construction/constructions'
import { aimedInterference, USUAL_RING } from '../fit/aimedInterference'
import type { FitPolicy } from '../fit/fitPolicy'
import type { SizeEvidence } from '../verdict/SizeEvidence'
import type { CaseSheet } from './CaseSheet'
import type { MeasuredFigures } from './measuredFigures'

/**
 * The seat as evidence, once it was read on this tray. Verdicts add one aimed interference to every free opening: what a
 * seat wants beyond that is put into the opening itself.
 */
export function seatEvidence(measured: MeasuredFigures, sheet: CaseSheet, policy: FitPolicy): SizeEvidence[] {
  const size = constructionOf(sheet.retention).seatSize(measured, sheet, policy)
  const read = size && measured[size.dimension]
  if (!read) return []
  const aim = aimedInterference(sheet.gasketMaterial ?? USUAL_RING, policy)
  const wider = Math.max(0, size.above.standardUncertaintyMm ** 2 - aim.standardUncertaintyMm ** 2)
  const opening = {
    valueMm: read.valueMm + size.above.valueMm - aim.valueMm,
    standardUncertaintyMm: Math.hypot(read.standardUncertaintyMm, Math.sqrt(wider)),
  }
  return [{ kind: 'seat', seat: size.seat, opening }]
}
