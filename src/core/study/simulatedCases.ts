import { randomLcg, randomNormal, randomUniform } from 'd3-random'
import type { Point } from '../circle/Circle'
import { plainEstimate } from '../measure/combinedEstimate'
import type { Estimate } from '../measure/Estimate'
import { estimateFromReadings } from '../measure/estimateFromReadings'
import type { InstrumentSpec } from '../measure/InstrumentSpec'
import { TYPICAL_INSTRUMENTS } from '../measure/InstrumentSpec'
import type { ShapeInput } from '../shapes/shapeSize'
import { shapeSize } from '../shapes/shapeSize'
import type { FragmentMethod, SizeEvidence, SizeHistory } from '../verdict/SizeEvidence'
import { VERDICT_POLICY } from '../verdict/verdictPolicy'
import type { World } from './World'

/** How the old crystal came in. */
export const JOB_KINDS = ['intact', 'in pieces', 'gone'] as const
export type JobKind = (typeof JOB_KINDS)[number]

/** One simulated case: what it really is, and what the bench would have read. */
export interface SimulatedCase {
  readonly kind: JobKind
  /** stock size whose interference with the true bore and gasket lies nearest the middle of the band */
  readonly rightSizeMm: number
  /** stock size the crystal that came in was made as: not always the right one for this piece */
  readonly crystalSizeMm: number
  readonly evidence: readonly SizeEvidence[]
  /** what fitted other pieces of the same reference before */
  readonly history: readonly SizeHistory[]
  /** what the readings were before anything was made of them */
  readonly shown: ShownReadings
  /** what a further measurement would read, by its id */
  readonly further: Readonly<Record<FurtherId, number>>
  /** the first single caliper reading, of the crystal where there is one, else of the opening */
  readonly firstReadingMm: number
}

/** A diameter of the old crystal that a piece shows, by a caliper whose zero is off by z: valueMm + slope·z. */
export interface PieceShown {
  readonly method: FragmentMethod
  readonly valueMm: number
  /** what the caliper's zero does to it; 0 where no caliper was used */
  readonly zeroSlope: number
  /** of the piece by itself, mm: what a world that knew everything would know of it */
  readonly ownMm: number
}

/** Figures as displayed, mm: what an ideal judge would go by. */
export interface ShownReadings {
  readonly bore: readonly number[]
  readonly wall: readonly number[]
  readonly opening: readonly number[]
  readonly crystal: readonly number[]
  /** visible top and the bevel that was seen; null when it was not read */
  readonly top: { readonly topMm: number; readonly bevelMm: number } | null
  readonly imprint: number | null
  readonly pieces: readonly PieceShown[]
}

/** Finer instruments a shop may have beside its caliper: standard uncertainty, mm, and what they cost in minutes. */
export const FURTHER = {
  'bore and wall, micrometers': { tells: 'opening', uncertaintyMm: 0.0065, minutes: 4 },
  'crystal, micrometer': { tells: 'crystal', uncertaintyMm: 0.004, minutes: 1.5 },
} as const
export type FurtherId = keyof typeof FURTHER
export const FURTHER_IDS = Object.keys(FURTHER) as FurtherId[]

/** Largest piece of a broken rim, degrees of arc; a chord spans at most so much. From memory. */
const ARC_FROM_DEG = 60
const ARC_TO_DEG = 200
const CHORD_TO_DEG = 170
/** Edge points read along it. */
const RIM_POINTS = 25
/** How a broken crystal is measured, in equal parts, and how many pieces of it at most. */
const BROKEN_WAYS = ['points', 'chord', 'photo'] as const
const MOST_PIECES = 3

/** The bench's instruments: every case meets its own zero and scale error of each. */
const CALIPER: InstrumentSpec = { ...TYPICAL_INSTRUMENTS.caliper, instrumentId: 1 }
const GAUGE: InstrumentSpec = { ...TYPICAL_INSTRUMENTS['thickness-gauge'], instrumentId: 2 }

/**
 * Cases with known truth and what a bench would have read of them: one caliper and one gauge a case, each with one error
 * of its zero and one of its scale in everything it reads there.
 * @param seed - 0…1; the same seed gives the same cases
 */
export function simulatedCases(count: number, seed: number, world: World): SimulatedCase[] {
  const random = randomLcg(seed)
  return Array.from({ length: count }, () => simulateCase(random, world))
}

/** The bevels were added when the top was read. */
const NO_BEVEL = { valueMm: 0, standardUncertaintyMm: 0 }

