import type { DieSituation, FittingDies, Pressed } from '../construction/Construction'
import { constructionOf } from '../construction/constructions'
import type { CaseSheet } from '../tray/CaseSheet'
import type { Die } from './Die'
import type { DiePolicy } from './diePolicy'

/** A case nobody measured is taken to be this much wider than its bore, mm: the usual wall of a wrist case. From memory. */
const ASSUMED_CASE_OVER_BORE_MM = 7
/** A bezel nobody measured is taken to be this much wider than what it goes over, mm. From memory. */
const ASSUMED_BEZEL_OVER_BORE_MM = 5

/** A case's diameter as its sheet has it, else as wide as usual round an opening, mm. */
export function caseDiameterOrUsual(
  { caseDiameterMm }: Pick<CaseSheet, 'caseDiameterMm'>,
  openingMm: number,
): number {
  return caseDiameterMm ?? openingMm + ASSUMED_CASE_OVER_BORE_MM
}

/** A bezel's outside as its sheet has it, else as wide as usual round an opening, and no wider than its case, mm. */
export function bezelOuterOrUsual(
  sheet: Pick<CaseSheet, 'caseDiameterMm' | 'bezelOuterMm'>,
  openingMm: number,
): number {
  const usualMm = Math.min(caseDiameterOrUsual(sheet, openingMm), openingMm + ASSUMED_BEZEL_OVER_BORE_MM)
  return sheet.bezelOuterMm ?? usualMm
}

/**
 * Dies that bring a crystal home, by how it is held.
 * @param openingMm - what the crystal or its bezel goes into or over, mm
 */
export function fittingDies(
  dies: readonly Die[],
  crystal: Pressed,
  sheet: Pick<CaseSheet, 'retention' | 'caseDiameterMm' | 'bezelOuterMm'>,
  openingMm: number,
  policy: DiePolicy,
): FittingDies {
  const caseDiameterMm = caseDiameterOrUsual(sheet, openingMm)
  const bezelOuterMm = bezelOuterOrUsual(sheet, openingMm)
  const situation: DieSituation = { crystal, openingMm, caseDiameterMm, bezelOuterMm }
  return constructionOf(sheet.retention).dies(dies, situation, policy)
}
