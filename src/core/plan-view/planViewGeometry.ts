/** The case seen from above, 12 up, 3 to the right. Angles in degrees clockwise from 12; y downward as on a screen. All mm. */

export interface PlanPoint {
  readonly xMm: number
  readonly yMm: number
}

/** Point on a circle about the centre. */
export function planPoint(radiusMm: number, directionDeg: number): PlanPoint {
  const angle = (directionDeg * Math.PI) / 180
  return { xMm: radiusMm * Math.sin(angle), yMm: -radiusMm * Math.cos(angle) }
}

/**
 * Closed outline of an oval bore with its ovality enlarged to be seen.
 * @param enlarge - times the ovality is drawn larger than it is
 */
export function ovalOutline(
  oval: { readonly diameterMm: number; readonly ovalityMm: number; readonly longAxisDeg: number },
  enlarge: number,
  steps = 72,
): PlanPoint[] {
  return Array.from({ length: steps }, (_, i) => {
    const directionDeg = (360 * i) / steps
    const lobe = Math.cos((2 * (directionDeg - oval.longAxisDeg) * Math.PI) / 180)
    return planPoint((oval.diameterMm + (enlarge * oval.ovalityMm * lobe) / 2) / 2, directionDeg)
  })
}