function simulateCase(random: () => number, world: World): SimulatedCase {
  const normal = (u: number) => randomNormal.source(random)(0, u)()
  const uniform = (from: number, to: number) => randomUniform.source(random)(from, to)()
  const nominalMm = toStep(uniform(22, 38))
  const nominalWallMm = Math.round(uniform(0.35, 0.6) * 20) / 20
  const drawnBoreMm = nominalMm + 2 * nominalWallMm - uniform(world.aimedFromMm, world.aimedToMm)
  const trueWallMm = nominalWallMm + normal(world.wallScatterMm)
  const trueBoreMm = drawnBoreMm + normal(world.boreScatterMm)
  const stepsOff =
    random() < world.wrongShare ? Math.ceil(random() * world.wrongSteps) * (random() < 0.5 ? 1 : -1) : 0
  const crystalSizeMm = toStep(nominalMm + stepsOff * VERDICT_POLICY.stepMm)
  const trueCrystalMm = crystalSizeMm + normal(world.crystalScatterMm)

  const instrumentOf = (spec: InstrumentSpec) => {
    const most = world.zeroShare * spec.maximumPermissibleErrorMm
    const [zero, scale] = [uniform(-most, most), uniform(-world.mostScale, world.mostScale)]
    return (trueMm: number, count: number): readonly [number, ...number[]] => {
      const one = () => {
        const shown = trueMm * (1 + scale) + zero + normal(world.holdScatterMm)
        return Math.round(shown / spec.resolutionMm) * spec.resolutionMm
      }
      return [one(), ...Array.from({ length: count - 1 }, one)]
    }
  }
  const caliper = instrumentOf(CALIPER)
  const gauge = instrumentOf(GAUGE)
  const estimate = (readings: readonly number[], spec: InstrumentSpec) =>
    plainEstimate(estimateFromReadings(readings, spec))

  /** Other pieces of the reference, each with its own bore and ring, and the size that served it. */
  const pastOf = (pieces: number): SizeHistory[] => {
    const sizes = Array.from({ length: pieces }, () => {
      const bore = drawnBoreMm + normal(world.boreScatterMm)
      const wall = nominalWallMm + normal(world.wallScatterMm)
      return toStep(bore - 2 * wall + VERDICT_POLICY.aimedInterference.valueMm)
    })
    return [...new Set(sizes)].map((sizeMm) => ({ sizeMm, count: sizes.filter((s) => s === sizeMm).length }))
  }

  const bore = caliper(trueBoreMm, 4)
  const wall = gauge(trueWallMm, 3)
  const opening = caliper(trueBoreMm - 2 * trueWallMm, 3)
  const draw = random()
  const kind =
    draw < world.intactShare ? 'intact' : draw < world.intactShare + world.piecesShare ? 'in pieces' : 'gone'
  const crystal = kind === 'intact' ? caliper(trueCrystalMm, 3) : []
  const bevelMm = uniform(0.15, 0.35)
  const top =
    kind === 'intact' && random() < world.topReadShare
      ? { topMm: caliper(trueCrystalMm - 2 * bevelMm, 1)[0], bevelMm: bevelMm + normal(world.bevelScatterMm) }
      : null
  const imprint = kind === 'gone' ? caliper(trueCrystalMm + normal(world.imprintScatterMm), 1)[0] : null
  const pieces =
    kind === 'in pieces' ? piecesOf({ trueCrystalMm, caliper, uniform, normal, random, world }) : []

  const evidence: SizeEvidence[] = [
    { kind: 'bore-and-gasket', bore: estimate(bore, CALIPER), wall: estimate(wall, GAUGE) },
    { kind: 'opening-with-gasket', opening: estimate(opening, CALIPER) },
    ...(crystal.length > 0 ? [{ kind: 'crystal', diameter: estimate(crystal, CALIPER) } as const] : []),
    ...(top ? [visibleTop(top)] : []),
    ...(imprint === null ? [] : [gasketImprint(imprint)]),
    ...pieces.map(({ shown, diameter }) => ({ kind: 'fragment', method: shown.method, diameter }) as const),
  ]
  return {
    kind,
    rightSizeMm: toStep(trueBoreMm - 2 * trueWallMm + VERDICT_POLICY.aimedInterference.valueMm),
    crystalSizeMm,
    evidence,
    history: random() < world.knownShare ? pastOf(1 + Math.floor(random() * world.mostBefore)) : [],
    shown: { bore, wall, opening, crystal, top, imprint, pieces: pieces.map(({ shown }) => shown) },
    further: {
      'bore and wall, micrometers':
        trueBoreMm - 2 * trueWallMm + normal(FURTHER['bore and wall, micrometers'].uncertaintyMm),
      'crystal, micrometer': trueCrystalMm + normal(FURTHER['crystal, micrometer'].uncertaintyMm),
    },
    firstReadingMm: crystal[0] ?? opening[0],
  }
}

