import { formatMm, formatShare, formatSignedMm } from '../units/formatMm'
import { edgeHeld, gasketAboveRimMm } from './assessPair'
import { wholeHeightMm } from './assessAcrylic'
import type { Candidate, ConstraintName, NeckAssessment, PairAssessment } from './Candidate'
import type { CaseFacts } from './CaseFacts'
import type { FitPolicy } from './fitPolicy'

/** Why a constraint speaks against a candidate, with the figure and the limit. */
export function failureText(
  name: ConstraintName,
  candidate: Candidate,
  facts: CaseFacts,
  policy: FitPolicy,
): string {
  const { crystal, standing } = candidate
  switch (name) {
    case 'interference':
      return candidate.held === 'ring' ? interferenceText(candidate, policy) : ''
    case 'rim': {
      const rimMm = standing.rimMm ?? 0
      const { lowMm, highMm } = policy.rimWindow
      const word = rimMm > 0 ? 'proud' : 'sunk'
      return `stands ${formatSignedMm(rimMm)} ${word}; limits ${formatSignedMm(lowMm)} to ${formatSignedMm(highMm)}`
    }
    case 'hands':
      return `${formatMm(standing.handClearanceMm ?? 0)} to the hands; needs ${formatMm(policy.minimumHandClearanceMm)}`
    case 'gasket-bore':
      return gasketBoreText(candidate, facts, policy)
    case 'gasket-height':
      return gasketHeightText(candidate, facts, policy)
    case 'neck-squeeze':
      return candidate.held === 'neck' ? neckSqueezeText(candidate) : ''
    case 'over-neck': {
      const overMm = candidate.held === 'neck' ? (candidate.overNeckMm ?? 0) : 0
      const { lowMm, highMm } = policy.overNeckWindow
      const how = overMm < 0 ? 'smaller than the neck' : 'wider than the neck'
      return `skirt inside is ${formatMm(Math.abs(overMm))} ${how}; limits ${formatSignedMm(lowMm)} to ${formatSignedMm(highMm)}`
    }
    case 'neck-room':
      return 'its ring would be crushed between bezel and neck'
    case 'edge': {
      const offMm = crystal.edgeThicknessMm - (facts.foundThickness?.valueMm ?? 0)
      return `edge ${formatMm(Math.abs(offMm))} ${offMm > 0 ? 'thicker' : 'thinner'} than the old one; limit ${formatMm(policy.edgeToOldMm)}`
    }
    case 'oversize':
      return oversizeText(candidate)
    case 'dome': {
      const oldMm = facts.held === 'acrylic' ? (facts.domeHeight?.valueMm ?? 0) : 0
      return `${formatMm(oldMm - wholeHeightMm(crystal))} lower than the old dome; limit ${formatMm(policy.lowerDomeMm)}: the hands may touch`
    }
    case 'ring-height':
      return ringHeightText(crystal.ringHeightMm, facts, policy)
    case 'gap-along':
    case 'gap-across':
    case 'gap-corner':
      return candidate.held === 'cement' ? gapText(name, candidate, policy) : ''
    case 'stock':
      return stockText(candidate)
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

function gasketBoreText({ gasket }: Candidate, facts: CaseFacts, policy: FitPolicy): string {
  const [opening, name] =
    facts.held === 'ring'
      ? [facts.bore, 'bore']
      : facts.held === 'neck'
        ? [facts.bezelInner, 'bezel']
        : [null, '']
  if (!gasket || !opening) return ''
  const offMm = gasket.outerDiameterMm - opening.valueMm
  return `gasket is ${formatMm(Math.abs(offMm))} ${offMm > 0 ? 'larger' : 'smaller'} than the ${name}; limit ${formatMm(policy.gasketToBoreMm)}`
}

function gasketHeightText({ gasket, crystal }: Candidate, facts: CaseFacts, policy: FitPolicy): string {
  if (!gasket || facts.held !== 'ring') return ''
  const aboveMm = gasketAboveRimMm(gasket, facts)
  if (aboveMm > policy.flushMm) return `gasket would stand ${formatMm(aboveMm)} above the rim`
  return `gasket holds only ${formatShare(edgeHeld(gasket, crystal))} of the edge; needs ${formatShare(policy.minimumEdgeHeld)}`
}

function neckSqueezeText({ squeeze, squeezeUncertainty, band, gasket }: NeckAssessment): string {
  const limits = `${gasket ? gasket.material : 'an acrylic skirt'} wants ${formatShare(band.low)}–${formatShare(band.high)}`
  const size = formatShare(Math.abs(squeeze))
  if (squeeze < 0) return `not squeezed at all: ${size} too thin; ${limits}`
  if (squeeze > band.high) return `crushed by the bezel: squeezed ${size}; ${limits}`
  if (squeeze < band.low) return `hardly squeezed: ${size}; ${limits}`
  return `squeeze ${size} too uncertain (±${formatShare(2 * squeezeUncertainty)}) for ${limits}`
}

function oversizeText(candidate: Candidate): string {
  if (candidate.held !== 'acrylic') return ''
  const { oversizeMm, oversizeUncertaintyMm, window, strain } = candidate
  const limits = `wants ${formatMm(window.lowMm)}–${formatMm(window.highMm)} over its seat`
  if (oversizeMm > window.highMm)
    return `too large by ${formatMm(oversizeMm - window.highMm)}: strained ${formatShare(strain, 1)}, it would craze; ${limits}`
  if (oversizeMm < window.lowMm) return `too small to hold: ${formatSignedMm(oversizeMm)}; ${limits}`
  return `oversize ${formatMm(oversizeMm)} too uncertain (±${formatMm(2 * oversizeUncertaintyMm)}); ${limits}`
}

function ringHeightText(ringHeightMm: number | null, facts: CaseFacts, policy: FitPolicy): string {
  const old = facts.held === 'acrylic' ? facts.ringHeight : null
  if (ringHeightMm === null) return 'its metal ring’s height is not known'
  const offMm = ringHeightMm - (old?.valueMm ?? 0)
  return `metal ring ${formatMm(Math.abs(offMm))} ${offMm > 0 ? 'higher' : 'lower'} than the old one; limit ${formatMm(policy.ringHeightMm)}`
}

function gapText(
  name: 'gap-along' | 'gap-across' | 'gap-corner',
  candidate: Extract<Candidate, { held: 'cement' }>,
  policy: FitPolicy,
): string {
  const { lowMm, highMm } = policy.cementGap
  const limits = `cement wants ${formatMm(lowMm)}–${formatMm(highMm)} a side`
  if (name === 'gap-corner')
    return `corners too sharp for the rebate: they overlap by ${formatMm(-(candidate.cornerMm ?? 0))}`
  const gapMm = name === 'gap-along' ? candidate.alongMm : candidate.acrossMm
  // A round crystal has no sides: its gap is the same all round.
  const where = candidate.crystal.widthMm === null ? '' : name === 'gap-along' ? ' along' : ' across'
  if (gapMm < 0) return `${formatMm(-2 * gapMm)} too large${where}; ${limits}`
  if (gapMm < lowMm) return `gap${where} only ${formatMm(gapMm)} a side; ${limits}`
  if (gapMm > highMm) return `gap${where} ${formatMm(gapMm)} a side; ${limits}`
  return `gap${where} ${formatMm(gapMm)} a side too uncertain; ${limits}`
}

function stockText({ crystal, gasket }: Candidate): string {
  const [part, what] = crystal.quantity < 1 || !gasket ? [crystal, 'crystal'] : [gasket, 'gasket']
  const order = part.supplierCode === '' ? '' : `; order ${part.supplierCode} from ${part.supplier}`
  return `no ${what} ${part.code} left in its drawer${order}`
}
