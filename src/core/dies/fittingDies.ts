import type { CaseFacts } from '../fit/CaseFacts'
import type { StockCrystal } from '../fit/parts'
import type { CaseSheet } from '../tray/CaseSheet'
import { bezelPusher } from './bezelDies'
import type { Die } from './Die'
import type { DiePolicy } from './diePolicy'
import type { DieOutcome } from './pressInDies'
import { pressInPusher, pressInSupport } from './pressInDies'

/** A case nobody measured is taken to be this much wider than its bore, mm: the usual wall of a wrist case. From memory. */
const ASSUMED_CASE_OVER_BORE_MM = 7
/** A bezel nobody measured is taken to be this much wider than what it goes over, mm. From memory. */
const ASSUMED_BEZEL_OVER_BORE_MM = 5

export interface FittingDies {
  /** null where the crystal goes in by hand */
  readonly pusher: DieOutcome | null
  readonly support: DieOutcome | null
}

/**
 * Dies that bring a crystal home, by how it is held.
 * @param openingMm - what the crystal or its bezel goes into or over, mm
 */
export function fittingDies(
  dies: readonly Die[],
  crystal: StockCrystal,
  sheet: Pick<CaseSheet, 'retention' | 'caseDiameterMm' | 'bezelOuterMm'>,
  openingMm: number,
  policy: DiePolicy,
): FittingDies {
  const { diameterMm, undersideRiseMm, centreThicknessMm, edgeThicknessMm } = crystal
  const topRiseMm = undersideRiseMm + centreThicknessMm - edgeThicknessMm
  const caseDiameterMm = sheet.caseDiameterMm ?? openingMm + ASSUMED_CASE_OVER_BORE_MM
  const bezelOuterMm = sheet.bezelOuterMm ?? Math.min(caseDiameterMm, openingMm + ASSUMED_BEZEL_OVER_BORE_MM)
  switch (sheet.retention) {
    case 'tension-gasket':
    case 'tension-ring-acrylic':
      return {
        pusher: pressInPusher(dies, { diameterMm, topRiseMm }, policy),
        support: pressInSupport(dies, { boreMm: openingMm, caseDiameterMm }, policy),
      }
    case 'press-in-bezel':
      // Off the case: what lies on the support is the bezel.
      return {
        pusher: pressInPusher(dies, { diameterMm, topRiseMm }, policy),
        support: pressInSupport(
          dies,
          {
            boreMm: openingMm,
            caseDiameterMm: bezelOuterMm + CLEAR_OF_NOTHING_MM,
          },
          policy,
        ),
      }
    case 'neck-and-bezel':
      return {
        pusher: bezelPusher(dies, { crystalMm: diameterMm, bezelOuterMm, crystalAboveMm: topRiseMm }),
        support: pressInSupport(dies, { boreMm: openingMm, caseDiameterMm }, policy),
      }
    case 'snap-acrylic':
    case 'cemented':
      return { pusher: null, support: null }
  }
}

/** A bezel off its case has no crown to stay clear of: the margin for one is given back, mm. */
const CLEAR_OF_NOTHING_MM = 1

/** What a crystal or its bezel goes into or over, mm. */
export function openingOf(facts: CaseFacts): number {
  switch (facts.held) {
    case 'ring':
      return facts.bore.valueMm
    case 'neck':
      return facts.neckOuter.valueMm
    case 'acrylic':
      return facts.opening.valueMm
    case 'cement':
      return facts.length.valueMm
  }
}
