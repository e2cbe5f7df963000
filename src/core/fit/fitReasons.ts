import { formatMm, formatPercent, formatSignedMm } from '../units/formatMm'
import type { CaseFacts, Figure, FitWishes } from './CaseFacts'
import type { PairAssessment } from './assessPair'
import type { FitPolicy } from './fitPolicy'
import { FIT_POLICY } from './fitPolicy'
import { isLastTime } from './pairKey'

const ORIGIN_WORDS: Record<Figure['origin'], string> = {
  measured: 'measured',
  sheet: 'from the case sheet, not measured on this tray',
  derived: 'worked out from other readings',
  assumed: 'assumed',
}

/** “flush”, “proud” or “sunk” for a rim height. */
export function rimWord(rimMm: number, policy: FitPolicy = FIT_POLICY): 'flush' | 'proud' | 'sunk' {
  if (Math.abs(rimMm) <= policy.flushMm) return 'flush'
  return rimMm > 0 ? 'proud' : 'sunk'
}

/** Why this pair, in the sentences a technician would say; the figures are the pair's own. */
export function fitReasons(
  pair: PairAssessment,
  facts: CaseFacts,
  wishes: FitWishes,
  policy: FitPolicy = FIT_POLICY,
): string[] {
  return [
    interferenceSentence(pair, facts, policy),
    standingSentence(pair, facts, policy),
    ...handsSentence(pair, facts),
    ...historySentence(pair, wishes),
    ...wishSentence(pair, wishes),
  ]
}

function interferenceSentence(pair: PairAssessment, facts: CaseFacts, policy: FitPolicy): string {
  const band = policy.interferenceBands[pair.gasket.material]
  const figure = `Interference ${formatMm(pair.interferenceMm)} of ${formatMm(band.lowMm)}–${formatMm(band.highMm)}, right with ${formatPercent(pair.fitProbability)}`
  const origin = facts.bore.origin === 'measured' ? '' : `; the bore is ${ORIGIN_WORDS[facts.bore.origin]}`
  if (facts.boreOvalityMm < 0.01) return `${figure}${origin}.`
  const least = pair.interferenceMm - facts.boreOvalityMm / 2
  const most = pair.interferenceMm + facts.boreOvalityMm / 2
  const inside = least >= band.lowMm && most <= band.highMm
  const oval = `the bore is ${formatMm(facts.boreOvalityMm)} oval`
  return inside
    ? `${figure}; stays inside all round although ${oval}${origin}.`
    : `${figure}; ${oval}, so it runs from ${formatSignedMm(least)} to ${formatSignedMm(most)} round the rim${origin}.`
}

function standingSentence(pair: PairAssessment, facts: CaseFacts, policy: FitPolicy): string {
  const { rimMm } = pair.standing
  const word = rimWord(rimMm, policy)
  const stands =
    word === 'flush' ? `flush (${formatSignedMm(rimMm)})` : `${formatMm(Math.abs(rimMm))} ${word}`
  const found = facts.foundThickness
  const came = found ? `The old crystal is ${formatMm(found.valueMm)} thick` : 'The old thickness is unknown'
  const seat =
    facts.seatDepth.origin === 'measured' ? '' : ` (seat depth ${ORIGIN_WORDS[facts.seatDepth.origin]})`
  return `${came}; ${formatMm(pair.crystal.edgeThicknessMm, 0.1)} leaves the rim ${stands}${seat}.`
}

function handsSentence(pair: PairAssessment, facts: CaseFacts): string[] {
  const clearanceMm = pair.standing.handClearanceMm
  if (clearanceMm === null || !facts.handsBelowSeat) {
    return [
      'Hand clearance not judged: measure the hands below the seat, or look from the side before closing.',
    ]
  }
  const origin =
    facts.handsBelowSeat.origin === 'measured' ? '' : ` (hands ${ORIGIN_WORDS[facts.handsBelowSeat.origin]})`
  return [`${formatMm(clearanceMm)} from the hands to its underside${origin}.`]
}

function historySentence(pair: PairAssessment, wishes: FitWishes): string[] {
  if (!isLastTime(pair, wishes) || !wishes.lastTime) return []
  const { successes } = wishes.lastTime
  const times = successes === 1 ? 'once' : `${successes} times`
  return [
    `Last time on this case sheet: this very pair has gone home ${times}, so it is preferred among equals.`,
  ]
}

function wishSentence(pair: PairAssessment, wishes: FitWishes): string[] {
  if (wishes.material === null || pair.crystal.material === wishes.material) return []
  return [
    `The old crystal was ${wishes.material.replace('-', ' ')}: tell the owner before changing to ${pair.crystal.material.replace('-', ' ')}.`,
  ]
}
