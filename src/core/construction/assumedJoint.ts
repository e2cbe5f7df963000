/** Proportions of neck and bezel where nobody measured them, mm. Assumed. */
const BEZEL_OVER_NECK_MM = 1.2
const NECK_OVER_BORE_MM = 1

/** A bezel that closes on what the crystal goes into. */
export function bezelOnOpening(openingMm: number) {
  return { neckOuterMm: openingMm - BEZEL_OVER_NECK_MM, bezelInnerMm: openingMm }
}

/** A bezel that carries the crystal in a bore of its own, and sits over a neck beyond it. */
export function bezelBeyondBore(boreMm: number) {
  const neckOuterMm = boreMm + NECK_OVER_BORE_MM
  return { neckOuterMm, bezelInnerMm: neckOuterMm + BEZEL_OVER_NECK_MM }
}
