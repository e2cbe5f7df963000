import type { RingJoint } from './interference'
import { wallSqueeze } from './interference'

/** The directions a bore is read in, as they are said at the bench. */
const DIRECTIONS = [
  ['12–6', 0],
  ['2–8', 45],
  ['3–9', 90],
  ['4–10', 135],
] as const

export interface DirectionSqueeze {
  readonly direction: string
  /** of the wall's free thickness */
  readonly squeeze: number
}

/**
 * Squeeze of a ring in an oval bore, across each direction: bore(θ) = B + (ovality / 2)·cos 2(θ − long axis).
 * @param ovalityMm - largest less smallest bore, >= 0
 * @param longAxisDeg - clockwise from 12
 * @example along the long axis the bore is widest: the ring is squeezed least there
 */
export function squeezeByDirection(
  joint: RingJoint,
  ovalityMm: number,
  longAxisDeg: number,
): DirectionSqueeze[] {
  return DIRECTIONS.map(([direction, deg]) => {
    const wider = (ovalityMm / 2) * Math.cos((2 * (deg - longAxisDeg) * Math.PI) / 180)
    return { direction, squeeze: wallSqueeze({ ...joint, boreMm: joint.boreMm + wider }) }
  })
}
