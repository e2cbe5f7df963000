import { commonFailure } from '../../fit/commonFailure'
import type { FitPolicy } from '../../fit/fitPolicy'
import { originClause } from '../../fit/originWords'
import { formatMm, formatPercent, formatShare, formatSignedMm } from '../../units/formatMm'
import type { AcrylicSeat } from './acrylicSeat'
import type { AcrylicCandidate } from './assessAcrylic'
import { wholeHeightMm } from './assessAcrylic'
import { reaches } from '../../units/within'

/** Why a constraint speaks against an acrylic in its seat. */
export function acrylicFailure(
  name: string,
  candidate: AcrylicCandidate,
  seat: AcrylicSeat,
  policy: FitPolicy,
): string {
  switch (name) {
    case 'oversize':
      return oversizeFailure(candidate)
    case 'dome': {
      const lowerMm = (seat.domeHeight?.valueMm ?? 0) - wholeHeightMm(candidate.crystal)
      return `${formatMm(lowerMm)} lower than the old dome; limit ${formatMm(policy.lowerDomeMm)}: the hands may touch`
    }
    case 'ring-height':
      return ringHeightFailure(candidate.crystal.ringHeightMm, seat, policy)
    default:
      return commonFailure(name, candidate, policy)
  }
}

function oversizeFailure({ oversizeMm, oversizeUncertaintyMm, window, strain }: AcrylicCandidate): string {
  const limits = `wants ${formatMm(window.lowMm)}–${formatMm(window.highMm)} over its seat`
  if (!reaches(window.highMm, oversizeMm))
    return `too large by ${formatMm(oversizeMm - window.highMm)}: strained ${formatShare(strain, 1)}, it would craze; ${limits}`
  if (!reaches(oversizeMm, window.lowMm)) return `too small to hold: ${formatSignedMm(oversizeMm)}; ${limits}`
  return `oversize ${formatMm(oversizeMm)} too uncertain (±${formatMm(2 * oversizeUncertaintyMm)}); ${limits}`
}

function ringHeightFailure(ringHeightMm: number | null, seat: AcrylicSeat, policy: FitPolicy): string {
  if (ringHeightMm === null) return 'its metal ring’s height is not known'
  const offMm = ringHeightMm - (seat.ringHeight?.valueMm ?? 0)
  return `metal ring ${formatMm(Math.abs(offMm))} ${offMm > 0 ? 'higher' : 'lower'} than the old one; limit ${formatMm(policy.ringHeightMm)}`
}

/** Why an acrylic holds in its seat. */
export function acrylicReasons(candidate: AcrylicCandidate, seat: AcrylicSeat, policy: FitPolicy): string[] {
  const { crystal, oversizeMm, window, strain, fitProbability } = candidate
  const larger = `${formatSignedMm(oversizeMm)} against the ${seat.in} of ${formatMm(window.lowMm)}–${formatMm(window.highMm)}, right with ${formatPercent(fitProbability)}`
  const strained =
    seat.in === 'groove'
      ? `; strained ${formatShare(strain, 1)} where acrylic crazes from ${formatShare(policy.crazeStrain, 1)} on`
      : '; its metal ring spreads it, so it must not be pressed on the dome'
  const dome = seat.domeHeight
    ? [
        `${formatMm(wholeHeightMm(crystal))} high in all; the old one ${formatMm(seat.domeHeight.valueMm)}${originClause('height', seat.domeHeight)}.`,
      ]
    : []
  return [`${larger}${strained}${originClause(seat.in, seat.opening)}.`, ...dome]
}
