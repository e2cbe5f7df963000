import { formatMm, formatSignedMm } from '../units/formatMm'
import type { Candidate } from './Candidate'
import type { FitPolicy } from './fitPolicy'

/** What the constraints that several constructions share are called when they were missed. */
export const COMMON_MISSED = {
  rim: 'rim too proud or sunk',
  hands: 'too near the hands',
  stock: 'drawer empty',
} as const

/** Why a constraint that several constructions share speaks against a candidate; empty for another. */
export function commonFailure(name: string, candidate: Candidate, policy: FitPolicy): string {
  const { standing } = candidate
  switch (name) {
    case 'rim': {
      const rimMm = standing.rimMm ?? 0
      const { lowMm, highMm } = policy.rimWindow
      const word = rimMm > 0 ? 'proud' : 'sunk'
      return `stands ${formatSignedMm(rimMm)} ${word}; limits ${formatSignedMm(lowMm)} to ${formatSignedMm(highMm)}`
    }
    case 'hands':
      return `${formatMm(standing.handClearanceMm ?? 0)} to the hands; needs ${formatMm(policy.minimumHandClearanceMm)}`
    case 'stock':
      return stockText(candidate)
    default:
      return ''
  }
}

function stockText({ crystal, gasket }: Candidate): string {
  const [part, what] = crystal.quantity < 1 || !gasket ? [crystal, 'crystal'] : [gasket, 'gasket']
  const order = part.supplierCode === '' ? '' : `; order ${part.supplierCode} from ${part.supplier}`
  return `no ${what} ${part.code} left in its drawer${order}`
}

/** A ring whose outside does not go with what it lies in. */
export function ringOffText(outerMm: number, openingMm: number, name: string, policy: FitPolicy): string {
  const offMm = outerMm - openingMm
  return `gasket is ${formatMm(Math.abs(offMm))} ${offMm > 0 ? 'larger' : 'smaller'} than the ${name}; limit ${formatMm(policy.gasketToBoreMm)}`
}
