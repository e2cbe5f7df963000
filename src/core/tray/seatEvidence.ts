import { constructionOf } from '../construction/constructions'
import { aimedInterference, USUAL_RING } from '../fit/aimedInterference'
import { combinedEstimate, estimateOfParts, ownVarianceMm2, plainEstimate } from '../measure/combinedEstimate'
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
  const wider = Math.max(0, ownVarianceMm2(size.above) - aim.standardUncertaintyMm ** 2)
  const beyond = estimateOfParts(size.above.valueMm - aim.valueMm, wider, size.above.shared ?? {})
  const opening = combinedEstimate([
    [1, plainEstimate(read)],
    [1, beyond],
  ])
  return [{ kind: 'seat', seat: size.seat, opening }]
}
