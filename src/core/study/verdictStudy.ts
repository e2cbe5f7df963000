import type { PossibleMeasurement } from '../verdict/askNext'
import { askNext } from '../verdict/askNext'
import type { SizeEvidence } from '../verdict/SizeEvidence'
import { sizeVerdict } from '../verdict/sizeVerdict'
import type { VerdictPolicy } from '../verdict/verdictPolicy'
import { VERDICT_POLICY } from '../verdict/verdictPolicy'
import { idealAnswer } from './bayesCeiling'
import type { CalibrationBin } from './calibrationBins'
import { calibrationBins, calibrationError } from './calibrationBins'
import type { FurtherId, JobKind, SimulatedCase } from './simulatedCases'
import { FURTHER, FURTHER_IDS, JOB_KINDS, toStep } from './simulatedCases'
import type { World } from './World'

/** How a judge does on simulated cases. */
export interface JudgeResult {
  /** share of picks that were right, 0…1 */
  readonly right: number
  /** share right of the picks stated at 95 % or more, and how many those are */
  readonly sureRight: number
  readonly sure: number
  /** mean |stated − right| over the bins, weighted by their cases */
  readonly calibrationError: number
  readonly bins: readonly CalibrationBin[]
}

export interface KindResult {
  readonly kind: JobKind | 'all'
  readonly cases: number
  readonly verdict: JudgeResult
  /** what a judge answers who knows how the cases came about; null where it was left out */
  readonly ceiling: JudgeResult | null
  /** ceiling less verdict, case by case: mean, and half its 95 % interval; null without a ceiling */
  readonly gap: { readonly mean: number; readonly half: number } | null
  /** share right when what the verdict asks for next was measured too */
  readonly rightAfterAsking: number
  /** share right when measuring once and rounding to the nearest step */
  readonly rightByRounding: number
}

export interface VerdictStudy {
  /** all kinds first, then each */
  readonly kinds: readonly [KindResult, ...KindResult[]]
  /** further measurements taken, a case */
  readonly askedPerCase: number
  /** of crystals that were not the size their piece wants, the share named; and of those that were, the share named too */
  readonly conflicts: { readonly named: number; readonly falseAlarms: number }
}

export interface StudyOptions {
  /** of the verdict; the simulated world stays the same */
  readonly policy?: VerdictPolicy
  /** whether what the verdict asks for next is measured too */
  readonly asking?: 'followed' | 'left-out'
  /** the world the cases come from, where the Bayes ceiling is wanted: most of the study's time */
  readonly ceilingOf?: World
}

/** Simulated cases with known truth: how often is the pick right, how near is that to what can be, is a stated probability kept? */
export function verdictStudy(
  simulated: readonly SimulatedCase[],
  { policy = VERDICT_POLICY, asking = 'followed', ceilingOf }: StudyOptions = {},
): VerdictStudy {
  const judged = simulated.map((one) => judge(one, policy, asking, ceilingOf))
  const all = kindResult('all', judged)
  const others = judged.filter(({ one }) => !same(one.crystalSizeMm, one.rightSizeMm))
  const own = judged.filter(({ one }) => same(one.crystalSizeMm, one.rightSizeMm))
  return {
    kinds: [
      all,
      ...JOB_KINDS.map((kind) =>
        kindResult(
          kind,
          judged.filter(({ one }) => one.kind === kind),
        ),
      ),
    ],
    askedPerCase: judged.reduce((sum, { asked }) => sum + asked, 0) / Math.max(1, judged.length),
    conflicts: {
      named: share(others, ({ conflict }) => conflict),
      falseAlarms: share(own, ({ conflict }) => conflict),
    },
  }
}

interface Answer {
  readonly stated: number
  readonly right: boolean
}

interface Judged {
  readonly one: SimulatedCase
  readonly verdict: Answer
  readonly ceiling: Answer | null
  readonly conflict: boolean
  readonly rightAfterAsking: boolean
  readonly asked: number
  readonly roundingRight: boolean
}

