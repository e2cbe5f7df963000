import { formatMm, formatSignedMm } from '../units/formatMm'
import type { ConstraintName, PairAssessment } from './assessPair'
import { edgeHeld, gasketAboveRimMm } from './assessPair'
import type { CaseFacts } from './CaseFacts'
import type { FitPolicy } from './fitPolicy'

/** Why a constraint speaks against a pair, with the figure and the limit. */
export function failureText(
  name: ConstraintName,
  pair: PairAssessment,
  facts: CaseFacts,
  policy: FitPolicy,
): string {
  const { crystal, gasket, standing } = pair
  switch (name) {
    case 'interference':
      return interferenceText(pair, policy)
    case 'rim': {
      const { lowMm, highMm } = policy.rimWindow
      const word = standing.rimMm > 0 ? 'proud' : 'sunk'
      return `stands ${formatSignedMm(standing.rimMm)} ${word}; limits ${formatSignedMm(lowMm)} to ${formatSignedMm(highMm)}`
    }
    case 'hands':
      return `${formatMm(standing.handClearanceMm ?? 0)} to the hands; needs ${formatMm(policy.minimumHandClearanceMm)}`
    case 'gasket-bore': {
      const offMm = gasket.outerDiameterMm - facts.bore.valueMm
      return `gasket is ${formatMm(Math.abs(offMm))} ${offMm > 0 ? 'larger' : 'smaller'} than the bore; limit ${formatMm(policy.gasketToBoreMm)}`
    }
    case 'gasket-height': {
      const aboveMm = gasketAboveRimMm(gasket, facts)
      if (aboveMm > policy.flushMm) return `gasket would stand ${formatMm(aboveMm)} above the rim`
      const percent = (part: number) => Math.round(100 * part)
      return `gasket holds only ${percent(edgeHeld(gasket, crystal))} % of the edge; needs ${percent(policy.minimumEdgeHeld)} %`
    }
    case 'stock':
      return `no ${crystal.quantity < 1 ? `crystal ${crystal.code}` : `gasket ${gasket.code}`} left in its drawer`
  }
}

function interferenceText(
  { interferenceMm, interferenceUncertaintyMm, gasket }: PairAssessment,
  policy: FitPolicy,
): string {
  const { lowMm, highMm } = policy.interferenceBands[gasket.material]
  const size = formatMm(Math.abs(interferenceMm))
  const limits = `${gasket.material} wants ${formatMm(lowMm)}–${formatMm(highMm)}`
  if (interferenceMm < 0) return `loose by ${size}; ${limits}`
  if (interferenceMm > highMm) return `too tight: interference ${size}; ${limits}`
  if (interferenceMm < lowMm) return `hardly held: interference ${size}; ${limits}`
  return `interference ${size} too uncertain (±${formatMm(2 * interferenceUncertaintyMm)}) for ${limits}`
}
