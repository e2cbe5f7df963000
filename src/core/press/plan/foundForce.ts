import type { GasketMaterial } from '../../fit/parts'
import { pressForceN } from '../pressForce'

/** The joint as it came in; null where nobody knows a figure. All mm. */
export interface FoundRing {
  readonly crystalMm: number | null
  readonly wallMm: number | null
  readonly heightMm: number | null
  readonly boreMm: number | null
  readonly material: GasketMaterial | null
}

/**
 * The force that slides the old crystal out of its ring: the friction it went in with, by the old ring's figures.
 * @returns N; null where a figure is missing, or the ring is not squeezed
 */
export function foundForceN({ crystalMm, wallMm, heightMm, boreMm, material }: FoundRing): number | null {
  if (crystalMm === null || wallMm === null || heightMm === null || boreMm === null || material === null)
    return null
  const squeeze = (crystalMm + 2 * wallMm - boreMm) / (2 * wallMm)
  return squeeze > 0 ? pressForceN({ material, heightMm }, crystalMm, squeeze) : null
}
