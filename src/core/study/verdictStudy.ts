import { randomLcg, randomNormal, randomUniform } from 'd3-random'
import { estimateFromReadings } from '../measure/estimateFromReadings'
import { TYPICAL_INSTRUMENTS } from '../measure/InstrumentSpec'
import type { SizeEvidence } from '../verdict/SizeEvidence'
import { sizeVerdict } from '../verdict/sizeVerdict'
import type { VerdictPolicy } from '../verdict/verdictPolicy'
import { VERDICT_POLICY } from '../verdict/verdictPolicy'

/** One simulated case: what it really is, and what the bench would have read. */
interface SimulatedCase {
  /** stock size whose interference with the true bore and gasket lies nearest the middle of the band */
  readonly rightSizeMm: number
  readonly evidence: readonly SizeEvidence[]
  /** the first single caliper reading, of the crystal where there is one, else of the opening */
  readonly firstReadingMm: number
}

export interface CalibrationBin {
  readonly from: number
  readonly to: number
  readonly cases: number
  readonly meanStated: number
  readonly right: number
}

export interface VerdictStudy {
  readonly cases: number
  /** share of picks that were right */
  readonly rightByVerdict: number
  /** share right when measuring once and rounding to the nearest step */
  readonly rightByRounding: number
  readonly bins: readonly CalibrationBin[]
  /** mean |stated − right| over the bins, weighted by their cases */
  readonly expectedCalibrationError: number
}

/**
 * Scatter of the simulated world, mm (standard deviations unless said otherwise). From memory: a bored case holds
 * about a hundredth, a moulded ring less than that, and a maker's crystal two hundredths.
 */
const WORLD = {
  boreScatter: 0.012,
  wallScatter: 0.006,
  crystalScatter: VERDICT_POLICY.makerUncertaintyMm,
  /** interference designers aim at, lowest and highest */
  aimedFrom: 0.025,
  aimedTo: 0.085,
  /** repeatability of a hand hold beside the instrument's own error */
  holdScatter: 0.006,
} as const

const BIN_EDGES = [0, 0.5, 0.6, 0.7, 0.8, 0.9, 0.95, 0.99, 1] as const
/** Every third crystal is gone or in pieces, so only the case can be measured. */
const CRYSTAL_GONE_SHARE = 1 / 3

/**
 * Many simulated cases with known truth: how often is the pick right, and is a stated probability kept?
 * @param policy - of the verdict; the simulated world stays the same
 * @param seed - 0…1; the same seed gives the same study
 */
export function verdictStudy(
  cases: number,
  seed: number,
  policy: VerdictPolicy = VERDICT_POLICY,
): VerdictStudy {
  const random = randomLcg(seed)
  const outcomes = Array.from({ length: cases }, () => judge(simulateCase(random), policy))
  const bins = BIN_EDGES.slice(0, -1).map((from, i) => bin(outcomes, from, BIN_EDGES[i + 1] ?? 1))
  return {
    cases,
    rightByVerdict: share(outcomes, (o) => o.right),
    rightByRounding: share(outcomes, (o) => o.roundingRight),
    bins,
    expectedCalibrationError: bins.reduce(
      (sum, b) => sum + (b.cases / cases) * Math.abs(b.meanStated - b.right),
      0,
    ),
  }
}

interface Judged {
  readonly stated: number
  readonly right: boolean
  readonly roundingRight: boolean
}

function judge({ rightSizeMm, evidence, firstReadingMm }: SimulatedCase, policy: VerdictPolicy): Judged {
  const outcome = sizeVerdict(evidence, [], policy)
  if (!outcome.ok) throw new Error('a simulated case always has evidence')
  const { pick } = outcome.verdict
  return {
    stated: pick.probability,
    right: same(pick.sizeMm, rightSizeMm),
    roundingRight: same(toStep(firstReadingMm), rightSizeMm),
  }
}

function simulateCase(random: () => number): SimulatedCase {
  const normal = (u: number) => randomNormal.source(random)(0, u)()
  const uniform = (from: number, to: number) => randomUniform.source(random)(from, to)()
  const nominalMm = toStep(uniform(22, 38))
  const nominalWallMm = Math.round(uniform(0.35, 0.6) * 20) / 20
  const trueWallMm = nominalWallMm + normal(WORLD.wallScatter)
  const trueBoreMm =
    nominalMm + 2 * nominalWallMm - uniform(WORLD.aimedFrom, WORLD.aimedTo) + normal(WORLD.boreScatter)
  const trueCrystalMm = nominalMm + normal(WORLD.crystalScatter)

  const read = (trueMm: number, count: number, kind: keyof typeof TYPICAL_INSTRUMENTS) => {
    const spec = TYPICAL_INSTRUMENTS[kind]
    const bias = uniform(-spec.maximumPermissibleErrorMm, spec.maximumPermissibleErrorMm)
    const readings = Array.from({ length: count }, () => {
      const shown = trueMm + bias + normal(WORLD.holdScatter)
      return Math.round(shown / spec.resolutionMm) * spec.resolutionMm
    })
    return { first: readings[0] ?? trueMm, estimate: estimateFromReadings(readings, spec) }
  }
  const bore = read(trueBoreMm, 4, 'caliper')
  const wall = read(trueWallMm, 3, 'thickness-gauge')
  const opening = read(trueBoreMm - 2 * trueWallMm, 3, 'caliper')
  const crystal = random() < CRYSTAL_GONE_SHARE ? null : read(trueCrystalMm, 3, 'caliper')
  const evidence: SizeEvidence[] = [
    { kind: 'bore-and-gasket', bore: bore.estimate, wall: wall.estimate },
    { kind: 'opening-with-gasket', opening: opening.estimate },
  ]
  if (crystal) evidence.push({ kind: 'crystal', diameter: crystal.estimate })
  return {
    rightSizeMm: toStep(trueBoreMm - 2 * trueWallMm + VERDICT_POLICY.aimedInterference.valueMm),
    evidence,
    firstReadingMm: (crystal ?? opening).first,
  }
}

function toStep(mm: number): number {
  return Math.round(mm / VERDICT_POLICY.stepMm) * VERDICT_POLICY.stepMm
}

function same(a: number, b: number): boolean {
  return Math.abs(a - b) < VERDICT_POLICY.stepMm / 2
}

function share<T>(items: readonly T[], is: (item: T) => boolean): number {
  return items.length === 0 ? 0 : items.filter(is).length / items.length
}

function bin(outcomes: readonly Judged[], from: number, to: number): CalibrationBin {
  const inside = outcomes.filter((o) => o.stated > from && o.stated <= to)
  return {
    from,
    to,
    cases: inside.length,
    meanStated: inside.reduce((sum, o) => sum + o.stated, 0) / Math.max(1, inside.length),
    right: share(inside, (o) => o.right),
  }
}
