import { commonFailure } from '../../fit/commonFailure'
import type { FitPolicy } from '../../fit/fitPolicy'
import { originClause } from '../../fit/originWords'
import { formatMm, formatPercent } from '../../units/formatMm'
import type { CementCandidate } from './assessCemented'
import type { CementSeat } from './cementSeat'
import { reaches } from '../../units/within'

/** Why a constraint speaks against a crystal in its rebate. */
export function cementFailure(
  name: string,
  candidate: CementCandidate,
  _: CementSeat,
  policy: FitPolicy,
): string {
  switch (name) {
    case 'gap-along':
    case 'gap-across':
      return gapFailure(name, candidate, policy)
    case 'gap-corner':
      return `corners too sharp for the rebate: they overlap by ${formatMm(-(candidate.cornerMm ?? 0))}`
    default:
      return commonFailure(name, candidate, policy)
  }
}

function gapFailure(
  name: 'gap-along' | 'gap-across',
  { alongMm, acrossMm, crystal }: CementCandidate,
  policy: FitPolicy,
): string {
  const { lowMm, highMm } = policy.cementGap
  const limits = `cement wants ${formatMm(lowMm)}–${formatMm(highMm)} a side`
  const gapMm = name === 'gap-along' ? alongMm : acrossMm
  // A round crystal has no sides: its gap is the same all round.
  const where = crystal.widthMm === null ? '' : name === 'gap-along' ? ' along' : ' across'
  if (gapMm < 0) return `${formatMm(-2 * gapMm)} too large${where}; ${limits}`
  if (!reaches(gapMm, lowMm)) return `gap${where} only ${formatMm(gapMm)} a side; ${limits}`
  if (!reaches(highMm, gapMm)) return `gap${where} ${formatMm(gapMm)} a side; ${limits}`
  return `gap${where} ${formatMm(gapMm)} a side too uncertain; ${limits}`
}

/** Why a crystal holds in its rebate. */
export function cementReasons(candidate: CementCandidate, seat: CementSeat, policy: FitPolicy): string[] {
  const { alongMm, acrossMm, fitProbability } = candidate
  const { lowMm, highMm } = policy.cementGap
  const gaps =
    seat.outline === 'round'
      ? `Gap ${formatMm(alongMm)} a side`
      : `Gap ${formatMm(alongMm)} a side along and ${formatMm(acrossMm)} across`
  const first = `${gaps} of ${formatMm(lowMm)}–${formatMm(highMm)} for the cement, right with ${formatPercent(fitProbability)}${originClause('rebate', seat.length)}.`
  return seat.outline === 'round' ? [first] : [first, cornerSentence(candidate)]
}

function cornerSentence({ crystal, cornerMm }: CementCandidate): string {
  const corner = crystal.cornerRadiusMm === null ? '' : ` of ${formatMm(crystal.cornerRadiusMm, 0.1)}`
  return cornerMm === null
    ? `Corners${corner} not judged: measure the rebate’s corner radius, or lay the crystal in dry.`
    : `Corners${corner} leave ${formatMm(cornerMm)}.`
}
