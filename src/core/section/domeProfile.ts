import { domeHeightAt } from './domeHeightAt'
import type { Point } from './outline'

/** Points along a curved face: smooth at every scale the screen shows. */
const ARC_STEPS = 24

/**
 * Height of a dome over its edge, from the axis to the edge.
 * @param radiusMm - half the domed face
 * @param riseMm - centre over edge; 0 gives a flat face
 * @source sphere through edge and centre: R = (a² + h²) / 2h
 */
export function domeProfile(radiusMm: number, riseMm: number): Point[] {
  if (riseMm <= 0)
    return [
      [0, 0],
      [radiusMm, 0],
    ]
  // A dome is no more than half a sphere, whatever somebody typed.
  const rise = Math.min(riseMm, radiusMm)
  return Array.from({ length: ARC_STEPS + 1 }, (_, i): Point => {
    const r = i === ARC_STEPS ? radiusMm : (radiusMm * i) / ARC_STEPS
    return [r, domeHeightAt(radiusMm, rise, r)]
  })
}

/** Radius of the sphere of a dome, mm: R = (a² + h²) / 2h. */
export function domeRadiusMm(radiusMm: number, riseMm: number): number {
  return (radiusMm * radiusMm + riseMm * riseMm) / (2 * riseMm)
}
