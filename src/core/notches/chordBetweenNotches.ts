import { requirePositive } from '../guard/require'

/** Notches a case back can have: two for a two-pin key, and no cutter makes more than this. From memory. */
export const FEWEST_NOTCHES = 2
export const MOST_NOTCHES = 24

/** Circle through the notches of any watch's back, mm. From memory. */
export const LEAST_NOTCH_CIRCLE_MM = 8
export const MOST_NOTCH_CIRCLE_MM = 60

/**
 * Straight distance between two notch centres on a screw-on case back.
 * @param notchCircleMm - circle through the notch centres, mm, > 0
 * @param notchCount - equally spaced notches, whole, 2…24
 * @param skip - notches stepped over, whole, 1…notchCount−1 (1 = neighbours)
 * @returns chord, mm
 * @throws RangeError if an argument is outside its range
 * @source chord of a circle: c = D·sin(πk/n)
 * @example chordBetweenNotches(34.64, 6, 2) // 30.00
 */
export function chordBetweenNotches(notchCircleMm: number, notchCount: number, skip: number): number {
  requirePositive('notchCircleMm', notchCircleMm, 'mm')
  return notchCircleMm * chordFactor(notchCount, skip)
}

/**
 * The notch circle from a chord measured between two notches: the inverse of {@link chordBetweenNotches}.
 * @param chordMm - measured between notch centres, mm, > 0
 * @returns circle through the notch centres, mm
 * @throws RangeError if an argument is outside its range
 */
export function notchCircleFromChord(chordMm: number, notchCount: number, skip: number): number {
  requirePositive('chordMm', chordMm, 'mm')
  return chordMm / chordFactor(notchCount, skip)
}

function chordFactor(notchCount: number, skip: number): number {
  requireNotchCount(notchCount)
  if (!Number.isInteger(skip) || skip < 1 || skip >= notchCount) {
    throw new RangeError(`skip: expected a whole number from 1 to ${notchCount - 1}, got ${skip}`)
  }
  return Math.sin((Math.PI * skip) / notchCount)
}

/** @throws RangeError unless a back can have this many notches */
export function requireNotchCount(notchCount: number): void {
  if (!Number.isInteger(notchCount) || notchCount < FEWEST_NOTCHES || notchCount > MOST_NOTCHES) {
    throw new RangeError(
      `notchCount: expected a whole number from ${FEWEST_NOTCHES} to ${MOST_NOTCHES}, got ${notchCount}`,
    )
  }
}
