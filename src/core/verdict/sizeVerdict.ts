import type { Estimate } from '../measure/Estimate'
import { fuseEstimates } from '../measure/fuseEstimates'
import { requireNotNegative, requirePositive } from '../guard/require'
import type { SizeEvidence, SizeHistory } from './SizeEvidence'
import { crystalDiameter, freeOpening, isCaseSide } from './SizeEvidence'
import type { VerdictPolicy } from './verdictPolicy'
import { CONFLICT_STANDARD_DEVIATIONS } from './verdictPolicy'

export interface SizeCandidate {
  readonly sizeMm: number
  /** 0…1; all candidates together make 1 */
  readonly probability: number
}

export interface EvidenceConflict {
  readonly standardDeviations: number
  /** size the crystal points to and size the case points to, mm */
  readonly crystalMm: number
  readonly caseMm: number
}

export interface SizeVerdict {
  /** every stock size considered, ascending */
  readonly candidates: readonly SizeCandidate[]
  readonly pick: SizeCandidate
  /** size the crystal itself points to, widened by the maker's tolerance */
  readonly fromCrystal: Estimate | null
  /** size the case asks for, aimed interference included */
  readonly fromCase: Estimate | null
  readonly conflict: EvidenceConflict | null
}

export type SizeVerdictOutcome = { ok: true; verdict: SizeVerdict } | { ok: false; reason: 'no-evidence' }

/** Candidates reach this far beyond what the evidence points to, in stock steps. */
const MARGIN_STEPS = 5

/**
 * Which stock size is it? Posterior over the stock grid: prior from history times one normal density per side.
 * Evidence on the crystal is fused first, then widened by the maker's tolerance. Evidence on the case is fused
 * first as free opening, so that the spread of the aimed interference is counted once, not per reading.
 * @param evidence - any number of items of each kind; none at all needs history
 * @param history - sizes fitted to this case before; each counts as `count + 1` against a flat prior
 * @source Bayes' rule on a grid; check values in tests/outside/verdict.test.ts
 */
export function sizeVerdict(
  evidence: readonly SizeEvidence[],
  history: readonly SizeHistory[],
  policy: VerdictPolicy,
): SizeVerdictOutcome {
  requirePositive('stepMm', policy.stepMm, 'mm')
  requirePositive('makerUncertaintyMm', policy.makerUncertaintyMm, 'mm')
  if (!(policy.neighbourChance >= 0 && policy.neighbourChance < 1)) {
    throw new RangeError(`neighbourChance: expected 0 <= x < 1, got ${policy.neighbourChance}`)
  }
  if (!(policy.wrongCrystalChance >= 0 && policy.wrongCrystalChance < 1)) {
    throw new RangeError(`wrongCrystalChance: expected 0 <= x < 1, got ${policy.wrongCrystalChance}`)
  }
  requirePositive('wrongCrystalRangeMm', policy.wrongCrystalRangeMm, 'mm')
  for (const { count } of history) requireNotNegative('count', count, 'fittings')

  const fromCrystal = sizeFromCrystal(evidence, policy)
  const fromCase = sizeFromCase(evidence, policy)
  const sides = [fromCrystal, fromCase].filter((side) => side !== null)
  const centresMm = sides.length > 0 ? sides.map((side) => side.valueMm) : history.map((h) => h.sizeMm)
  if (centresMm.length === 0) return { ok: false, reason: 'no-evidence' }

  const sizes = stockSizes(centresMm, policy.stepMm)
  const logWeights = sizes.map(
    (sizeMm) =>
      Math.log(1 + fittings(history, sizeMm, policy.stepMm)) +
      (fromCrystal ? logCrystalLikelihood(sizeMm, fromCrystal, policy) : 0) +
      (fromCase ? logDensity(sizeMm, fromCase) : 0),
  )
  const candidates = normalise(sizes, logWeights)
  const pick = candidates.reduce((best, c) => (c.probability > best.probability ? c : best))
  return {
    ok: true,
    verdict: { candidates, pick, fromCrystal, fromCase, conflict: conflictBetween(fromCrystal, fromCase) },
  }
}

