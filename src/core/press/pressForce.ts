import type { GasketMaterial } from '../fit/parts'
import { requirePositive } from '../guard/require'

/** What a ring's material does under a crystal's edge. MPa but for ν and µ. */
interface RingMaterial {
  readonly youngsModulusMPa: number
  readonly poissonsRatio: number
  readonly yieldMPa: number
  readonly friction: number
}

/** All from memory. */
const RING_MATERIALS: Readonly<Record<GasketMaterial, RingMaterial>> = {
  nylon: { youngsModulusMPa: 1600, poissonsRatio: 0.4, yieldMPa: 55, friction: 0.2 },
  acetal: { youngsModulusMPa: 2800, poissonsRatio: 0.35, yieldMPa: 65, friction: 0.2 },
  PTFE: { youngsModulusMPa: 500, poissonsRatio: 0.46, yieldMPa: 20, friction: 0.08 },
  nitrile: { youngsModulusMPa: 8, poissonsRatio: 0.49, yieldMPa: 12, friction: 0.6 },
}
/** Part of a ring's height that its ribs bear with. From memory. */
const RIB_FACTOR = 0.25

/**
 * Force that slides a crystal into its ring: a first guess, which the shop's own runs rescale.
 * @param squeeze - of the wall, > 0: its share of the free wall
 * @returns N
 * @throws RangeError if a figure is not positive
 * @source F = µ·π·D·h_eff·p_c, p_c = min(E/(1 − ν²)·q, yield); material values from memory
 * @example 30 mm, nylon 1.0 high, squeezed 0.05 // 259.18 N
 */
export function pressForceN(
  ring: { readonly material: GasketMaterial; readonly heightMm: number },
  diameterMm: number,
  squeeze: number,
): number {
  requirePositive('heightMm', ring.heightMm, 'mm')
  requirePositive('diameterMm', diameterMm, 'mm')
  requirePositive('squeeze', squeeze, 'of the wall')
  const { youngsModulusMPa, poissonsRatio, yieldMPa, friction } = RING_MATERIALS[ring.material]
  const contactMPa = Math.min((youngsModulusMPa / (1 - poissonsRatio ** 2)) * squeeze, yieldMPa)
  return friction * Math.PI * diameterMm * RIB_FACTOR * ring.heightMm * contactMPa
}