function visibleTop(top: { readonly topMm: number; readonly bevelMm: number }): SizeEvidence {
  return {
    kind: 'visible-top',
    top: sizeOf({ kind: 'visible-top', ...top, instrument: CALIPER }),
    bevel: NO_BEVEL,
  }
}

function gasketImprint(imprintMm: number): SizeEvidence {
  return {
    kind: 'gasket-imprint',
    diameter: sizeOf({ kind: 'gasket-imprint', imprintMm, instrument: CALIPER }),
  }
}

function sizeOf(input: ShapeInput): Estimate {
  const shape = shapeSize(input)
  if (!shape.ok) throw new Error(`a simulated ${input.kind} always has a size: ${shape.message}`)
  return shape.diameter
}

interface Broken {
  readonly trueCrystalMm: number
  readonly caliper: (trueMm: number, count: number) => readonly [number, ...number[]]
  readonly uniform: (from: number, to: number) => number
  readonly normal: (u: number) => number
  readonly random: () => number
  readonly world: World
}

interface Piece {
  readonly shown: PieceShown
  readonly diameter: Estimate
}

/** One to three pieces of a broken crystal, all read the same way. */
function piecesOf(broken: Broken): Piece[] {
  const { random, normal, world, trueCrystalMm } = broken
  const way = BROKEN_WAYS[Math.floor(random() * BROKEN_WAYS.length)] ?? 'points'
  const count = 1 + Math.floor(random() * MOST_PIECES)
  const sheetMm = normal(world.photoShared * world.photoScatterMm)
  const ownPhotoMm = Math.sqrt(1 - world.photoShared ** 2) * world.photoScatterMm
  return Array.from({ length: count }, () => {
    switch (way) {
      case 'photo':
        return photographed(trueCrystalMm + sheetMm + normal(ownPhotoMm), ownPhotoMm)
      case 'points':
        return pointed(broken)
      case 'chord':
        return chorded(broken)
    }
  })
}

/** As the photo gauge states it: half of what it says is shared by every picture of the sheet. */
const PHOTO_STATED_MM = 0.035
const PHOTO_STATED_SHARED = 0.7

function photographed(valueMm: number, ownMm: number): Piece {
  return {
    shown: { method: 'photo', valueMm, zeroSlope: 0, ownMm },
    diameter: {
      valueMm,
      standardUncertaintyMm: PHOTO_STATED_MM,
      shared: { 'gauge sheet': PHOTO_STATED_SHARED * PHOTO_STATED_MM },
    },
  }
}

/** Edge points along a piece of the rim. */
function pointed({ trueCrystalMm, uniform, normal, world }: Broken): Piece {
  const arcDeg = uniform(ARC_FROM_DEG, ARC_TO_DEG)
  const points = Array.from({ length: RIM_POINTS }, (_, i): Point => {
    const angle = ((arcDeg * i) / (RIM_POINTS - 1)) * (Math.PI / 180)
    const radius = trueCrystalMm / 2 + normal(world.rimPointScatterMm)
    return { xMm: radius * Math.cos(angle), yMm: radius * Math.sin(angle) }
  })
  const shape = shapeSize({ kind: 'points', points })
  if (!shape.ok || !shape.fit) throw new Error('simulated points always lie on a circle')
  const { diameter, fit } = shape
  // A judge who knows the scatter need not tell it from the points.
  const ownMm = (diameter.standardUncertaintyMm * world.rimPointScatterMm) / fit.pointScatterMm
  return { shown: { method: 'points', valueMm: diameter.valueMm, zeroSlope: 0, ownMm }, diameter }
}

function chorded({ trueCrystalMm, caliper, uniform, world }: Broken): Piece {
  const half = (uniform(ARC_FROM_DEG, CHORD_TO_DEG) / 2) * (Math.PI / 180)
  const [chordMm] = caliper(trueCrystalMm * Math.sin(half), 1)
  const [sagittaMm] = caliper((trueCrystalMm / 2) * (1 - Math.cos(half)), 1)
  const diameter = sizeOf({ kind: 'chord', chordMm, sagittaMm, instrument: CALIPER })
  const slope = chordMm / (2 * sagittaMm)
  const readingMm = Math.hypot(world.holdScatterMm, CALIPER.resolutionMm / Math.sqrt(12))
  return {
    shown: {
      method: 'chord',
      valueMm: diameter.valueMm,
      zeroSlope: slope + 1 - slope ** 2,
      ownMm: Math.hypot(slope, 1 - slope ** 2) * readingMm,
    },
    diameter: plainEstimate(diameter),
  }
}

/** The stock size a length is nearest to, mm. */
export function toStep(mm: number): number {
  return Math.round(mm / VERDICT_POLICY.stepMm) * VERDICT_POLICY.stepMm
}
