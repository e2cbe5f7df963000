/** How a ring stands to what it is to be straight to: turned about the middle, and shifted. */
export interface Displacement {
  /** clockwise is positive, degrees */
  readonly turnedDeg: number
  /** shift of its middle, mm */
  readonly towards3Mm: number
  readonly towards12Mm: number
}

export const STRAIGHT: Displacement = { turnedDeg: 0, towards3Mm: 0, towards12Mm: 0 }

/** What so many degrees make at a radius, mm. */
export function arcMm(turnedDeg: number, radiusMm: number): number {
  return (turnedDeg * Math.PI * radiusMm) / 180
}

/** How far its middle lies off, mm. */
export function offCentreMm({ towards3Mm, towards12Mm }: Displacement): number {
  return Math.hypot(towards3Mm, towards12Mm)
}

/** The side it lies off to, degrees clockwise from 12, 0 <= x < 360. */
export function offCentreDeg({ towards3Mm, towards12Mm }: Displacement): number {
  return ((Math.atan2(towards3Mm, towards12Mm) * 180) / Math.PI + 360) % 360
}

/**
 * How far its tick stands clockwise of the tick it belongs to, mm.
 * @param directionDeg - degrees clockwise from 12
 * @source t = R·φ + dx·cosθ − dy·sinθ: a turned and shifted circle to first order
 */
export function tickOffsetMm(
  { turnedDeg, towards3Mm, towards12Mm }: Displacement,
  radiusMm: number,
  directionDeg: number,
): number {
  const angle = (directionDeg * Math.PI) / 180
  return arcMm(turnedDeg, radiusMm) + towards3Mm * Math.cos(angle) - towards12Mm * Math.sin(angle)
}

/** The most any tick round it stands off, mm: where turn and shift add up. */
export function worstOffsetMm(displacement: Displacement, radiusMm: number): number {
  return Math.abs(arcMm(displacement.turnedDeg, radiusMm)) + offCentreMm(displacement)
}
