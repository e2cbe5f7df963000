import { randomLcg, randomNormal, randomUniform } from 'd3-random'
import type { Point } from '../circle/Circle'
import { shapeSize } from '../shapes/shapeSize'
import { estimateFromReadings } from '../measure/estimateFromReadings'
import { TYPICAL_INSTRUMENTS } from '../measure/InstrumentSpec'
import type { PossibleMeasurement } from '../verdict/askNext'
import { askNext } from '../verdict/askNext'
import type { SizeEvidence } from '../verdict/SizeEvidence'
import { sizeVerdict } from '../verdict/sizeVerdict'
import type { VerdictPolicy } from '../verdict/verdictPolicy'
import { VERDICT_POLICY } from '../verdict/verdictPolicy'

/** How the old crystal came in. */
export const JOB_KINDS = ['intact', 'in pieces', 'gone'] as const
export type JobKind = (typeof JOB_KINDS)[number]

/** One simulated case: what it really is, and what the bench would have read. */
interface SimulatedCase {
  readonly kind: JobKind
  /** stock size whose interference with the true bore and gasket lies nearest the middle of the band */
  readonly rightSizeMm: number
  readonly evidence: readonly SizeEvidence[]
  /** what a further measurement would read, by its id */
  readonly further: Readonly<Record<FurtherId, number>>
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
/** Chances of the kinds of job; the rest is gone. From memory. */
const INTACT_SHARE = 0.5
const PIECES_SHARE = 0.3
/** Cases that come in with the wrong crystal, and how many steps off it is at most, either way. From memory. */
const WRONG_SHARE = 0.06
const WRONG_STEPS = 3
/** Largest piece of a broken rim, degrees of arc. From memory. */
const ARC_FROM_DEG = 60
const ARC_TO_DEG = 200
/** Edge points read along it, and the scatter of each, mm. From memory. */
const RIM_POINTS = 25
const RIM_POINT_SCATTER = 0.02

export interface StudyOptions {
  /** of the verdict; the simulated world stays the same */
  readonly policy?: VerdictPolicy
  /** whether what the verdict asks for next is measured too: most of the study's time */
  readonly asking?: 'followed' | 'left-out'
}

/**
 * Many simulated cases with known truth: how often is the pick right, and is a stated probability kept?
 * @param seed - 0…1; the same seed gives the same study
 */
export function verdictStudy(
  cases: number,
  seed: number,
  { policy = VERDICT_POLICY, asking = 'followed' }: StudyOptions = {},
): VerdictStudy {
  const random = randomLcg(seed)
  const outcomes = Array.from({ length: cases }, () => judge(simulateCase(random), policy, asking))
  const bins = binsOf(outcomes)
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
        expectedCalibrationError: calibrationError(binsOf(own), own.length),
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

function binsOf(outcomes: readonly Judged[]): CalibrationBin[] {
  return BIN_EDGES.slice(0, -1).map((from, i) => bin(outcomes, from, BIN_EDGES[i + 1] ?? 1))
}

function calibrationError(bins: readonly CalibrationBin[], cases: number): number {
  return bins.reduce((sum, b) => sum + (b.cases / Math.max(1, cases)) * Math.abs(b.meanStated - b.right), 0)
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
  const { kind, rightSizeMm, evidence, firstReadingMm } = simulated
  const outcome = sizeVerdict(evidence, [], policy)
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

/** Finer instruments a shop may have beside its caliper: what they are worth and what they cost in minutes. */
const FURTHER = {
  'bore and wall, micrometers': { side: 'case', uncertaintyMm: 0.0065, minutes: 4 },
  'crystal, micrometer': { side: 'crystal', uncertaintyMm: 0.004, minutes: 1.5 },
} as const satisfies Record<string, Omit<PossibleMeasurement, 'id' | 'label'>>
type FurtherId = keyof typeof FURTHER
const FURTHER_IDS = Object.keys(FURTHER) as FurtherId[]

/** Measures what is asked for next until it is enough or nothing is left. */
function askOn({ kind, evidence, further }: SimulatedCase, policy: VerdictPolicy) {
  let known = [...evidence]
  let left = FURTHER_IDS.filter((id) => FURTHER[id].side === 'case' || kind === 'intact')
  for (let count = 0; ; count++) {
    const outcome = sizeVerdict(known, [], policy)
    if (!outcome.ok) throw new Error('a simulated case always has evidence')
    const next = askNext(
      known,
      [],
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

function simulateCase(random: () => number): SimulatedCase {
  const normal = (u: number) => randomNormal.source(random)(0, u)()
  const uniform = (from: number, to: number) => randomUniform.source(random)(from, to)()
  const nominalMm = toStep(uniform(22, 38))
  const nominalWallMm = Math.round(uniform(0.35, 0.6) * 20) / 20
  const trueWallMm = nominalWallMm + normal(WORLD.wallScatter)
  const trueBoreMm =
    nominalMm + 2 * nominalWallMm - uniform(WORLD.aimedFrom, WORLD.aimedTo) + normal(WORLD.boreScatter)
  const wrong = random() < WRONG_SHARE
  const stepsOff = wrong ? Math.ceil(random() * WRONG_STEPS) * (random() < 0.5 ? 1 : -1) : 0
  const trueCrystalMm = nominalMm + stepsOff * VERDICT_POLICY.stepMm + normal(WORLD.crystalScatter)

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
  const draw = random()
  const kind = draw < INTACT_SHARE ? 'intact' : draw < INTACT_SHARE + PIECES_SHARE ? 'in pieces' : 'gone'
  const evidence: SizeEvidence[] = [
    { kind: 'bore-and-gasket', bore: bore.estimate, wall: wall.estimate },
    { kind: 'opening-with-gasket', opening: opening.estimate },
  ]
  const further = {
    'bore and wall, micrometers':
      trueBoreMm - 2 * trueWallMm + normal(FURTHER['bore and wall, micrometers'].uncertaintyMm),
    'crystal, micrometer': trueCrystalMm + normal(FURTHER['crystal, micrometer'].uncertaintyMm),
  }
  const rightSizeMm = toStep(trueBoreMm - 2 * trueWallMm + VERDICT_POLICY.aimedInterference.valueMm)
  switch (kind) {
    case 'intact': {
      const crystal = read(trueCrystalMm, 3, 'caliper')
      evidence.push({ kind: 'crystal', diameter: crystal.estimate })
      return { kind, rightSizeMm, evidence, further, firstReadingMm: crystal.first }
    }
    case 'in pieces': {
      const shape = shapeSize({ kind: 'points', points: brokenRim(trueCrystalMm, uniform, normal) })
      if (shape.ok) evidence.push({ kind: 'fragment', method: 'points', diameter: shape.diameter })
      return { kind, rightSizeMm, evidence, further, firstReadingMm: opening.first }
    }
    case 'gone': {
      const shown = read(trueCrystalMm + normal(IMPRINT_SCATTER), 1, 'caliper').first
      const imprint = shapeSize({
        kind: 'gasket-imprint',
        imprintMm: shown,
        instrument: TYPICAL_INSTRUMENTS.caliper,
      })
      if (imprint.ok) evidence.push({ kind: 'gasket-imprint', diameter: imprint.diameter })
      return { kind, rightSizeMm, evidence, further, firstReadingMm: opening.first }
    }
  }
}

/** How far an old ring's imprint strays from the crystal that made it, mm. From memory. */
const IMPRINT_SCATTER = 0.06

/** Edge points along the largest piece of a broken crystal. */
function brokenRim(
  diameterMm: number,
  uniform: (from: number, to: number) => number,
  normal: (u: number) => number,
): Point[] {
  const arcDeg = uniform(ARC_FROM_DEG, ARC_TO_DEG)
  return Array.from({ length: RIM_POINTS }, (_, i) => {
    const angle = ((arcDeg * i) / (RIM_POINTS - 1)) * (Math.PI / 180)
    const radius = diameterMm / 2 + normal(RIM_POINT_SCATTER)
    return { xMm: radius * Math.cos(angle), yMm: radius * Math.sin(angle) }
  })
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
