import { constructionOf } from '../construction/constructions'
import { formatMm, formatSignedMm } from '../units/formatMm'
import type { Candidate } from './Candidate'
import type { CrystalSeat } from './CrystalSeat'
import type { FitPolicy } from './fitPolicy'
import type { FitWishes } from './FitWishes'
import { magnifierPlaceMm, undersideAtMm } from './handClearance'
import { ORIGIN_WORDS } from './originWords'
import { isLastTime } from './pairKey'
import { rimWord } from './rimWord'

/** Why this one, in the sentences a technician would say; the figures are the candidate's own. */
export function fitReasons(
  candidate: Candidate,
  seat: CrystalSeat,
  wishes: FitWishes,
  policy: FitPolicy,
): string[] {
  return [
    ...constructionOf(seat.retention).reasons(candidate, seat, policy),
    ...standingSentence(candidate, seat, policy),
    ...handsSentence(candidate, seat),
    ...historySentence(candidate, wishes),
    ...wishSentence(candidate, wishes),
  ]
}

function standingSentence(
  { standing, crystal }: Candidate,
  { foundThickness, rimAbove }: CrystalSeat,
  policy: FitPolicy,
): string[] {
  if (standing.rimMm === null) return []
  const came = foundThickness
    ? `The old crystal is ${formatMm(foundThickness.valueMm)} thick`
    : 'The old thickness is unknown'
  const word = rimWord(standing.rimMm, policy)
  const stands =
    word === 'flush'
      ? `flush (${formatSignedMm(standing.rimMm)})`
      : `${formatMm(Math.abs(standing.rimMm))} ${word}`
  const depth =
    !rimAbove || rimAbove.origin === 'measured' ? '' : ` (seat depth ${ORIGIN_WORDS[rimAbove.origin]})`
  return [`${came}; ${formatMm(crystal.edgeThicknessMm, 0.1)} leaves the rim ${stands}${depth}.`]
}

/** Under a domed inside the tips have less room than the middle; null where the inside is flat, or nobody knows how far they reach. */
function handsSentence(
  { standing, crystal }: Candidate,
  { handsBelowSeat, handTips, handReachMm, dateRadiusMm }: CrystalSeat,
): string[] {
  const clearanceMm = standing.handClearanceMm
  if (clearanceMm === null || !handsBelowSeat) {
    return [
      'Hand clearance not judged: measure the hands below the seat, or look from the side before closing.',
    ]
  }
  const origin = handsBelowSeat.origin === 'measured' ? '' : ` (hands ${ORIGIN_WORDS[handsBelowSeat.origin]})`
  const toUnderside = (riseMm: number) => formatMm(handsBelowSeat.valueMm + standing.undersideMm + riseMm)
  const domed = crystal.undersideRiseMm > 0
  const tips = !domed
    ? ''
    : handTips.length > 0
      ? ` in the middle, ${handTips.map(({ hand, reachMm }) => `${toUnderside(undersideAtMm(crystal, reachMm))} at the ${hand} hand’s tip`).join(', ')}, as if all hands lay as high`
      : ' in the middle; under its domed inside the tips have less: note the hands’ lengths on the case sheet'
  const underside = `${toUnderside(crystal.undersideRiseMm)} from the hands to its underside${tips}${origin}.`
  if (crystal.magnifier !== 'inside') return [underside]
  const place = domed ? magnifierPlace({ dateRadiusMm, handReachMm }) : ''
  return [magnifierSentence(crystal, clearanceMm, place), underside]
}

/** Under a domed inside a magnifier hangs lower the further out it is: say where it was taken to be. */
function magnifierPlace(place: Pick<CrystalSeat, 'dateRadiusMm' | 'handReachMm'>): string {
  const at = formatMm(magnifierPlaceMm(place))
  if (place.dateRadiusMm !== null) return ` over the date, ${at} from the middle`
  return place.handReachMm === null
    ? ' in the middle: put on the case sheet where the date stands'
    : ` ${at} from the middle, at the tips of the hands: put on the case sheet where the date stands`
}

function magnifierSentence(
  { insideMagnifierMm }: Candidate['crystal'],
  clearanceMm: number,
  place: string,
): string {
  return insideMagnifierMm === null
    ? 'A magnifier hangs under it, nobody knows how far: measure it before it goes over the hands.'
    : `${formatMm(clearanceMm)} from the hands to the magnifier, which hangs ${formatMm(insideMagnifierMm)} under it${place}.`
}

function historySentence(candidate: Candidate, wishes: FitWishes): string[] {
  const { past, fitProbability, gasket } = candidate
  if (!past) return []
  const what = gasket ? 'This very pair' : 'This very crystal'
  const failed = past.failed === 0 ? 'never failed' : `failed ${timesText(past.failed)}`
  const preferred = isLastTime(candidate, wishes)
    ? '; it was the last one, so it is preferred among equals'
    : ''
  return [
    `${what} went home ${timesText(past.good)} on this case sheet and ${failed}: by the figures ${past.byFigures.toFixed(2)}, with its history ${fitProbability.toFixed(2)}${preferred}.`,
  ]
}

function timesText(count: number): string {
  return count === 0 ? 'never' : count === 1 ? 'once' : `${count} times`
}

function wishSentence({ crystal }: Candidate, { material, magnifier, arCoating }: FitWishes): string[] {
  const changed = [
    material !== null &&
      crystal.material !== material &&
      `The old crystal was ${material.replace('-', ' ')}: tell the owner before changing to ${crystal.material.replace('-', ' ')}.`,
    magnifier !== null &&
      magnifier !== 'none' &&
      crystal.magnifier === 'none' &&
      'The old crystal had a magnifier, this one has none: fit one over the date, or tell the owner.',
    crystal.magnifier !== 'none' &&
      magnifier === 'none' &&
      `This one carries a magnifier ${crystal.magnifier}.`,
    arCoating !== null &&
      arCoating !== 'none' &&
      crystal.arCoating === 'none' &&
      'The old crystal was coated against reflections, this one is not.',
  ]
  return changed.filter((sentence) => sentence !== false)
}
