import { randomLcg, randomNormal, randomUniform } from 'd3-random'
import type { Point } from '../circle/Circle'
import { estimateFromReadings } from '../measure/estimateFromReadings'
import { TYPICAL_INSTRUMENTS } from '../measure/InstrumentSpec'
import type { ShapeInput } from '../shapes/shapeSize'
import { shapeSize } from '../shapes/shapeSize'
import type { PossibleMeasurement } from '../verdict/askNext'
import type { SizeEvidence, SizeHistory } from '../verdict/SizeEvidence'
import { VERDICT_POLICY } from '../verdict/verdictPolicy'

/** How the old crystal came in. */
export const JOB_KINDS = ['intact', 'in pieces', 'gone'] as const
export type JobKind = (typeof JOB_KINDS)[number]

/** One simulated case: what it really is, and what the bench would have read. */
export interface SimulatedCase {
  readonly kind: JobKind
  /** stock size whose interference with the true bore and gasket lies nearest the middle of the band */
  readonly rightSizeMm: number
  readonly evidence: readonly SizeEvidence[]
  /** what fitted other pieces of the same reference before */
  readonly history: readonly SizeHistory[]
  /** what a further measurement would read, by its id */
  readonly further: Readonly<Record<FurtherId, number>>
  /** the first single caliper reading, of the crystal where there is one, else of the opening */
  readonly firstReadingMm: number
}

/** Finer instruments a shop may have beside its caliper: what they are worth and what they cost in minutes. */
export const FURTHER = {
  'bore and wall, micrometers': { side: 'case', uncertaintyMm: 0.0065, minutes: 4 },
  'crystal, micrometer': { side: 'crystal', uncertaintyMm: 0.004, minutes: 1.5 },
} as const satisfies Record<string, Omit<PossibleMeasurement, 'id' | 'label'>>
export type FurtherId = keyof typeof FURTHER
export const FURTHER_IDS = Object.keys(FURTHER) as FurtherId[]

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

/** A picture's edges on the gauge sheet, all pieces together, standard deviation, mm: half the ± the photo gauge states. */
const PHOTO_SCATTER = 0.035
/** How a broken crystal is measured, in equal parts. */
const BROKEN_WAYS = ['points', 'chord', 'photo'] as const
/** How well a bevel is seen from above, standard deviation, mm. From memory. */
const BEVEL_SCATTER = 0.02
/** Part of whole crystals of which the visible top was read before pressing out. From memory. */
const TOP_READ_SHARE = 0.3
/** Part of cases whose reference was done here before, and how often at most. From memory. */
const KNOWN_SHARE = 0.5
const MOST_BEFORE = 8

/**
 * Cases with known truth and what a bench would have read of them.
 * @param seed - 0…1; the same seed gives the same cases
 */
export function simulatedCases(count: number, seed: number): SimulatedCase[] {
  const random = randomLcg(seed)
  return Array.from({ length: count }, () => simulateCase(random))
}

/** The bevels were added when the top was read. */
const NO_BEVEL = { valueMm: 0, standardUncertaintyMm: 0 }

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
  /** Other pieces of the reference, each with its own bore and ring, and the size that served it. */
  const pastOf = (pieces: number): SizeHistory[] => {
    const sizes = Array.from({ length: pieces }, () =>
      toStep(
        trueBoreMm +
          normal(WORLD.boreScatter) -
          2 * (nominalWallMm + normal(WORLD.wallScatter)) +
          VERDICT_POLICY.aimedInterference.valueMm,
      ),
    )
    return [...new Set(sizes)].map((sizeMm) => ({ sizeMm, count: sizes.filter((s) => s === sizeMm).length }))
  }
  const fragmentOf = (way: (typeof BROKEN_WAYS)[number]): SizeEvidence | null => {
    if (way === 'photo') {
      const valueMm = trueCrystalMm + normal(PHOTO_SCATTER)
      return { kind: 'fragment', method: way, diameter: { valueMm, standardUncertaintyMm: PHOTO_SCATTER } }
    }
    const half = (uniform(ARC_FROM_DEG, Math.min(ARC_TO_DEG, 170)) / 2) * (Math.PI / 180)
    const input: ShapeInput =
      way === 'points'
        ? { kind: way, points: brokenRim(trueCrystalMm, uniform, normal) }
        : {
            kind: way,
            chordMm: read(trueCrystalMm * Math.sin(half), 1, 'caliper').first,
            sagittaMm: read((trueCrystalMm / 2) * (1 - Math.cos(half)), 1, 'caliper').first,
            instrument: TYPICAL_INSTRUMENTS.caliper,
          }
    const shape = shapeSize(input)
    return shape.ok ? { kind: 'fragment', method: way, diameter: shape.diameter } : null
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
  const history = random() < KNOWN_SHARE ? pastOf(1 + Math.floor(random() * MOST_BEFORE)) : []
  switch (kind) {
    case 'intact': {
      const crystal = read(trueCrystalMm, 3, 'caliper')
      evidence.push({ kind: 'crystal', diameter: crystal.estimate })
      if (random() < TOP_READ_SHARE) {
        const bevelMm = uniform(0.15, 0.35)
        const topMm = read(trueCrystalMm - 2 * bevelMm, 1, 'caliper').first
        const seen = {
          topMm,
          bevelMm: bevelMm + normal(BEVEL_SCATTER),
          instrument: TYPICAL_INSTRUMENTS.caliper,
        }
        const top = shapeSize({ kind: 'visible-top', ...seen })
        if (top.ok) evidence.push({ kind: 'visible-top', top: top.diameter, bevel: NO_BEVEL })
      }
      return { kind, rightSizeMm, evidence, history, further, firstReadingMm: crystal.first }
    }
    case 'in pieces': {
      const way = BROKEN_WAYS[Math.floor(random() * BROKEN_WAYS.length)] ?? 'points'
      const piece = fragmentOf(way)
      if (piece) evidence.push(piece)
      return { kind, rightSizeMm, evidence, history, further, firstReadingMm: opening.first }
    }
    case 'gone': {
      const shown = read(trueCrystalMm + normal(IMPRINT_SCATTER), 1, 'caliper').first
      const imprint = shapeSize({
        kind: 'gasket-imprint',
        imprintMm: shown,
        instrument: TYPICAL_INSTRUMENTS.caliper,
      })
      if (imprint.ok) evidence.push({ kind: 'gasket-imprint', diameter: imprint.diameter })
      return { kind, rightSizeMm, evidence, history, further, firstReadingMm: opening.first }
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

/** The stock size a length is nearest to, mm. */
export function toStep(mm: number): number {
  return Math.round(mm / VERDICT_POLICY.stepMm) * VERDICT_POLICY.stepMm
}
