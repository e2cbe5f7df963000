import { requireFinite } from '../guard/require'
import type { RimHeight, TiltVector } from './RimHeight'
import { fitRimPlane } from './fitRimPlane'
import type { RimEvidence } from './rimEvidence'
import { rimEvidence } from './rimEvidence'
import type { RimWorld } from './rimWorld'
import { LEAST_PLACES_NAMED, namedFrom, RIM_WORLD, TOLD_WARP } from './rimWorld'
import { turned } from './rimPlaces'
import { sum } from './sum'

/** What lifts a rim beside its tilt. */
export type RimOddity =
  /** one place stands on something */
  | {
      readonly kind: 'dirt'
      readonly directionDeg: number
      readonly liftMm: number
      readonly probability: number
    }
  /** two opposite sides stand high: warped crystal, oval seat */
  | {
      readonly kind: 'warp'
      readonly axisDeg: number
      readonly heightMm: number
      readonly probability: number
    }
  /** too few places to tell which */
  | { readonly kind: 'dirt-or-warp' }

export interface RimReading {
  /** height in the middle, mm */
  readonly meanMm: number
  readonly tilt: TiltVector
  /** standard uncertainty of each half of the tilt vector, mm */
  readonly standardUncertaintyMm: number
  /** of the plane through all places, in their order, mm */
  readonly residualsMm: readonly number[]
  /** null where the rest is what hand and indicator scatter */
  readonly oddity: RimOddity | null
}

export type RimReadingOutcome = { ok: true; reading: RimReading } | { ok: false; reason: 'too-few-places' }

/** Larger than this a residual of four places is more than scatter, in standard deviations of it. */
const BEYOND_SCATTER = 3

/**
 * Reads a rim: its tilt, and whether something lifts one place or bends it, each cause weighed by how well it explains
 * the heights. A place read several times counts by its mean.
 * @source rimEvidence; the tilt is the mean over all causes (Bayesian model averaging, Hoeting et al. 1999)
 */
export function readRim(all: readonly RimHeight[], world: RimWorld = RIM_WORLD): RimReadingOutcome {
  for (const { heightMm } of all) requireFinite('heightMm', heightMm, 'mm')
  const heights = byPlace(all)
  const fitted = fitRimPlane(heights)
  if (!fitted.ok) return fitted
  const { plane } = fitted
  const evidence = rimEvidence(heights, world)
  const most = Math.max(...evidence.map(({ logWeight }) => logWeight))
  const weights = evidence.map(({ logWeight }) => Math.exp(logWeight - most))
  const total = sum(weights)
  const mean = (of: (one: RimEvidence) => number) =>
    sum(evidence.map((one, i) => ((weights[i] ?? 0) / total) * of(one)))
  const share = (is: (one: RimEvidence) => boolean) => mean((one) => (is(one) ? 1 : 0))
  const [cosMm, sinMm] = [mean((one) => one.cosMm), mean((one) => one.sinMm)]
  // Scatter within each cause, and between them.
  const variance = mean((one) => one.varianceMm2 + ((one.cosMm - cosMm) ** 2 + (one.sinMm - sinMm) ** 2) / 2)
  return {
    ok: true,
    reading: {
      meanMm: mean((one) => one.meanMm),
      tilt: { towards12Mm: 2 * cosMm, towards3Mm: 2 * sinMm },
      standardUncertaintyMm: 2 * Math.sqrt(variance),
      residualsMm: plane.residualsMm,
      oddity:
        heights.length < LEAST_PLACES_NAMED
          ? oddOfFew(plane.residualsMm, world)
          : oddOf(heights, evidence, { mean, share }),
    },
  }
}

interface Weighed {
  readonly mean: (of: (one: RimEvidence) => number) => number
  readonly share: (is: (one: RimEvidence) => boolean) => number
}

function oddOf(
  heights: readonly RimHeight[],
  evidence: readonly RimEvidence[],
  { mean, share }: Weighed,
): RimOddity | null {
  const places = heights.map(({ directionDeg }, place) => ({
    place,
    directionDeg,
    probability: share(({ lifted }) => lifted === place),
  }))
  const likeliest = places.reduce((best, one) => (one.probability > best.probability ? one : best))
  if (share(({ lifted }) => lifted !== null) >= namedFrom(heights.length)) {
    const { directionDeg, place, probability } = likeliest
    const liftMm = mean(({ lifted, bumpMm }) => (lifted === place ? bumpMm : 0)) / probability
    return { kind: 'dirt', directionDeg, liftMm, probability }
  }
  const probability = share(({ warped }) => warped)
  if (probability < TOLD_WARP) return null
  const [cosMm, sinMm] = [
    mean((one) => (one.warped ? one.warpCosMm : 0)) / probability,
    mean((one) => (one.warped ? one.warpSinMm : 0)) / probability,
  ]
  return {
    kind: 'warp',
    axisDeg: turned((Math.atan2(sinMm, cosMm) * 90) / Math.PI) % 180,
    heightMm: 2 * Math.hypot(cosMm, sinMm),
    probability,
  }
}

/** With four places dirt, its opposite and a warp leave the same residual: more than scatter is all that can be said. */
function oddOfFew(residualsMm: readonly number[], { noisesMm }: RimWorld): RimOddity | null {
  const spareMm = Math.sqrt(sum(residualsMm.map((mm) => mm ** 2)))
  const usualMm = sum(noisesMm) / noisesMm.length
  return spareMm > BEYOND_SCATTER * usualMm ? { kind: 'dirt-or-warp' } : null
}

/** One height a place, the mean of what was read there. */
function byPlace(all: readonly RimHeight[]): RimHeight[] {
  const directions = [...new Set(all.map(({ directionDeg }) => turned(directionDeg)))]
  return directions.map((directionDeg) => {
    const here = all.filter((one) => turned(one.directionDeg) === directionDeg)
    return { directionDeg, heightMm: sum(here.map(({ heightMm }) => heightMm)) / here.length }
  })
}
