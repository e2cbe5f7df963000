import type { RimHeight, TiltVector } from '@/core/level/RimHeight'
import type { SeededRandom } from '../seededRandom'

/** A rim as it truly stands, and how it is read. All mm. */
export interface SimulatedRim {
  readonly tilt: TiltVector
  /** two opposite sides up by this, along an axis; null for a flat one */
  readonly warp: { readonly heightMm: number; readonly axisDeg: number } | null
  /** index of the place that stands on a speck, and how high; null for a clean one */
  readonly speck: { readonly place: number; readonly liftMm: number } | null
  readonly noiseMm: number
}

/** Heights an indicator shows round a rim, at these directions. */
export function heightsOf(
  { tilt, warp, speck, noiseMm }: SimulatedRim,
  directionsDeg: readonly number[],
  random: SeededRandom,
): RimHeight[] {
  return directionsDeg.map((directionDeg, place) => {
    const angle = (directionDeg * Math.PI) / 180
    const leaning = (tilt.towards12Mm * Math.cos(angle) + tilt.towards3Mm * Math.sin(angle)) / 2
    const bent = warp ? (warp.heightMm / 2) * Math.cos(2 * (angle - (warp.axisDeg * Math.PI) / 180)) : 0
    const lifted = speck?.place === place ? speck.liftMm : 0
    return { directionDeg, heightMm: 0.48 + leaning + bent + lifted + random.normal(noiseMm) }
  })
}

/** A tilt of any size up to `mostMm`, any way round. */
export function anyTilt(mostMm: number, random: SeededRandom): TiltVector {
  const [sizeMm, angle] = [random.uniform(0, mostMm), random.uniform(0, 2 * Math.PI)]
  return { towards12Mm: sizeMm * Math.cos(angle), towards3Mm: sizeMm * Math.sin(angle) }
}
