/** CSS pixels a millimetre of screen: 96 an inch by definition (CSS Values and Units). */
export const CSS_PX_PER_MM = 96 / 25.4

/** “15.3 : 1”, from CSS pixels a millimetre. */
export function ratioText(pxPerMm: number): string {
  return `${(pxPerMm / CSS_PX_PER_MM).toFixed(1)} : 1`
}
