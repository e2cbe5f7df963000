import { commonFailure, ringOffText } from '../../fit/commonFailure'
import type { FitPolicy } from '../../fit/fitPolicy'
import { originClause } from '../../fit/originWords'
import { formatMm, formatPercent, formatShare, formatShares, formatSignedMm } from '../../units/formatMm'
import type { NeckCandidate } from './assessNeck'
import type { NeckSeat } from './neckSeat'
import { reaches } from '../../units/within'

/** Why a constraint speaks against a crystal over a neck. */
export function neckFailure(
  name: string,
  candidate: NeckCandidate,
  seat: NeckSeat,
  policy: FitPolicy,
): string {
  switch (name) {
    case 'neck-squeeze':
      return squeezeFailure(candidate)
    case 'over-neck': {
      const overMm = candidate.overNeckMm ?? 0
      const { lowMm, highMm } = policy.overNeckWindow
      const how = overMm < 0 ? 'smaller than the neck' : 'wider than the neck'
      return `skirt inside is ${formatMm(Math.abs(overMm))} ${how}; limits ${formatSignedMm(lowMm)} to ${formatSignedMm(highMm)}`
    }
    case 'neck-room':
      return 'its ring would be crushed between bezel and neck'
    case 'edge': {
      const offMm = candidate.crystal.edgeThicknessMm - (seat.foundThickness?.valueMm ?? 0)
      return `edge ${formatMm(Math.abs(offMm))} ${offMm > 0 ? 'thicker' : 'thinner'} than the old one; limit ${formatMm(policy.edgeToOldMm)}`
    }
    case 'gasket-bore':
      return candidate.gasket
        ? ringOffText(candidate.gasket.outerDiameterMm, seat.bezelInner.valueMm, 'bezel', policy)
        : ''
    default:
      return commonFailure(name, candidate, policy)
  }
}

function squeezeFailure({ squeeze, squeezeUncertainty, band, gasket }: NeckCandidate): string {
  const limits = `${gasket ? gasket.material : 'an acrylic skirt'} wants ${formatShares(band.low, band.high)}`
  const size = formatShare(Math.abs(squeeze))
  if (squeeze < 0) return `not squeezed at all: ${size} too thin; ${limits}`
  if (!reaches(band.high, squeeze)) return `crushed by the bezel: squeezed ${size}; ${limits}`
  if (!reaches(squeeze, band.low)) return `hardly squeezed: ${size}; ${limits}`
  return `squeeze ${size} too uncertain (±${formatShare(2 * squeezeUncertainty)}); ${limits}`
}

/** Why a crystal over a neck holds. */
export function neckReasons(candidate: NeckCandidate, seat: NeckSeat): string[] {
  const { squeeze, band, fitProbability, gasket } = candidate
  const what = gasket
    ? `The bezel squeezes the ${gasket.material} ring`
    : 'The bezel squeezes the acrylic skirt, which is its own seal,'
  const squeezed = `${what} ${formatShare(squeeze)} of ${formatShares(band.low, band.high)}, right with ${formatPercent(fitProbability)}${originClause('bezel', seat.bezelInner)}${originClause('neck', seat.neckOuter)}.`
  return [squeezed, ...overSentence(candidate), ...lipSentence(candidate, seat)]
}

function overSentence({ overNeckMm }: NeckCandidate): string[] {
  if (overNeckMm === null) return []
  const over =
    overNeckMm < 0
      ? `is pressed over the neck by ${formatMm(-overNeckMm)}`
      : `slips over the neck with ${formatMm(overNeckMm)} to spare`
  return [`Its skirt ${over}.`]
}

function lipSentence({ crystal }: NeckCandidate, { foundThickness }: NeckSeat): string[] {
  return foundThickness
    ? [
        `The old crystal is ${formatMm(foundThickness.valueMm)} thick at its edge; this one ${formatMm(crystal.edgeThicknessMm, 0.1)}: the bezel’s lip expects the same.`,
      ]
    : []
}
