import type { Estimate } from '../measure/Estimate'
import { fuseEstimates } from '../measure/fuseEstimates'
import type { SizeEvidence } from './SizeEvidence'
import { crystalDiameter, freeOpening, isCaseSide } from './SizeEvidence'
import type { VerdictPolicy } from './verdictPolicy'
import { CONFLICT_STANDARD_DEVIATIONS } from './verdictPolicy'

/** One piece of evidence that does not agree with the rest. */
export interface OddEvidence {
  /** index into the evidence given */
  readonly index: number
  readonly kind: SizeEvidence['kind']
  /** by how much it differs from what the others say together */
  readonly standardDeviations: number
  /** size it points to, and size the others point to, mm */
  readonly sizeMm: number
  readonly othersMm: number
  /** what usually is the reason */
  readonly likely: string
}

const LIKELY: Readonly<Record<SizeEvidence['kind'], string>> = {
  crystal: 'the crystal that came out may have been the wrong one, or the jaws stood on its bevel',
  fragment: 'the arc is short, or a chip stands at one end of it',
  'visible-top': 'the bevel was taken too wide or too narrow',
  'gasket-imprint': 'the old ring has shrunk or was stretched taking it out',
  'bore-and-gasket': 'the wall was read squeezed, or the bore holds dirt or a burr',
  seat: 'the seat holds dirt or a burr, or its jaws stood askew',
  'opening-with-gasket': 'the gasket was not seated all round, or the jaws pressed it',
}

/** The size one piece of evidence points to by itself, mm. */
function impliedSize(evidence: SizeEvidence, policy: VerdictPolicy): Estimate {
  if (isCaseSide(evidence)) {
    const opening = freeOpening(evidence)
    const aim = policy.aimedInterference
    return {
      valueMm: opening.valueMm + aim.valueMm,
      standardUncertaintyMm: Math.hypot(opening.standardUncertaintyMm, aim.standardUncertaintyMm),
    }
  }
  const diameter = crystalDiameter(evidence)
  return {
    valueMm: diameter.valueMm,
    standardUncertaintyMm: Math.hypot(diameter.standardUncertaintyMm, policy.makerUncertaintyMm),
  }
}

/**
 * Evidence that disagrees with what all the other evidence says together, the worst first.
 * With two items it cannot be said which is wrong: both are named.
 */
export function evidenceConflicts(evidence: readonly SizeEvidence[], policy: VerdictPolicy): OddEvidence[] {
  const sizes = evidence.map((item) => impliedSize(item, policy))
  const odd = evidence.flatMap((item, index): OddEvidence[] => {
    const own = sizes[index]
    const others = sizes.filter((_, i) => i !== index)
    if (!own || others.length === 0) return []
    const rest = fuseEstimates(others)
    const standardDeviations =
      Math.abs(own.valueMm - rest.valueMm) / Math.hypot(own.standardUncertaintyMm, rest.standardUncertaintyMm)
    if (standardDeviations < CONFLICT_STANDARD_DEVIATIONS) return []
    return [
      {
        index,
        kind: item.kind,
        standardDeviations,
        sizeMm: own.valueMm,
        othersMm: rest.valueMm,
        likely: LIKELY[item.kind],
      },
    ]
  })
  return odd.sort((a, b) => b.standardDeviations - a.standardDeviations)
}
