import { requireNotNegative, requirePositive } from '../guard/require'
import { combinedEstimate } from '../measure/combinedEstimate'
import type { Estimate } from '../measure/Estimate'

/**
 * The circle a piece of rim belongs to, from its chord and its sagitta (the rise of the arc over the chord).
 * @param chord - straight distance between the ends, mm, > 0
 * @param sagitta - height of the arc's middle over the chord, mm, > 0; at most half a circle (h <= c/2)
 * @returns diameter with its standard uncertainty, mm
 * @throws RangeError when a length is not > 0 or the arc is more than half a circle
 * @source D = c²/(4h) + h; u by the law of propagation, GUM JCGM 100:2008, 5.1.2; what both share by one instrument, 5.2.2
 * @example circleFromChord({ valueMm: 18, standardUncertaintyMm: 0.03 }, { valueMm: 3.2, standardUncertaintyMm: 0.03 }) // 28.5125, u 0.2238
 */
export function circleFromChord(chord: Estimate, sagitta: Estimate): Estimate {
  const [c, h] = [chord.valueMm, sagitta.valueMm]
  requirePositive('chord', c, 'mm')
  requirePositive('sagitta', h, 'mm')
  requireNotNegative('chord uncertainty', chord.standardUncertaintyMm, 'mm')
  requireNotNegative('sagitta uncertainty', sagitta.standardUncertaintyMm, 'mm')
  if (h > c / 2) throw new RangeError(`sagitta: expected at most half the chord (${c / 2} mm), got ${h}`)
  const slope = c / (2 * h)
  return {
    ...combinedEstimate([
      [slope, chord],
      [1 - slope * slope, sagitta],
    ]),
    valueMm: (c * c) / (4 * h) + h,
  }
}

/** What a piece of rim must offer for a wanted uncertainty. */
export interface ArcNeeded {
  /** angle the arc spans at the centre, degrees, 0 to 180 */
  readonly arcDeg: number
  readonly chordMm: number
  readonly sagittaMm: number
}

const SMALLEST_HALF_ANGLE = 0.01
const HALVINGS = 60

/**
 * The shortest arc from which chord and sagitta give the diameter well enough.
 * @param diameterMm - the diameter it is about, mm, > 0
 * @param wantedUncertaintyMm - standard uncertainty wanted of the diameter, mm, > 0
 * @param lengths - standard uncertainty of chord and of sagitta, mm
 * @returns null when not even half a circle is enough: measure across instead
 */
export function arcNeeded(
  diameterMm: number,
  wantedUncertaintyMm: number,
  lengths: { readonly chordMm: number; readonly sagittaMm: number },
): ArcNeeded | null {
  requirePositive('diameterMm', diameterMm, 'mm')
  requirePositive('wantedUncertaintyMm', wantedUncertaintyMm, 'mm')
  const uncertaintyAt = (halfAngle: number) => {
    // c/2h of an arc of half-angle a is cot(a/2).
    const slope = 1 / Math.tan(halfAngle / 2)
    return Math.hypot(slope * lengths.chordMm, (1 - slope * slope) * lengths.sagittaMm)
  }
  if (uncertaintyAt(Math.PI / 2) > wantedUncertaintyMm) return null
  let [short, long] = [SMALLEST_HALF_ANGLE, Math.PI / 2]
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (short + long) / 2
    if (uncertaintyAt(middle) > wantedUncertaintyMm) short = middle
    else long = middle
  }
  return {
    arcDeg: (2 * long * 180) / Math.PI,
    chordMm: diameterMm * Math.sin(long),
    sagittaMm: (diameterMm * (1 - Math.cos(long))) / 2,
  }
}
