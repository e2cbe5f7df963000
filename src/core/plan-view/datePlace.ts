import type { DatePlace } from '../construction/kinds'
import type { PlanPoint } from './planViewGeometry'
import { planPoint } from './planViewGeometry'

/**
 * Direction of a date, degrees clockwise from 12.
 * @example dateDirectionDeg('4:30') // 135
 */
export function dateDirectionDeg(place: DatePlace): number {
  const [hour = 0, minutes = 0] = place.split(':').map(Number)
  return ((hour % 12) + minutes / 60) * 30
}

/** Middle of the date seen from above, mm; at 3 where nobody said at which hour (common practice). */
export function datePoint(radiusMm: number, place: DatePlace | null): PlanPoint {
  return planPoint(radiusMm, dateDirectionDeg(place ?? '3'))
}