function sizeFromCrystal(evidence: readonly SizeEvidence[], policy: VerdictPolicy): Estimate | null {
  const diameters = evidence.flatMap((e) => (isCaseSide(e) ? [] : [crystalDiameter(e)]))
  if (diameters.length === 0) return null
  const fused = fuseEstimates(diameters)
  return {
    valueMm: fused.valueMm,
    standardUncertaintyMm: Math.hypot(fused.standardUncertaintyMm, policy.makerUncertaintyMm),
  }
}

function sizeFromCase(evidence: readonly SizeEvidence[], policy: VerdictPolicy): Estimate | null {
  const openings = evidence.filter(isCaseSide).map(freeOpening)
  if (openings.length === 0) return null
  const opening = fuseEstimates(openings)
  const aim = policy.aimedInterference
  return {
    valueMm: opening.valueMm + aim.valueMm,
    standardUncertaintyMm: Math.hypot(opening.standardUncertaintyMm, aim.standardUncertaintyMm),
  }
}

/** Log of a normal density without its constant, which cancels when the candidates are normalised. */
function logDensity(sizeMm: number, side: Estimate): number {
  return -(((sizeMm - side.valueMm) / side.standardUncertaintyMm) ** 2) / 2
}

/**
 * The size that came out is this one, or by a small chance one of its neighbours, or by another a crystal that was
 * never right and says nothing: then it may be anything within reach, and the case decides.
 */
function logCrystalLikelihood(sizeMm: number, crystal: Estimate, policy: VerdictPolicy): number {
  const { neighbourChance, stepMm, wrongCrystalChance, wrongCrystalRangeMm } = policy
  const right = 1 - wrongCrystalChance
  const logs = [Math.log(right * (1 - neighbourChance)) + logDensity(sizeMm, crystal)]
  if (neighbourChance > 0) {
    for (const mm of [sizeMm - stepMm, sizeMm + stepMm]) {
      logs.push(Math.log((right * neighbourChance) / 2) + logDensity(mm, crystal))
    }
  }
  if (wrongCrystalChance > 0) {
    // logDensity leaves out 1/(u√2π): the flat density has to be put on the same footing.
    const flat = (crystal.standardUncertaintyMm * Math.sqrt(2 * Math.PI)) / (2 * wrongCrystalRangeMm)
    logs.push(Math.log(wrongCrystalChance * flat))
  }
  return logSumExp(logs)
}

function logSumExp(logs: readonly number[]): number {
  const largest = Math.max(...logs)
  return largest + Math.log(logs.reduce((sum, log) => sum + Math.exp(log - largest), 0))
}

function stockSizes(centresMm: readonly number[], stepMm: number): number[] {
  const first = Math.floor(Math.min(...centresMm) / stepMm) - MARGIN_STEPS
  const last = Math.ceil(Math.max(...centresMm) / stepMm) + MARGIN_STEPS
  const sizes: number[] = []
  for (let index = Math.max(1, first); index <= last; index++) sizes.push(Number((index * stepMm).toFixed(6)))
  return sizes
}

function fittings(history: readonly SizeHistory[], sizeMm: number, stepMm: number): number {
  return history.filter((h) => Math.abs(h.sizeMm - sizeMm) < stepMm / 2).reduce((sum, h) => sum + h.count, 0)
}

function normalise(sizes: readonly number[], logWeights: readonly number[]): SizeCandidate[] {
  // Relative to the largest: densities far from the evidence underflow to 0 instead of making 0/0.
  const largest = Math.max(...logWeights)
  const weights = logWeights.map((w) => Math.exp(w - largest))
  const total = weights.reduce((sum, w) => sum + w, 0)
  return sizes.map((sizeMm, i) => ({ sizeMm, probability: (weights[i] ?? 0) / total }))
}

function conflictBetween(crystal: Estimate | null, fromCase: Estimate | null): EvidenceConflict | null {
  if (!crystal || !fromCase) return null
  const standardDeviations =
    Math.abs(crystal.valueMm - fromCase.valueMm) /
    Math.hypot(crystal.standardUncertaintyMm, fromCase.standardUncertaintyMm)
  if (standardDeviations < CONFLICT_STANDARD_DEVIATIONS) return null
  return { standardDeviations, crystalMm: crystal.valueMm, caseMm: fromCase.valueMm }
}
