import { requireNotNegative, requirePositive } from '../guard/require'
import { combinedEstimate } from '../measure/combinedEstimate'
import type { Estimate } from '../measure/Estimate'
import type { JointFigures } from './jointFigures'
import { jointFigures } from './jointFigures'
import type { SizeEvidence, SizeHistory } from './SizeEvidence'
import { sizePosterior, sizePrior } from './sizeModel'
import type { VerdictPolicy } from './verdictPolicy'

export interface SizeCandidate {
  readonly sizeMm: number
  /** 0…1; all candidates together make 1 */
  readonly probability: number
}

/** The crystal that came out was hardly of the size its case wants. */
export interface EvidenceConflict {
  /** that it was not, 0…1 */
  readonly chance: number
  /** size the crystal points to and size the case points to, mm */
  readonly crystalMm: number
  readonly caseMm: number
}

export interface SizeVerdict {
  /** every stock size considered, ascending: that it is the one for this piece */
  readonly candidates: readonly SizeCandidate[]
  readonly pick: SizeCandidate
  /** that the case was drawn for it: the likeliest size of its reference */
  readonly drawn: readonly SizeCandidate[]
  /** size the crystal itself points to, widened by the maker's tolerance */
  readonly fromCrystal: Estimate | null
  /** size the case asks for, aimed interference included */
  readonly fromCase: Estimate | null
  readonly conflict: EvidenceConflict | null
}

export type SizeVerdictOutcome = { ok: true; verdict: SizeVerdict } | { ok: false; reason: 'no-evidence' }

/** Candidates reach this far beyond what the evidence points to, in stock steps. */
const MARGIN_STEPS = 5
/** From this chance on that it was another size the crystal that came out is said to disagree with its case. Set by the simulated study: no more than two in a hundred are named that were right. */
const CONFLICT_CHANCE = 0.36

/**
 * Which stock size is it? The posterior over the stock grid of what fits this piece best, see `sizePosterior`.
 * @param evidence - any number of items of each kind; none at all needs history
 * @param history - sizes fitted to other pieces of this case before
 * @throws RangeError if the policy is out of range, or the covariance of the evidence is not positive definite
 * @source check values in tests/outside/verdict.test.ts; how often it is right: docs/verdict-study.md
 */
export function sizeVerdict(
  evidence: readonly SizeEvidence[],
  history: readonly SizeHistory[],
  policy: VerdictPolicy,
): SizeVerdictOutcome {
  checkPolicy(policy)
  for (const { count } of history) requireNotNegative('count', count, 'fittings')
  const joint = jointFigures(evidence)
  const { crystal, opening } = joint
  const aim = policy.aimedInterference
  const centresMm = [
    ...(crystal ? [crystal.valueMm] : []),
    ...(opening ? [opening.valueMm + aim.valueMm] : []),
  ]
  if (centresMm.length === 0) centresMm.push(...history.map((h) => h.sizeMm))
  if (centresMm.length === 0) return { ok: false, reason: 'no-evidence' }

  const sizes = stockSizes(centresMm, policy.stepMm)
  const { right, drawn, otherSizeChance } = sizePosterior(sizePrior(sizes, history, policy), joint, policy)
  const candidates = candidatesOf(sizes, right)
  const pick = candidates.reduce((best, c) => (c.probability > best.probability ? c : best))
  return {
    ok: true,
    verdict: {
      candidates,
      pick,
      drawn: candidatesOf(sizes, drawn),
      ...sidesOf(joint, policy),
      conflict:
        crystal && opening && otherSizeChance !== null && otherSizeChance >= CONFLICT_CHANCE
          ? { chance: otherSizeChance, crystalMm: crystal.valueMm, caseMm: opening.valueMm + aim.valueMm }
          : null,
    },
  }
}

function checkPolicy(policy: VerdictPolicy): void {
  requirePositive('stepMm', policy.stepMm, 'mm')
  requirePositive('makerUncertaintyMm', policy.makerUncertaintyMm, 'mm')
  requireNotNegative('pieceScatterMm', policy.pieceScatterMm, 'mm')
  if (!(policy.wrongCrystalChance >= 0 && policy.wrongCrystalChance < 1)) {
    throw new RangeError(`wrongCrystalChance: expected 0 <= x < 1, got ${policy.wrongCrystalChance}`)
  }
  requirePositive('wrongCrystalRangeMm', policy.wrongCrystalRangeMm, 'mm')
}

/** What either side points to by itself: told, not reckoned with. */
function sidesOf({ crystal, opening }: JointFigures, policy: VerdictPolicy) {
  const maker = { valueMm: 0, standardUncertaintyMm: policy.makerUncertaintyMm }
  const piece = { valueMm: 0, standardUncertaintyMm: policy.pieceScatterMm }
  const sum = (...estimates: Estimate[]) => combinedEstimate(estimates.map((estimate) => [1, estimate]))
  return {
    fromCrystal: crystal && sum(crystal, maker),
    fromCase: opening && sum(opening, policy.aimedInterference, piece),
  }
}

function stockSizes(centresMm: readonly number[], stepMm: number): number[] {
  const first = Math.floor(Math.min(...centresMm) / stepMm) - MARGIN_STEPS
  const last = Math.ceil(Math.max(...centresMm) / stepMm) + MARGIN_STEPS
  const sizes: number[] = []
  for (let index = Math.max(1, first); index <= last; index++) sizes.push(Number((index * stepMm).toFixed(6)))
  return sizes
}

function candidatesOf(sizes: readonly number[], chances: readonly number[]): SizeCandidate[] {
  return sizes.map((sizeMm, i) => ({ sizeMm, probability: chances[i] ?? 0 }))
}
