import { requirePositive } from '../guard/require'
import type { Estimate } from '../measure/Estimate'
import { fuseEstimates } from '../measure/fuseEstimates'
import { HERMITE } from './hermite'
import type { SizeEvidence, SizeHistory } from './SizeEvidence'
import { crystalDiameter, freeOpening, isCaseSide } from './SizeEvidence'
import type { SizeCandidate } from './sizeVerdict'
import { sizeVerdict } from './sizeVerdict'
import type { VerdictPolicy } from './verdictPolicy'

/** A measurement that could be made next. */
export interface PossibleMeasurement {
  readonly id: string
  readonly label: string
  /** what it would tell: the old crystal's diameter, or the free opening of ring and bore */
  readonly side: 'crystal' | 'case'
  /** standard uncertainty it would have, mm, > 0 */
  readonly uncertaintyMm: number
  /** technician's time, minutes, > 0 */
  readonly minutes: number
}

export interface RankedMeasurement extends PossibleMeasurement {
  /** how much doubt it is expected to take away, bits, >= 0 */
  readonly entropyCut: number
  readonly cutPerMinute: number
  /** chance that the pick would be another one afterwards, 0…1 */
  readonly chanceOfChange: number
}

export interface NextMeasurements {
  /** doubt left now, bits */
  readonly entropy: number
  /** most doubt taken away per minute first */
  readonly ranked: readonly RankedMeasurement[]
  /** true when nothing that could be measured would change the pick */
  readonly enough: boolean
}

/** Below this chance of another pick a measurement is not worth the time. From memory. */
const CHANGE_WORTH_IT = 0.03
/** A candidate less likely than this adds nothing to the expectation. */
const NEGLIGIBLE = 1e-4

/** Shannon entropy of a distribution, bits: 0 when certain. */
export function entropyBits(candidates: readonly SizeCandidate[]): number {
  return candidates.reduce((sum, { probability: p }) => (p > 0 ? sum - p * Math.log2(p) : sum), 0)
}

/**
 * Which further measurement cuts the expected doubt most per minute, and whether any could change the pick.
 * The expectation runs over the readings each measurement may give, as predicted from what is known now.
 * @param evidence - may be empty when there is history
 * @param possible - what could be measured; none leaves only the entropy
 * @source expected information of an experiment (Lindley, Ann. Math. Statist. 27, 1956), Gauss–Hermite quadrature
 */
export function askNext(
  evidence: readonly SizeEvidence[],
  history: readonly SizeHistory[],
  possible: readonly PossibleMeasurement[],
  policy: VerdictPolicy,
): NextMeasurements | null {
  const now = sizeVerdict(evidence, history, policy)
  if (!now.ok) return null
  const { candidates, pick } = now.verdict
  const entropy = entropyBits(candidates)
  const ranked = possible.map((measurement): RankedMeasurement => {
    requirePositive('uncertaintyMm', measurement.uncertaintyMm, 'mm')
    requirePositive('minutes', measurement.minutes, 'min')
    let expected = 0
    let change = 0
    let mass = 0
    for (const { probability, reading } of predictedReadings(measurement, evidence, candidates, policy)) {
      const after = sizeVerdict([...evidence, asEvidence(measurement, reading)], history, policy)
      if (!after.ok) continue
      mass += probability
      expected += probability * entropyBits(after.verdict.candidates)
      if (after.verdict.pick.sizeMm !== pick.sizeMm) change += probability
    }
    const entropyCut = Math.max(0, entropy - expected / mass)
    return {
      ...measurement,
      entropyCut,
      cutPerMinute: entropyCut / measurement.minutes,
      chanceOfChange: change / mass,
    }
  })
  ranked.sort((a, b) => b.cutPerMinute - a.cutPerMinute)
  return { entropy, ranked, enough: ranked.every((m) => m.chanceOfChange < CHANGE_WORTH_IT) }
}

function asEvidence({ side, uncertaintyMm }: PossibleMeasurement, valueMm: number): SizeEvidence {
  const estimate = { valueMm, standardUncertaintyMm: uncertaintyMm }
  return side === 'crystal'
    ? { kind: 'crystal', diameter: estimate }
    : { kind: 'opening-with-gasket', opening: estimate }
}

interface PredictedReading {
  readonly probability: number
  readonly reading: number
}

/**
 * What a measurement may read: about what its side has shown already, else about each candidate in turn.
 * A side once measured predicts itself: the same crystal does not become another one.
 */
function predictedReadings(
  { side, uncertaintyMm }: PossibleMeasurement,
  evidence: readonly SizeEvidence[],
  candidates: readonly SizeCandidate[],
  policy: VerdictPolicy,
): PredictedReading[] {
  const known = knownOfSide(side, evidence)
  if (known) return spreadAbout(known.valueMm, Math.hypot(known.standardUncertaintyMm, uncertaintyMm), 1)
  const aim = policy.aimedInterference
  return candidates
    .filter((c) => c.probability > NEGLIGIBLE)
    .flatMap(({ sizeMm, probability }) =>
      side === 'crystal'
        ? spreadAbout(sizeMm, Math.hypot(policy.makerUncertaintyMm, uncertaintyMm), probability)
        : spreadAbout(
            sizeMm - aim.valueMm,
            Math.hypot(aim.standardUncertaintyMm, uncertaintyMm),
            probability,
          ),
    )
}

function knownOfSide(side: 'crystal' | 'case', evidence: readonly SizeEvidence[]): Estimate | null {
  const estimates = evidence.flatMap((item) => {
    if (isCaseSide(item)) return side === 'case' ? [freeOpening(item)] : []
    return side === 'crystal' ? [crystalDiameter(item)] : []
  })
  return estimates.length === 0 ? null : fuseEstimates(estimates)
}

function spreadAbout(meanMm: number, uncertaintyMm: number, probability: number): PredictedReading[] {
  return HERMITE.map(([node, weight]) => ({
    probability: probability * weight,
    reading: meanMm + node * uncertaintyMm,
  }))
}
