import { formatMm, formatPercent, formatShare, formatSignedMm } from '../units/formatMm'
import { magnifierPlaceMm, undersideAtMm } from './handClearance'
import { wholeHeightMm } from './assessAcrylic'
import type {
  AcrylicAssessment,
  Candidate,
  CementAssessment,
  NeckAssessment,
  PairAssessment,
} from './Candidate'
import type {
  AcrylicFacts,
  CaseFacts,
  CementFacts,
  Figure,
  FitWishes,
  NeckFacts,
  RingFacts,
} from './CaseFacts'
import type { FitPolicy } from './fitPolicy'
import { isLastTime } from './pairKey'
import { rimWord } from './rimWord'
import { squeezeByDirection } from './squeezeByDirection'

const ORIGIN_WORDS: Record<Figure['origin'], string> = {
  measured: 'measured',
  sheet: 'from the case sheet, not measured on this tray',
  supplier: 'as its supplier gives it: measure it before anything is pressed',
  derived: 'worked out from other readings',
  assumed: 'assumed',
}

/** Why this one, in the sentences a technician would say; the figures are the candidate's own. */
export function fitReasons(
  candidate: Candidate,
  facts: CaseFacts,
  wishes: FitWishes,
  policy: FitPolicy,
): string[] {
  return [
    ...holdSentences(candidate, facts, policy),
    ...standingSentence(candidate, facts, policy),
    ...handsSentence(candidate, facts),
    ...historySentence(candidate, wishes),
    ...wishSentence(candidate, wishes),
  ]
}

function holdSentences(candidate: Candidate, facts: CaseFacts, policy: FitPolicy): string[] {
  switch (candidate.held) {
    case 'ring':
      return facts.held === 'ring'
        ? [interferenceSentence(candidate, facts, policy), ...directionSentence(candidate, facts)]
        : []
    case 'neck':
      return facts.held === 'neck' ? neckSentences(candidate, facts) : []
    case 'acrylic':
      return facts.held === 'acrylic' ? acrylicSentences(candidate, facts, policy) : []
    case 'cement':
      return facts.held === 'cement' ? cementSentences(candidate, facts, policy) : []
  }
}

function interferenceSentence(pair: PairAssessment, facts: RingFacts, policy: FitPolicy): string {
  const band = policy.interferenceBands[pair.gasket.material]
  const figure = `Interference ${formatMm(pair.interferenceMm)} of ${formatMm(band.lowMm)}–${formatMm(band.highMm)}, right with ${formatPercent(pair.fitProbability)}`
  const origin = from(facts.in === 'bezel' ? 'bezel’s bore' : 'bore', facts.bore)
  if (facts.boreOvalityMm < 0.01) return `${figure}${origin}.`
  const least = pair.interferenceMm - facts.boreOvalityMm / 2
  const most = pair.interferenceMm + facts.boreOvalityMm / 2
  const inside = least >= band.lowMm && most <= band.highMm
  const oval = `the bore is ${formatMm(facts.boreOvalityMm)} oval`
  return inside
    ? `${figure}; stays inside all round although ${oval}${origin}.`
    : `${figure}; ${oval}, so it runs from ${formatSignedMm(least)} to ${formatSignedMm(most)} round the rim${origin}.`
}

/** In an oval bore the ring is not squeezed alike all round: told by the directions it was read in. */
function directionSentence({ crystal, gasket }: PairAssessment, facts: RingFacts): string[] {
  if (facts.boreOvalityMm < 0.01) return []
  const joint = {
    crystalDiameterMm: crystal.diameterMm,
    gasketWallMm: gasket.wallMm,
    boreMm: facts.bore.valueMm,
  }
  const round = squeezeByDirection(joint, facts.boreOvalityMm, facts.boreLongAxisDeg)
  return [
    `Squeeze round the rim: ${round.map(({ direction, squeeze }) => `${direction} ${formatShare(squeeze, 1)}`).join(', ')}.`,
  ]
}

function neckSentences(candidate: NeckAssessment, facts: NeckFacts): string[] {
  const { squeeze, band, fitProbability, overNeckMm, gasket } = candidate
  const what = gasket
    ? `The bezel squeezes the ${gasket.material} ring`
    : 'The bezel squeezes the acrylic skirt, which is its own seal,'
  const squeezed = `${what} ${formatShare(squeeze)} of ${formatShare(band.low)}–${formatShare(band.high)}, right with ${formatPercent(fitProbability)}${from('bezel', facts.bezelInner)}${from('neck', facts.neckOuter)}.`
  if (overNeckMm === null) return [squeezed]
  const over =
    overNeckMm < 0
      ? `is pressed over the neck by ${formatMm(-overNeckMm)}`
      : `slips over the neck with ${formatMm(overNeckMm)} to spare`
  return [squeezed, `Its skirt ${over}.`]
}

