/** Height of the crystal's rim over bezel or case at one place. */
export interface RimHeight {
  /** degrees clockwise from 12 */
  readonly directionDeg: number
  /** mm; below the bezel it is negative */
  readonly heightMm: number
}

/**
 * A tilt as a vector in the plane of the rim: it points to the side that stands high, and is as long as the rim differs
 * from there to the opposite side. mm.
 */
export interface TiltVector {
  /** towards 12 */
  readonly towards12Mm: number
  /** towards 3 */
  readonly towards3Mm: number
}

/** How long it is: the rim's highest less its lowest, mm. */
export function tiltMm({ towards12Mm, towards3Mm }: TiltVector): number {
  return Math.hypot(towards12Mm, towards3Mm)
}

/** The side that stands high, degrees clockwise from 12, 0 <= x < 360. */
export function highSideDeg({ towards12Mm, towards3Mm }: TiltVector): number {
  return ((Math.atan2(towards3Mm, towards12Mm) * 180) / Math.PI + 360) % 360
}

/** The same tilt, turned clockwise. */
export function rotatedTilt({ towards12Mm, towards3Mm }: TiltVector, clockwiseDeg: number): TiltVector {
  const turn = (clockwiseDeg * Math.PI) / 180
  return {
    towards12Mm: towards12Mm * Math.cos(turn) - towards3Mm * Math.sin(turn),
    towards3Mm: towards12Mm * Math.sin(turn) + towards3Mm * Math.cos(turn),
  }
}
