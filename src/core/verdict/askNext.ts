import { requirePositive } from '../guard/require'
import type { Estimate } from '../measure/Estimate'
import { HERMITE } from './hermite'
import { jointFigures } from './jointFigures'
import type { SizeEvidence, SizeHistory } from './SizeEvidence'
import type { SizePosterior, Spread } from './sizeModel'
import { sizePosterior, sizePrior } from './sizeModel'
import type { SizeCandidate } from './sizeVerdict'
import { sizeVerdict } from './sizeVerdict'
import type { VerdictPolicy } from './verdictPolicy'

/** A measurement that could be made next. */
export interface PossibleMeasurement {
  readonly id: string
  readonly label: string
  /** standard uncertainty of what it would read, mm, > 0 */
  readonly uncertaintyMm: number
  /** technician's time, minutes, > 0 */
  readonly minutes: number
  /** where its reading is expected to lie */
  readonly foretold: Foretold
  /** all evidence there would be, had it read so much, mm */
  after(readingMm: number): readonly SizeEvidence[]
}

/**
 * What a reading is foretold from: the figure itself that is there already, the old crystal, or the free opening, of
 * which the reading follows.
 */
export type Foretold =
  | { readonly from: 'itself'; readonly figure: Estimate }
  | { readonly from: 'crystal' }
  | { readonly from: 'opening'; readonly readingMm: (openingMm: number) => number }

export interface RankedMeasurement {
  readonly id: string
  readonly label: string
  readonly minutes: number
  /** how much doubt it is expected to take away, bits, >= 0 */
  readonly entropyCut: number
  readonly cutPerMinute: number
  /** chance that the pick would be another one afterwards, 0…1 */
  readonly chanceOfChange: number
}

/**
 * What to do about the doubt that is left: nothing, for the pick is sure enough; measure the first of the ranked; or
 * nothing that could be measured would settle it, and another way has to.
 */
export type NextAnswer = 'enough' | 'measure' | 'unsettled'

export interface NextMeasurements {
  /** doubt left now, bits */
  readonly entropy: number
  /** most doubt taken away per minute first; those that would change nothing last */
  readonly ranked: readonly RankedMeasurement[]
  readonly answer: NextAnswer
}

/** Below this chance of another pick a measurement is not worth the time. From memory. */
const CHANGE_WORTH_IT = 0.03
/** A measurement that takes less doubt away than this is not worth naming, bits. From memory. */
const LEAST_CUT_BITS = 0.01
/** A pick as likely as this is enough where nothing would change it. From memory. */
export const SURE = 0.95
/** A candidate less likely than this adds nothing to the expectation. */
const NEGLIGIBLE = 1e-4

/** Shannon entropy of a distribution, bits: 0 when certain. */
export function entropyBits(chances: readonly number[]): number {
  return chances.reduce((sum, p) => (p > 0 ? sum - p * Math.log2(p) : sum), 0)
}

/**
 * Which further measurement cuts the expected doubt most per minute, and whether any could change the pick.
 * The expectation runs over the readings each measurement may give, as foretold from what is known now.
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
  const prior = sizePrior(
    candidates.map(({ sizeMm }) => sizeMm),
    history,
    policy,
  )
  const posterior = sizePosterior(prior, jointFigures(evidence), policy)
  const known = { evidence, candidates, posterior, policy }
  const entropy = entropyBits(posterior.right)
  const best = posterior.right.indexOf(Math.max(...posterior.right))
  const ranked = possible.map((measurement): RankedMeasurement => {
    const { id, label, minutes, uncertaintyMm } = measurement
    requirePositive('uncertaintyMm', uncertaintyMm, 'mm')
    requirePositive('minutes', minutes, 'min')
    let [expected, change, mass] = [0, 0, 0]
    for (const { probability, readingMm } of foretoldReadings(measurement, known)) {
      const after = sizePosterior(prior, jointFigures(measurement.after(readingMm)), policy)
      mass += probability
      expected += probability * entropyBits(after.right)
      if (after.right.indexOf(Math.max(...after.right)) !== best) change += probability
    }
    const entropyCut = Math.max(0, entropy - expected / mass)
    return {
      id,
      label,
      minutes,
      entropyCut,
      cutPerMinute: entropyCut / minutes,
      chanceOfChange: change / mass,
    }
  })
  const isWorthIt = ({ chanceOfChange, entropyCut }: RankedMeasurement) =>
    chanceOfChange >= CHANGE_WORTH_IT && entropyCut >= LEAST_CUT_BITS
  ranked.sort((a, b) => Number(isWorthIt(b)) - Number(isWorthIt(a)) || b.cutPerMinute - a.cutPerMinute)
  const unsure = pick.probability >= SURE ? 'enough' : 'unsettled'
  return { entropy, ranked, answer: ranked.some(isWorthIt) ? 'measure' : unsure }
}

interface Known {
  readonly evidence: readonly SizeEvidence[]
  readonly candidates: readonly SizeCandidate[]
  readonly posterior: SizePosterior
  readonly policy: VerdictPolicy
}

interface ForetoldReading {
  readonly probability: number
  readonly readingMm: number
}

/** What a measurement may read: about what its side has shown already, else about each candidate in turn. */
function foretoldReadings({ foretold, uncertaintyMm }: PossibleMeasurement, known: Known): ForetoldReading[] {
  const { posterior, policy, evidence } = known
  const joint = jointFigures(evidence)
  const about = (meanMm: number, uMm: number, probability = 1) =>
    spreadAbout(meanMm, Math.hypot(uMm, uncertaintyMm), probability)
  const told = ({ meanMm, standardDeviationMm }: Spread, of = (mm: number) => mm) =>
    about(of(meanMm), standardDeviationMm)
  switch (foretold.from) {
    case 'itself':
      return about(foretold.figure.valueMm, foretold.figure.standardUncertaintyMm)
    case 'crystal':
      // Unseen it may be any size that is likely; once seen it does not become another one.
      if (joint.crystal) return told(posterior.crystal)
      return likely(known, posterior.drawn).flatMap(({ sizeMm, probability }) =>
        about(sizeMm, policy.makerUncertaintyMm, probability),
      )
    case 'opening': {
      const aim = policy.aimedInterference
      const readingMm = (idealMm: number) => foretold.readingMm(idealMm - aim.valueMm)
      if (joint.opening) return told(posterior.ideal, readingMm)
      const strayMm = Math.hypot(aim.standardUncertaintyMm, policy.pieceScatterMm)
      return likely(known, posterior.drawn).flatMap(({ sizeMm, probability }) =>
        about(readingMm(sizeMm), strayMm, probability),
      )
    }
  }
}

function likely({ candidates }: Known, chances: readonly number[]): SizeCandidate[] {
  return candidates
    .map(({ sizeMm }, i) => ({ sizeMm, probability: chances[i] ?? 0 }))
    .filter(({ probability }) => probability > NEGLIGIBLE)
}

function spreadAbout(meanMm: number, uncertaintyMm: number, probability: number): ForetoldReading[] {
  return HERMITE.map(([node, weight]) => ({
    probability: probability * weight,
    readingMm: meanMm + node * uncertaintyMm,
  }))
}
