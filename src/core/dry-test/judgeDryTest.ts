import type { DryKnown, DryRecord } from './DryRecord'
import type { DryTestPolicy } from './dryTestPolicy'
import type { DryCurve, LeakLikelihood } from './fitDryTest'
import { fitDryTest, lastsS, LEAST_SAMPLES, priorOf } from './fitDryTest'
import { leastLeakSeen, lengthToSee } from './leastLeakSeen'

/** Less than this many times its noise, a case did not go in at all. */
const NEVER_WENT_IN = 8
/** The first so many samples show how far it went in. */
const FIRST_SAMPLES = 3
/** One that goes in by less than this part of what it should, and by so many spreads less, is open from the first. */
const OPEN_SHARE = 0.5
const OPEN_SPREADS = 4
const LOW = 0.025
const HIGH = 0.975

/** Why a record decides nothing. */
export type DryDoubt =
  /** it never went in, and nobody knows how far this case does: tight and stiff, or open from the first */
  | 'never-went-in'
  /** what the tester's own drift may be hides the limit, however long is measured */
  | 'drift'
  | 'too-short'
  /** the leak is so near the limit that this record tells no side */
  | 'near-the-limit'

export interface DryJudgement {
  readonly verdict: 'pass' | 'fail' | 'cannot-tell'
  /** null where it is decided */
  readonly doubt: DryDoubt | null
  /** it went in far less than it should: the pressure was through before the first sample, and no flow is told */
  readonly isOpen: boolean
  /** µg/min: the likeliest middle, and what holds it 95 times of 100 */
  readonly flow: { readonly middle: number; readonly low: number; readonly high: number }
  /** how likely it lets in no more than the limit, 0 to 1 */
  readonly tightProbability: number
  /** the smallest leak this record could have told from none, µg/min */
  readonly leastSeen: number
  /** how long a record has to last to see the limit, s; null where no length would do */
  readonly lengthNeededS: number | null
  /** what it was judged by, s: no longer than the blank runs */
  readonly judgedForS: number
  /** of one sample, standard deviation, µm */
  readonly noiseUm: number
  readonly likeliest: DryCurve
}

/** What a dry test says of a case. A record that could not have seen the limit never passes. */
export function judgeDryTest(whole: DryRecord, known: DryKnown, policy: DryTestPolicy): DryJudgement {
  const record = asFarAsKnown(whole, known)
  const leaks = fitDryTest(record, known)
  const { limitUgPerMin, passFrom, failFrom } = policy
  const prior = priorOf(known, lastsS(record))
  const plan = {
    air: record.air,
    lastsS: lastsS(record),
    samples: record.timesS.length,
    noiseUm: leaks.noiseUm,
    deformationUm: Math.abs(known.deformation?.um ?? leaks.likeliest.deformationUm),
  }
  const leastSeen = leastLeakSeen(plan, prior)
  const tightProbability = leaks.flows.reduce(
    (sum, flow, i) => (flow <= limitUgPerMin ? sum + (leaks.shares[i] ?? 0) : sum),
    0,
  )
  const told = {
    flow: { middle: quantile(leaks, 0.5), low: quantile(leaks, LOW), high: quantile(leaks, HIGH) },
    tightProbability,
    leastSeen,
    lengthNeededS: lengthToSee(plan, prior, limitUgPerMin),
    isOpen: isOpen(record, known),
    judgedForS: plan.lastsS,
    noiseUm: leaks.noiseUm,
    likeliest: leaks.likeliest,
  }
  if (told.isOpen) return { ...told, verdict: 'fail', doubt: null }
  if (known.deformation === null && neverWentIn(record, leaks.noiseUm))
    return { ...told, verdict: 'cannot-tell', doubt: 'never-went-in' }
  if (1 - tightProbability >= failFrom) return { ...told, verdict: 'fail', doubt: null }
  if (tightProbability >= passFrom && leastSeen <= limitUgPerMin)
    return { ...told, verdict: 'pass', doubt: null }
  if (leastSeen <= limitUgPerMin) return { ...told, verdict: 'cannot-tell', doubt: 'near-the-limit' }
  return { ...told, verdict: 'cannot-tell', doubt: told.lengthNeededS === null ? 'drift' : 'too-short' }
}

/** What a tester does later than any blank run lasted nobody knows: that part of a record tells nothing. */
function asFarAsKnown(record: DryRecord, { drift }: DryKnown): DryRecord {
  if (!drift) return record
  const from = record.timesS[0] ?? 0
  const within = record.timesS.filter((t) => t - from <= drift.knownForS).length
  const count = Math.max(LEAST_SAMPLES, within)
  return {
    ...record,
    timesS: record.timesS.slice(0, count),
    deformationUm: record.deformationUm.slice(0, count),
  }
}

function neverWentIn(record: DryRecord, noiseUm: number): boolean {
  return wentIn(record) < NEVER_WENT_IN * noiseUm
}

function isOpen(record: DryRecord, { deformation }: DryKnown): boolean {
  if (!deformation) return false
  const [usual, gone] = [Math.abs(deformation.um), wentIn(record)]
  return gone < OPEN_SHARE * usual && gone < usual - OPEN_SPREADS * deformation.spreadUm
}

/** How far by its first samples, either way, µm. */
function wentIn({ deformationUm }: DryRecord): number {
  return Math.max(...deformationUm.slice(0, FIRST_SAMPLES).map(Math.abs))
}

/** The flow below which this share of what is likely lies, µg/min. */
function quantile({ flows, shares }: LeakLikelihood, share: number): number {
  let below = 0
  for (const [i, flow] of flows.entries()) {
    const own = shares[i] ?? 0
    if (below + own >= share) {
      // Each stands for what lies half a step to either side of it.
      const step = Math.log((flows[1] ?? 1) / (flows[0] ?? 1))
      return flow * Math.exp(((share - below) / own - 0.5) * step)
    }
    below += own
  }
  return flows.at(-1) ?? 0
}
