import { requireFinite } from '../guard/require'

/** Stretch up to which the handbook's fit was made, percent. */
const MOST_STRETCH_PERCENT = 25
const FIRST_PIECE_PERCENT = 3

/**
 * How much thinner an O-ring's section is when its inside is stretched.
 * @param stretch - of the inside diameter, 0.02 is 2 %; a ring that is not stretched keeps its section
 * @returns share of the free section that is lost, 0…1
 * @throws RangeError above 25 %: the fit was not made for it
 * @source Parker O-Ring Handbook ORD 5700, fit of section loss over stretch in two pieces
 * @example sectionLossAtStretch(0.02) // 0.01735
 */
export function sectionLossAtStretch(stretch: number): number {
  requireFinite('stretch', stretch, 'share')
  const x = 100 * stretch
  if (x > MOST_STRETCH_PERCENT) throw new RangeError(`stretch: expected at most 25 %, got ${x.toFixed(1)} %`)
  if (x <= 0) return 0
  const percent =
    x <= FIRST_PIECE_PERCENT
      ? -0.005 + 1.19 * x - 0.19 * x ** 2 - 0.001 * x ** 3 + 0.008 * x ** 4
      : 0.56 + 0.59 * x - 0.0046 * x ** 2
  // The first piece starts a hair below nothing.
  return Math.max(0, percent) / 100
}

/**
 * Least loss a stretched ring can have: its rubber keeps its volume. 1 − 1/√(1 + x).
 * @param stretch - share, >= 0
 */
export function leastSectionLoss(stretch: number): number {
  return stretch <= 0 ? 0 : 1 - 1 / Math.sqrt(1 + stretch)
}
