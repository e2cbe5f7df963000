import type { FitPolicy } from '../fit/fitPolicy'
import { plainEstimate } from '../measure/combinedEstimate'
import { constructionOf } from '../construction/constructions'
import type { SizeEvidence } from '../verdict/SizeEvidence'
import type { CaseSheet } from './CaseSheet'
import { figureOf } from './caseFigures'
import { seatEvidence } from './seatEvidence'
import type { MeasuredFigures } from './measuredFigures'

/**
 * What this tray's readings say of the crystal's size. Only what was measured here counts as evidence;
 * the gasket's wall alone may come from the case sheet, because the old ring is often beyond measuring.
 */
export function sizeEvidenceOf(
  measured: MeasuredFigures,
  sheet: CaseSheet,
  policy: FitPolicy,
): SizeEvidence[] {
  const evidence: SizeEvidence[] = []
  const { opening } = measured
  const boreDimension = constructionOf(sheet.retention).ring.bore
  const bore = boreDimension && measured[boreDimension]
  const crystal = measured['crystal-diameter']
  const wall = figureOf('gasket-wall', measured, sheet)
  if (crystal) evidence.push({ kind: 'crystal', diameter: plainEstimate(crystal) })
  if (bore && wall) evidence.push({ kind: 'bore-and-gasket', bore: plainEstimate(bore), wall })
  if (opening) evidence.push({ kind: 'opening-with-gasket', opening: plainEstimate(opening) })
  return [...evidence, ...seatEvidence(measured, sheet, policy)]
}
