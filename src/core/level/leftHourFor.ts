import { nearestHour } from './rimPlaces'

const LEFT_DEG = 270

/**
 * The hour that comes to lie at the press's left when a direction of the case lies at one of the press.
 * @param caseDeg - degrees clockwise from 12
 * @param pressDeg - degrees clockwise from the far side
 * @example leftHourFor(346, 90) // 6: with 11:30 at the right, 6 is at the left
 */
export function leftHourFor(caseDeg: number, pressDeg: number): number {
  return nearestHour(LEFT_DEG + caseDeg - pressDeg)
}
