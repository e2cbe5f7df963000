import type { BezelRing } from '../fit/bezelRings'
import type { Candidate } from '../fit/Candidate'
import { formatMm, formatPercent } from '../units/formatMm'

/** The best of the drawers that goes with one bezel; null where nothing does, or nothing could be judged. */
export interface BezelSet {
  /** the crystal with its ring */
  readonly crystal: Candidate | null
  /** between bezel and case; null too where the bezel sits on the case itself */
  readonly ring: BezelRing | null
  /** does a ring go between bezel and case? */
  readonly ringed: boolean
  /** of bezel, crystal and rings together; 0 where one of them is missing */
  readonly probability: number
}

/** One part of a set that is pressed on together. */
export interface SetPart {
  readonly name: 'bezel' | 'crystal' | 'crystal in its ring' | 'second ring' | 'chapter ring'
  /** code of a new part; null for the old one going back */
  readonly code: string | null
  /** null where nothing new is to be judged */
  readonly probability: number | null
}

/** Chance that all parts of a set serve, taken as independent; what goes back as it was is not counted. */
export function setProbability(parts: readonly Pick<SetPart, 'probability'>[]): number {
  return parts.reduce((product, { probability }) => product * (probability ?? 1), 1)
}

/** What goes with a bezel, in a sentence. */
export function setText({ crystal, ring, ringed, probability }: BezelSet): string {
  if (!crystal) return 'Nothing in the drawers is held by it: no crystal, with its ring where it has one.'
  const { crystal: glass, gasket } = crystal
  const into = gasket ? ` in ${gasket.code}` : ''
  const found = `Goes with ${glass.code} (${formatMm(glass.diameterMm, 0.1)} × ${formatMm(glass.edgeThicknessMm, 0.1)})${into}`
  if (ringed && !ring) return `${found}; no second ring of the drawers serves it.`
  const second = ring ? ` and second ring ${ring.gasket.code}` : ''
  return `${found}${second}: all together right with ${formatPercent(probability)}.`
}
