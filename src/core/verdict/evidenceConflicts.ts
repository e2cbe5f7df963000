import { combinedEstimate } from '../measure/combinedEstimate'
import type { Estimate } from '../measure/Estimate'
import { fuseEstimates } from '../measure/fuseEstimates'
import type { SizeEvidence } from './SizeEvidence'
import { crystalDiameter, freeOpening, isCaseSide } from './SizeEvidence'
import type { VerdictPolicy } from './verdictPolicy'

/** Evidence that disagrees with its like by more than this many standard deviations is odd. From memory. */
const ODD_STANDARD_DEVIATIONS = 2.5

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
  crystal: 'the jaws stood on its bevel',
  fragment: 'the arc is short, or a chip stands at one end of it',
  'visible-top': 'the bevel was taken too wide or too narrow',
  'gasket-imprint': 'the old ring has shrunk or was stretched taking it out',
  'bore-and-gasket': 'the wall was read squeezed, or the bore holds dirt or a burr',
  seat: 'the seat holds dirt or a burr, or its jaws stood askew',
  'opening-with-gasket': 'the gasket was not seated all round, or the jaws pressed it',
}

/** The size one piece of evidence points to by itself, mm: the aimed interference added to what the case shows. */
function impliedSize(evidence: SizeEvidence, { aimedInterference }: VerdictPolicy): Estimate {
  if (!isCaseSide(evidence)) return crystalDiameter(evidence)
  const opening = freeOpening(evidence)
  return { ...opening, valueMm: opening.valueMm + aimedInterference.valueMm }
}

/**
 * Evidence that disagrees with what all the other evidence of the same side says together, the worst first. What the old
 * crystal and the case say is told apart by the verdict itself, see `EvidenceConflict`.
 * With two items it cannot be said which is wrong: both are named.
 */
export function evidenceConflicts(evidence: readonly SizeEvidence[], policy: VerdictPolicy): OddEvidence[] {
  const sizes = evidence.map((item) => impliedSize(item, policy))
  const odd = evidence.flatMap((item, index): OddEvidence[] => {
    const own = sizes[index]
    const others = sizes.filter((_, i) => i !== index && sameSide(item, evidence[i]))
    if (!own || others.length === 0) return []
    const rest = fuseEstimates(others)
    // What one instrument is off cancels in the difference.
    const apart = combinedEstimate([
      [1, own],
      [-1, rest],
    ])
    const standardDeviations = Math.abs(apart.valueMm) / apart.standardUncertaintyMm
    if (standardDeviations < ODD_STANDARD_DEVIATIONS) return []
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

function sameSide(a: SizeEvidence, b: SizeEvidence | undefined): boolean {
  return b !== undefined && isCaseSide(a) === isCaseSide(b)
}