function judge(
  one: SimulatedCase,
  policy: VerdictPolicy,
  asking: StudyOptions['asking'],
  ceilingOf: World | undefined,
): Judged {
  const { rightSizeMm, evidence, history, firstReadingMm } = one
  const outcome = sizeVerdict(evidence, history, policy)
  if (!outcome.ok) throw new Error('a simulated case always has evidence')
  const { pick, conflict } = outcome.verdict
  const asked = asking === 'left-out' ? { pickMm: pick.sizeMm, count: 0 } : askOn(one, policy)
  const ideal = ceilingOf ? idealAnswer(one, ceilingOf) : null
  return {
    one,
    verdict: { stated: pick.probability, right: same(pick.sizeMm, rightSizeMm) },
    ceiling: ideal && { stated: ideal.probability, right: same(ideal.sizeMm, rightSizeMm) },
    conflict: conflict !== null,
    rightAfterAsking: same(asked.pickMm, rightSizeMm),
    asked: asked.count,
    roundingRight: same(toStep(firstReadingMm), rightSizeMm),
  }
}

const SURE = 0.95

function judgeResult(answers: readonly Answer[]): JudgeResult {
  const bins = calibrationBins(answers)
  const sure = answers.filter(({ stated }) => stated >= SURE)
  return {
    right: share(answers, ({ right }) => right),
    sure: sure.length,
    sureRight: share(sure, ({ right }) => right),
    calibrationError: calibrationError(bins, answers.length),
    bins,
  }
}

function kindResult(kind: KindResult['kind'], judged: readonly Judged[]): KindResult {
  const ceilings = judged.flatMap(({ ceiling }) => ceiling ?? [])
  const gaps = judged.flatMap(({ ceiling, verdict }) =>
    ceiling ? [Number(ceiling.right) - Number(verdict.right)] : [],
  )
  return {
    kind,
    cases: judged.length,
    verdict: judgeResult(judged.map(({ verdict }) => verdict)),
    ceiling: ceilings.length > 0 ? judgeResult(ceilings) : null,
    gap: gaps.length > 0 ? meanWithInterval(gaps) : null,
    rightAfterAsking: share(judged, (j) => j.rightAfterAsking),
    rightByRounding: share(judged, (j) => j.roundingRight),
  }
}

/** Mean and half of its 95 % interval, by the normal approximation. */
function meanWithInterval(values: readonly number[]) {
  const mean = values.reduce((sum, x) => sum + x, 0) / values.length
  const variance = values.reduce((sum, x) => sum + (x - mean) ** 2, 0) / Math.max(1, values.length - 1)
  return { mean, half: 1.96 * Math.sqrt(variance / values.length) }
}

/** Measures what is asked for next until it is enough or nothing is left. */
function askOn({ kind, evidence, history, further }: SimulatedCase, policy: VerdictPolicy) {
  let known = [...evidence]
  let left = FURTHER_IDS.filter((id) => FURTHER[id].tells === 'opening' || kind === 'intact')
  for (let count = 0; ; count++) {
    const outcome = sizeVerdict(known, history, policy)
    if (!outcome.ok) throw new Error('a simulated case always has evidence')
    const next = askNext(
      known,
      history,
      left.map((id) => furtherMeasurement(id, known)),
      policy,
    )
    const best = left.find((id) => id === next?.ranked[0]?.id)
    if (!best || next?.answer !== 'measure') return { pickMm: outcome.verdict.pick.sizeMm, count }
    known = [...known, toldBy(best, further[best])]
    left = left.filter((id) => id !== best)
  }
}

function furtherMeasurement(id: FurtherId, known: readonly SizeEvidence[]): PossibleMeasurement {
  const { tells, uncertaintyMm, minutes } = FURTHER[id]
  return {
    id,
    label: id,
    uncertaintyMm,
    minutes,
    foretold: tells === 'crystal' ? { from: 'crystal' } : { from: 'opening', readingMm: (mm) => mm },
    after: (readingMm) => [...known, toldBy(id, readingMm)],
  }
}

function toldBy(id: FurtherId, valueMm: number): SizeEvidence {
  const estimate = { valueMm, standardUncertaintyMm: FURTHER[id].uncertaintyMm }
  return FURTHER[id].tells === 'crystal'
    ? { kind: 'crystal', diameter: estimate }
    : { kind: 'opening-with-gasket', opening: estimate }
}

function same(a: number, b: number): boolean {
  return Math.abs(a - b) < VERDICT_POLICY.stepMm / 2
}

function share<T>(items: readonly T[], is: (item: T) => boolean): number {
  return items.length === 0 ? 0 : items.filter(is).length / items.length
}
