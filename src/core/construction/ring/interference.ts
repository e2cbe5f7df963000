import { requirePositive } from '../../guard/require'

/** What stands across the bore: one crystal between two gasket walls. */
export interface RingJoint {
  readonly crystalDiameterMm: number
  readonly gasketWallMm: number
  readonly boreMm: number
}

/** Standard uncertainties of the three, mm. */
export interface RingJointUncertainty {
  readonly crystalDiameterMm: number
  readonly gasketWallMm: number
  readonly boreMm: number
}

/**
 * Diametral interference of a crystal in a ring gasket: i = D + 2w − B.
 * @returns mm; negative means the crystal is loose
 * @throws RangeError if a dimension is not positive
 * @example diametralInterference({ crystalDiameterMm: 30.05, gasketWallMm: 0.5, boreMm: 31 }) // 0.05
 */
export function diametralInterference(joint: RingJoint): number {
  requirePositive('crystalDiameterMm', joint.crystalDiameterMm, 'mm')
  requirePositive('gasketWallMm', joint.gasketWallMm, 'mm')
  requirePositive('boreMm', joint.boreMm, 'mm')
  return joint.crystalDiameterMm + 2 * joint.gasketWallMm - joint.boreMm
}

/** Squeeze of the wall, as a fraction of its free thickness: q = i / 2w. */
export function wallSqueeze(joint: RingJoint): number {
  return diametralInterference(joint) / (2 * joint.gasketWallMm)
}

/** Smallest and largest squeeze round the rim of an oval bore. @param ovalityMm - largest less smallest bore, mm */
export function wallSqueezeRange(joint: RingJoint, ovalityMm: number): { least: number; most: number } {
  const half = ovalityMm / (4 * joint.gasketWallMm)
  const middle = wallSqueeze(joint)
  return { least: middle - half, most: middle + half }
}

/** Standard uncertainty of the interference, mm: u² = u_D² + 4u_w² + u_B². */
export function interferenceUncertaintyMm(u: RingJointUncertainty): number {
  return Math.hypot(u.crystalDiameterMm, 2 * u.gasketWallMm, u.boreMm)
}
