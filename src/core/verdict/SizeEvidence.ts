import type { Estimate } from '../measure/Estimate'

/** What was measured that tells something of the crystal's stock size. */
export type SizeEvidence =
  /** the old crystal itself, across its diameter, out of the case */
  | { readonly kind: 'crystal'; readonly diameter: Estimate }
  /** the empty case bore and the gasket's wall */
  | { readonly kind: 'bore-and-gasket'; readonly bore: Estimate; readonly wall: Estimate }
  /** the hole left by the gasket fitted in its bore */
  | { readonly kind: 'opening-with-gasket'; readonly opening: Estimate }

export type CaseSideEvidence = Exclude<SizeEvidence, { kind: 'crystal' }>

/** How often a stock size was fitted to this case before, successfully. */
export interface SizeHistory {
  readonly sizeMm: number
  readonly count: number
}

/**
 * The free opening (the hole the crystal goes into, before it is squeezed) that one piece of case-side evidence shows.
 * Two walls stand across a diameter and carry the same error: their uncertainty counts twice, not √2 times.
 */
export function freeOpening(evidence: CaseSideEvidence): Estimate {
  if (evidence.kind === 'opening-with-gasket') return evidence.opening
  const { bore, wall } = evidence
  return {
    valueMm: bore.valueMm - 2 * wall.valueMm,
    standardUncertaintyMm: Math.hypot(bore.standardUncertaintyMm, 2 * wall.standardUncertaintyMm),
  }
}
