import { askNext } from '../verdict/askNext'
import { sizeVerdict } from '../verdict/sizeVerdict'
import type { VerdictPolicy } from '../verdict/verdictPolicy'
import { VERDICT_POLICY } from '../verdict/verdictPolicy'
import type { CalibrationBin } from './calibrationBins'
import { calibrationBins, calibrationError } from './calibrationBins'
import type { JobKind, SimulatedCase } from './simulatedCases'
import { FURTHER, FURTHER_IDS, JOB_KINDS, toStep } from './simulatedCases'

export interface KindResult {
  readonly kind: JobKind
  readonly cases: number
  readonly rightByVerdict: number
  /** share right when what the verdict asks for next was measured too */
  readonly rightAfterAsking: number
  readonly rightByRounding: number
  readonly expectedCalibrationError: number
}

export interface VerdictStudy {
  readonly cases: number
  readonly kinds: readonly KindResult[]
  /** share of picks that were right */
  readonly rightByVerdict: number
  readonly rightAfterAsking: number
  /** further measurements taken, a case */
  readonly askedPerCase: number
  /** share right when measuring once and rounding to the nearest step */
  readonly rightByRounding: number
  readonly bins: readonly CalibrationBin[]
  /** mean |stated − right| over the bins, weighted by their cases */
  readonly expectedCalibrationError: number
}

export interface StudyOptions {
  /** of the verdict; the simulated world stays the same */
  readonly policy?: VerdictPolicy
  /** whether what the verdict asks for next is measured too: most of the study's time */
  readonly asking?: 'followed' | 'left-out'
}

/** Simulated cases with known truth: how often is the pick right, and is a stated probability kept? */
export function verdictStudy(
  simulated: readonly SimulatedCase[],
  { policy = VERDICT_POLICY, asking = 'followed' }: StudyOptions = {},
): VerdictStudy {
  const cases = simulated.length
  const outcomes = simulated.map((one) => judge(one, policy, asking))
  const bins = calibrationBins(outcomes)
  return {
    cases,
    kinds: JOB_KINDS.map((kind) => {
      const own = outcomes.filter((o) => o.kind === kind)
      return {
        kind,
        cases: own.length,
        rightByVerdict: share(own, (o) => o.right),
        rightAfterAsking: share(own, (o) => o.rightAfterAsking),
        rightByRounding: share(own, (o) => o.roundingRight),
        expectedCalibrationError: calibrationError(calibrationBins(own), own.length),
      }
    }),
    rightByVerdict: share(outcomes, (o) => o.right),
    rightAfterAsking: share(outcomes, (o) => o.rightAfterAsking),
    askedPerCase: outcomes.reduce((sum, o) => sum + o.asked, 0) / Math.max(1, cases),
    rightByRounding: share(outcomes, (o) => o.roundingRight),
    bins,
    expectedCalibrationError: calibrationError(bins, cases),
  }
}

interface Judged {
  readonly kind: JobKind
  readonly stated: number
  readonly right: boolean
  readonly rightAfterAsking: boolean
  readonly asked: number
  readonly roundingRight: boolean
}

function judge(simulated: SimulatedCase, policy: VerdictPolicy, asking: StudyOptions['asking']): Judged {
  const { kind, rightSizeMm, evidence, history, firstReadingMm } = simulated
  const outcome = sizeVerdict(evidence, history, policy)
  if (!outcome.ok) throw new Error('a simulated case always has evidence')
  const { pick } = outcome.verdict
  const asked = asking === 'left-out' ? { pickMm: pick.sizeMm, count: 0 } : askOn(simulated, policy)
  return {
    kind,
    rightAfterAsking: same(asked.pickMm, rightSizeMm),
    asked: asked.count,
    stated: pick.probability,
    right: same(pick.sizeMm, rightSizeMm),
    roundingRight: same(toStep(firstReadingMm), rightSizeMm),
  }
}

/** Measures what is asked for next until it is enough or nothing is left. */
function askOn({ kind, evidence, history, further }: SimulatedCase, policy: VerdictPolicy) {
  let known = [...evidence]
  let left = FURTHER_IDS.filter((id) => FURTHER[id].side === 'case' || kind === 'intact')
  for (let count = 0; ; count++) {
    const outcome = sizeVerdict(known, history, policy)
    if (!outcome.ok) throw new Error('a simulated case always has evidence')
    const next = askNext(
      known,
      history,
      left.map((id) => ({ id, label: id, ...FURTHER[id] })),
      policy,
    )
    const best = left.find((id) => id === next?.ranked[0]?.id)
    if (!best || !next || next.enough) return { pickMm: outcome.verdict.pick.sizeMm, count }
    const estimate = { valueMm: further[best], standardUncertaintyMm: FURTHER[best].uncertaintyMm }
    known = [
      ...known,
      FURTHER[best].side === 'crystal'
        ? { kind: 'crystal', diameter: estimate }
        : { kind: 'opening-with-gasket', opening: estimate },
    ]
    left = left.filter((id) => id !== best)
  }
}

function same(a: number, b: number): boolean {
  return Math.abs(a - b) < VERDICT_POLICY.stepMm / 2
}

function share<T>(items: readonly T[], is: (item: T) => boolean): number {
  return items.length === 0 ? 0 : items.filter(is).length / items.length
}