function acrylicSentences(candidate: AcrylicAssessment, facts: AcrylicFacts, policy: FitPolicy): string[] {
  const { crystal, oversizeMm, window, strain, fitProbability } = candidate
  const seat = facts.seat === 'groove' ? 'groove' : 'bore'
  const larger = `${formatSignedMm(oversizeMm)} against the ${seat} of ${formatMm(window.lowMm)}–${formatMm(window.highMm)}, right with ${formatPercent(fitProbability)}`
  const strained =
    facts.seat === 'groove'
      ? `; strained ${formatShare(strain, 1)} where acrylic crazes from ${formatShare(policy.crazeStrain, 1)} on`
      : '; its metal ring spreads it, so it must not be pressed on the dome'
  const dome = facts.domeHeight
    ? [
        `${formatMm(wholeHeightMm(crystal))} high in all; the old one ${formatMm(facts.domeHeight.valueMm)}${from('height', facts.domeHeight)}.`,
      ]
    : []
  return [`${larger}${strained}${from(seat, facts.opening)}.`, ...dome]
}

function cementSentences(candidate: CementAssessment, facts: CementFacts, policy: FitPolicy): string[] {
  const { alongMm, acrossMm, cornerMm, crystal, fitProbability } = candidate
  const { lowMm, highMm } = policy.cementGap
  const gaps =
    facts.outline === 'round'
      ? `Gap ${formatMm(alongMm)} a side`
      : `Gap ${formatMm(alongMm)} a side along and ${formatMm(acrossMm)} across`
  const first = `${gaps} of ${formatMm(lowMm)}–${formatMm(highMm)} for the cement, right with ${formatPercent(fitProbability)}${from('rebate', facts.length)}.`
  if (facts.outline === 'round') return [first]
  if (cornerMm !== null)
    return [first, `Corners of ${formatMm(crystal.cornerRadiusMm ?? 0, 0.1)} leave ${formatMm(cornerMm)}.`]
  const corner = crystal.cornerRadiusMm === null ? '' : ` of ${formatMm(crystal.cornerRadiusMm, 0.1)}`
  return [
    first,
    `Corners${corner} not judged: measure the rebate’s corner radius, or lay the crystal in dry.`,
  ]
}

function from(name: string, { origin }: Figure): string {
  return origin === 'measured' ? '' : `; the ${name} is ${ORIGIN_WORDS[origin]}`
}

function standingSentence({ standing, crystal, held }: Candidate, facts: CaseFacts, policy: FitPolicy) {
  const found = facts.foundThickness
  const came = found ? `The old crystal is ${formatMm(found.valueMm)} thick` : 'The old thickness is unknown'
  const edge = formatMm(crystal.edgeThicknessMm, 0.1)
  if (standing.rimMm === null) {
    return held === 'neck' && found
      ? [`${came} at its edge; this one ${edge}: the bezel’s lip expects the same.`]
      : []
  }
  const depth = facts.held === 'ring' ? facts.seatDepth : facts.held === 'cement' ? facts.depth : null
  const word = rimWord(standing.rimMm, policy)
  const stands =
    word === 'flush'
      ? `flush (${formatSignedMm(standing.rimMm)})`
      : `${formatMm(Math.abs(standing.rimMm))} ${word}`
  const seat = !depth || depth.origin === 'measured' ? '' : ` (seat depth ${ORIGIN_WORDS[depth.origin]})`
  return [`${came}; ${edge} leaves the rim ${stands}${seat}.`]
}

/** Under a domed inside the tips have less room than the middle; null where the inside is flat, or nobody knows how far they reach. */
function handsSentence(
  { standing, crystal }: Candidate,
  { handsBelowSeat, handReachMm, dateRadiusMm }: CaseFacts,
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
  const tips =
    domed && handReachMm !== null
      ? ` in the middle, ${toUnderside(undersideAtMm(crystal, handReachMm))} at the tips if all hands lay as high`
      : ''
  const underside = `${toUnderside(crystal.undersideRiseMm)} from the hands to its underside${tips}${origin}.`
  if (crystal.magnifier !== 'inside') return [underside]
  const place = domed ? magnifierPlace({ dateRadiusMm, handReachMm }) : ''
  return [magnifierSentence(crystal, clearanceMm, place), underside]
}

/** Under a domed inside a magnifier hangs lower the further out it is: say where it was taken to be. */
function magnifierPlace(place: Pick<CaseFacts, 'dateRadiusMm' | 'handReachMm'>): string {
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
  if (!isLastTime(candidate, wishes) || !wishes.lastTime) return []
  const { successes } = wishes.lastTime
  const times = successes === 1 ? 'once' : `${successes} times`
  const what = candidate.gasket ? 'this very pair' : 'this very crystal'
  return [`Last time on this case sheet: ${what} has gone home ${times}, so it is preferred among equals.`]
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
