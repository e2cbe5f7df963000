import type { StockGasket } from '../fit/parts'
import type { StockORing } from '../stock/otherParts'
import { formatMm } from '../units/formatMm'
import type { SealChoice } from './backSeals'
import type { SealLine } from './SealItem'

/** A ring of the drawers as a choice for a seal. */
export function oRingLine({ part, seal, reason }: SealChoice<StockORing>): SealLine {
  const { id, code, drawer, quantity, innerDiameterMm, sectionMm, material } = part
  const words = `${formatMm(innerDiameterMm)} × ${formatMm(sectionMm)} ${material}`
  return { kind: 'o-ring', partId: id, code, drawer, quantity, words, reason, seal }
}

/** A flat gasket of the drawers as a choice for a seal. */
export function gasketLine({ part, seal, reason }: SealChoice<StockGasket>): SealLine {
  const { id, code, drawer, quantity, outerDiameterMm, wallMm, heightMm, material } = part
  const innerMm = outerDiameterMm - 2 * wallMm
  const words = `${formatMm(outerDiameterMm, 0.1)} / ${formatMm(innerMm, 0.1)} × ${formatMm(heightMm)} flat ${material}`
  return { kind: 'gasket', partId: id, code, drawer, quantity, words, reason, seal }
}
