import { reaches } from '../units/within'

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
  if (!reaches(interferenceMm, band.lowMm)) return 'slack'
  if (reaches(band.highMm, interferenceMm)) return 'good'
  return reaches(band.highMm + width / 2, interferenceMm) ? 'tight' : 'crushed'
}
