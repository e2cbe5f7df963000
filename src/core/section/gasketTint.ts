/** How a ring is held, from its squeeze: decides its tint and its word. */
export type SqueezeState = 'loose' | 'slack' | 'good' | 'tight' | 'crushed'

/**
 * @param interferenceMm - diametral interference
 * @param band - interference the ring's material wants, mm
 */
export function squeezeState(
  interferenceMm: number,
  band: { readonly lowMm: number; readonly highMm: number },
): SqueezeState {
  const width = band.highMm - band.lowMm
  if (interferenceMm <= 0) return 'loose'
  if (interferenceMm < band.lowMm) return 'slack'
  if (interferenceMm <= band.highMm) return 'good'
  return interferenceMm <= band.highMm + width / 2 ? 'tight' : 'crushed'
}
