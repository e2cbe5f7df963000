import { chordBetweenNotches, requireNotchCount } from './chordBetweenNotches'

/** How the three pins of a case wrench are set to a notched back. Notch 0 is at 12, counted clockwise. */
interface PinTriple {
  /** notches the pins stand in: the first two are the pair that is set to a spacing, the third stands opposite */
  readonly notches: readonly [number, number, number]
  /** notches between neighbouring pins, the pair's first */
  readonly gaps: readonly [number, number, number]
  /** spacing of the pair, mm */
  readonly pairSpacingMm: number
  /** the third pin from the line through the pair, mm */
  readonly thirdPinDistanceMm: number
  /** smallest angle of the triangle, degrees; 60 is equilateral */
  readonly smallestAngleDeg: number
}

export type PinSetting =
  | { grip: 'three-pins'; triple: PinTriple }
  /** three pins can be set but tip over the pair that lies on a diameter */
  | { grip: 'rocks'; triple: PinTriple; instead: string }
  | { grip: 'two-pins'; spacingMm: number; instead: string }

const INSTEAD =
  'Use two pins in opposite notches, or better a die made for this back: it grips every notch and cannot tip.'

/**
 * The three notches nearest to an equilateral triangle, and what to set on the wrench.
 * @param notchCircleMm - circle through the notch centres, mm, > 0
 * @param notchCount - equally spaced notches, whole, 2…24
 * @throws RangeError if an argument is outside its range
 * @source an inscribed angle is half its arc: the triangle is most even when the gaps are
 * @example pinSetting(34.64, 6) // notches 2 apart, 30.00 between, third pin 25.98 away
 */
export function pinSetting(notchCircleMm: number, notchCount: number): PinSetting {
  requireNotchCount(notchCount)
  if (notchCount === 2) {
    return { grip: 'two-pins', spacingMm: chordBetweenNotches(notchCircleMm, 2, 1), instead: INSTEAD }
  }
  const triple = tripleOf(notchCircleMm, notchCount, evenGaps(notchCount))
  // A gap of half the circle or more leaves the axis outside the triangle: the wrench tips about that side.
  const rocks = Math.max(...triple.gaps) >= notchCount / 2
  return rocks ? { grip: 'rocks', triple, instead: INSTEAD } : { grip: 'three-pins', triple }
}

/** Three gaps as even as whole notches allow, the odd one first: its pins are the pair. */
function evenGaps(notchCount: number): readonly [number, number, number] {
  const least = Math.floor(notchCount / 3)
  const over = notchCount % 3
  if (over === 1) return [least + 1, least, least]
  if (over === 2) return [least, least + 1, least + 1]
  return [least, least, least]
}

function tripleOf(
  notchCircleMm: number,
  notchCount: number,
  gaps: readonly [number, number, number],
): PinTriple {
  const [pair, next] = gaps
  const half = notchCircleMm / 2
  return {
    notches: [0, pair, pair + next],
    gaps,
    pairSpacingMm: chordBetweenNotches(notchCircleMm, notchCount, pair),
    // The two other gaps are alike, so the third pin stands opposite the middle of the pair.
    thirdPinDistanceMm: half + half * Math.cos((Math.PI * pair) / notchCount),
    smallestAngleDeg: (180 * Math.min(...gaps)) / notchCount,
  }
}
