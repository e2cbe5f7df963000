import type { FigureOrigin } from '../fit/CrystalSeat'
import { ORIGIN_WORDS } from '../fit/originWords'
import { weakestOrigin } from '../fit/restsOn'
import type { SizeEvidence } from '../verdict/SizeEvidence'
import type { CaseSheet } from './CaseSheet'
import { figureOf } from './caseFigures'
import type { MeasuredFigures } from './measuredFigures'

/** How well a piece of evidence is known: a ring's wall that is beyond measuring is the case sheet's. */
export function evidenceOrigin(
  { kind }: SizeEvidence,
  measured: MeasuredFigures,
  sheet: CaseSheet,
): FigureOrigin {
  if (kind !== 'bore-and-gasket') return 'measured'
  const wall = figureOf('gasket-wall', measured, sheet)
  return weakestOrigin(wall ? [wall] : [])
}

/** What of the evidence nobody measured on this tray, in a few words; null where all of it was. */
export function unmeasuredEvidence(
  evidence: readonly SizeEvidence[],
  measured: MeasuredFigures,
  sheet: CaseSheet,
): string | null {
  const origin = weakestOrigin(evidence.map((item) => ({ origin: evidenceOrigin(item, measured, sheet) })))
  return origin === 'measured' ? null : `Ring wall ${ORIGIN_WORDS[origin]}`
}
