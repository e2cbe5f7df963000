/** A place on the rim where its height is read. */
export interface RimPlace {
  /** as it is said: “12”, “1:30” */
  readonly hour: string
  /** degrees clockwise from 12 */
  readonly directionDeg: number
}

const at = (hour: string, directionDeg: number): RimPlace => ({ hour, directionDeg })

/**
 * Every place a rim is read at, in the order they are asked for: opposite places first, so that the first two already
 * show a lean. The first four are read with every pattern that has them; a pattern only names its own.
 */
export const RIM_PLACES: readonly RimPlace[] = [
  at('12', 0),
  at('6', 180),
  at('3', 90),
  at('9', 270),
  at('1:30', 45),
  at('7:30', 225),
  at('4:30', 135),
  at('10:30', 315),
  at('2', 60),
  at('8', 240),
  at('4', 120),
  at('10', 300),
]

/** How many places round the rim are read: more of them tell dirt from a warp. Common practice. */
export const RIM_PATTERNS = [4, 6, 8] as const
export type RimPattern = (typeof RIM_PATTERNS)[number]

const HOURS_OF: Readonly<Record<RimPattern, readonly string[]>> = {
  4: ['12', '6', '3', '9'],
  6: ['12', '6', '2', '8', '4', '10'],
  8: ['12', '6', '3', '9', '1:30', '7:30', '4:30', '10:30'],
}

/** Indices into `RIM_PLACES` of a pattern, in the order they are read. */
export function placesOf(pattern: RimPattern): readonly number[] {
  return HOURS_OF[pattern].map((hour) => RIM_PLACES.findIndex((place) => place.hour === hour))
}

const DEGREES_OF_HOUR = 30

/**
 * A direction as a place on the clock, to the half hour.
 * @param directionDeg - degrees clockwise from 12, any turn
 * @example clockText(346) // 'between 11 and 12'; clockText(90) // 'at 3'
 */
export function clockText(directionDeg: number): string {
  const halves = Math.round(turned(directionDeg) / (DEGREES_OF_HOUR / 2)) % 24
  const hour = hourName(Math.floor(halves / 2))
  return halves % 2 === 0 ? `at ${hour}` : `between ${hour} and ${hourName(Math.floor(halves / 2) + 1)}`
}

/** The nearest hour to a direction, 1 to 12. */
export function nearestHour(directionDeg: number): number {
  return Math.round(turned(directionDeg) / DEGREES_OF_HOUR) % 12 || 12
}

/** A direction brought to 0 <= x < 360. */
export function turned(directionDeg: number): number {
  return ((directionDeg % 360) + 360) % 360
}

function hourName(hour: number): string {
  return String(hour % 12 || 12)
}
