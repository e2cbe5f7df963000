import { combinedEstimate } from '../measure/combinedEstimate'
import type { Estimate } from '../measure/Estimate'

/** How a fragment's circle was found. */
export type FragmentMethod = 'chord' | 'points' | 'photo'

/** What was measured on the old crystal, or on what it left behind. */
export type CrystalSideEvidence =
  /** the old crystal itself, across its diameter, out of the case */
  | { readonly kind: 'crystal'; readonly diameter: Estimate }
  /** the circle a piece of its rim belongs to */
  | { readonly kind: 'fragment'; readonly method: FragmentMethod; readonly diameter: Estimate }
  /** its top as seen in the case, and the bevel that hides the rest on either side */
  | { readonly kind: 'visible-top'; readonly top: Estimate; readonly bevel: Estimate }
  /** the ring it pressed into the old gasket */
  | { readonly kind: 'gasket-imprint'; readonly diameter: Estimate }

/** What was measured on the case, whatever crystal was in it. */
export type CaseSideEvidence =
  /** the empty case bore and the gasket's wall */
  | { readonly kind: 'bore-and-gasket'; readonly bore: Estimate; readonly wall: Estimate }
  /** the hole left by the gasket fitted in its bore */
  | { readonly kind: 'opening-with-gasket'; readonly opening: Estimate }
  /** the seat of a construction that squeezes no ring in a bore, as it is said, and the free opening it comes to */
  | { readonly kind: 'seat'; readonly seat: string; readonly opening: Estimate }

/** What was measured that tells something of the crystal's stock size. */
export type SizeEvidence = CrystalSideEvidence | CaseSideEvidence

/** How often a stock size was fitted to this case before, successfully. */
export interface SizeHistory {
  readonly sizeMm: number
  readonly count: number
}

export function isCaseSide(evidence: SizeEvidence): evidence is CaseSideEvidence {
  return (
    evidence.kind === 'bore-and-gasket' || evidence.kind === 'opening-with-gasket' || evidence.kind === 'seat'
  )
}

/**
 * The old crystal's diameter as one piece of evidence shows it.
 * Two bevels stand across a diameter and carry the same error: their uncertainty counts twice, not √2 times.
 */
export function crystalDiameter(evidence: CrystalSideEvidence): Estimate {
  if (evidence.kind !== 'visible-top') return evidence.diameter
  const { top, bevel } = evidence
  return combinedEstimate([
    [1, top],
    [2, bevel],
  ])
}

/**
 * The free opening (the hole the crystal goes into, before it is squeezed) that one piece of case-side evidence shows.
 * Two walls stand across a diameter and carry the same error: their uncertainty counts twice, not √2 times.
 */
export function freeOpening(evidence: CaseSideEvidence): Estimate {
  if (evidence.kind !== 'bore-and-gasket') return evidence.opening
  const { bore, wall } = evidence
  return combinedEstimate([
    [1, bore],
    [-2, wall],
  ])
}
