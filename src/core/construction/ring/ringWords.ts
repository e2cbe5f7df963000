import { commonFailure, ringOffText } from '../../fit/commonFailure'
import type { FitPolicy } from '../../fit/fitPolicy'
import { originClause } from '../../fit/originWords'
import { formatMm, formatPercent, formatShare, formatSignedMm } from '../../units/formatMm'
import type { RingCandidate } from './assessPair'
import { edgeHeld, gasketAboveRimMm } from './assessPair'
import type { RingSeat } from './ringSeat'
import { squeezeByDirection } from './squeezeByDirection'
import { reaches } from '../../units/within'

/** An oval smaller than this is none, mm. */
const ROUND_WITHIN_MM = 0.01

/** Why a constraint speaks against a crystal with its ring in a bore. */
export function ringFailure(name: string, pair: RingCandidate, seat: RingSeat, policy: FitPolicy): string {
  switch (name) {
    case 'interference':
      return interferenceFailure(pair, policy)
    case 'gasket-bore':
      return ringOffText(pair.gasket.outerDiameterMm, seat.bore.valueMm, 'bore', policy)
    case 'gasket-height':
      return heightFailure(pair, seat, policy)
    default:
      return commonFailure(name, pair, policy)
  }
}

function interferenceFailure(
  { interferenceMm, interferenceUncertaintyMm, gasket }: RingCandidate,
  policy: FitPolicy,
): string {
  const { lowMm, highMm } = policy.interferenceBands[gasket.material]
  const size = formatMm(Math.abs(interferenceMm))
  const limits = `${gasket.material} wants ${formatMm(lowMm)}–${formatMm(highMm)}`
  if (interferenceMm < 0) return `loose by ${size}; ${limits}`
  if (!reaches(highMm, interferenceMm)) return `too tight: interference ${size}; ${limits}`
  if (!reaches(interferenceMm, lowMm)) return `hardly held: interference ${size}; ${limits}`
  return `interference ${size} too uncertain (±${formatMm(2 * interferenceUncertaintyMm)}); ${limits}`
}

function heightFailure({ gasket, crystal }: RingCandidate, seat: RingSeat, policy: FitPolicy): string {
  const aboveMm = gasketAboveRimMm(gasket, seat)
  if (!reaches(policy.flushMm, aboveMm)) return `gasket would stand ${formatMm(aboveMm)} above the rim`
  return `gasket holds only ${formatShare(edgeHeld(gasket, crystal))} of the edge; needs ${formatShare(policy.minimumEdgeHeld)}`
}

/**
 * Why a crystal with its ring holds in a bore.
 * @param boreName - “bore”, or whose it is
 */
export function ringReasons(
  pair: RingCandidate,
  seat: RingSeat,
  boreName: string,
  policy: FitPolicy,
): string[] {
  return [interferenceSentence(pair, seat, boreName, policy), ...directionSentence(pair, seat)]
}

function interferenceSentence(
  pair: RingCandidate,
  seat: RingSeat,
  boreName: string,
  policy: FitPolicy,
): string {
  const band = policy.interferenceBands[pair.gasket.material]
  const figure = `Interference ${formatMm(pair.interferenceMm)} of ${formatMm(band.lowMm)}–${formatMm(band.highMm)}, right with ${formatPercent(pair.fitProbability)}`
  const origin = originClause(boreName, seat.bore)
  if (seat.boreOvalityMm < ROUND_WITHIN_MM) return `${figure}${origin}.`
  const least = pair.interferenceMm - seat.boreOvalityMm / 2
  const most = pair.interferenceMm + seat.boreOvalityMm / 2
  const inside = reaches(least, band.lowMm) && reaches(band.highMm, most)
  const oval = `the bore is ${formatMm(seat.boreOvalityMm)} oval`
  return inside
    ? `${figure}; stays inside all round although ${oval}${origin}.`
    : `${figure}; ${oval}, so it runs from ${formatSignedMm(least)} to ${formatSignedMm(most)} round the rim${origin}.`
}

/** In an oval bore the ring is not squeezed alike all round: told by the directions it was read in. */
function directionSentence({ crystal, gasket }: RingCandidate, seat: RingSeat): string[] {
  if (seat.boreOvalityMm < ROUND_WITHIN_MM) return []
  const joint = {
    crystalDiameterMm: crystal.diameterMm,
    gasketWallMm: gasket.wallMm,
    boreMm: seat.bore.valueMm,
  }
  const round = squeezeByDirection(joint, seat.boreOvalityMm, seat.boreLongAxisDeg)
  return [
    `Squeeze round the rim: ${round.map(({ direction, squeeze }) => `${direction} ${formatShare(squeeze, 1)}`).join(', ')}.`,
  ]
}
