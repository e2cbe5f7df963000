import { planPoint } from '../plan-view/planViewGeometry'
import type { PlanPoint } from '../plan-view/planViewGeometry'

/** Centres of equally spaced notches or screws on a back, the first at 12, clockwise. */
export function ringPositions(circleMm: number, count: number): PlanPoint[] {
  return Array.from({ length: count }, (_, i) => planPoint(circleMm / 2, (360 * i) / count))
}
