/** A point in the plane, mm. */
export interface Point {
  readonly xMm: number
  readonly yMm: number
}

export interface Circle {
  readonly centre: Point
  readonly radiusMm: number
}

/** Signed distance of a point from a circle, mm: + outside. */
export function distanceFromCircle(point: Point, { centre, radiusMm }: Circle): number {
  return Math.hypot(point.xMm - centre.xMm, point.yMm - centre.yMm) - radiusMm
}
