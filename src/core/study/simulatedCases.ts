import { randomLcg, randomNormal, randomUniform } from 'd3-random'
import { plainEstimate } from '../measure/combinedEstimate'
import { estimateFromReadings } from '../measure/estimateFromReadings'
import type { InstrumentSpec } from '../measure/InstrumentSpec'
import { TYPICAL_INSTRUMENTS } from '../measure/InstrumentSpec'
import type { SizeEvidence, SizeHistory } from '../verdict/SizeEvidence'
import { VERDICT_POLICY } from '../verdict/verdictPolicy'
import type { PieceShown } from './simulatedPieces'
import { CALIPER, piecesOf, sizeOf } from './simulatedPieces'
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

/** The stock size a length is nearest to, mm. */
export function toStep(mm: number): number {
  return Math.round(mm / VERDICT_POLICY.stepMm) * VERDICT_POLICY.stepMm
}
