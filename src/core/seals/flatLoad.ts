import type { Fractions } from '../fit/Window'
import { requirePositive } from '../guard/require'

/** How much a face that holds rubber stiffens it, by hardness 70. @source Lindley's table, from memory */
const STIFFENED_BY_SHAPE = 0.53
/** Long strips cannot give way along their length. @source Gent and Lindley 1959 */
const LONG_STRIP = 4 / 3

/**
 * Stress that squeezes a flat strip of rubber, MPa: E·(λ⁻² − λ)/3 where its faces slip, which grease makes them; times
 * 4/3·(1 + k·S²) where they hold it, S the width over twice the thickness. What a gasket does lies between.
 * @param share - of the thickness that is pressed away, 0…0.7
 * @throws RangeError if a size is not positive or the share is outside that range
 * @source Gent and Lindley, Proc. IMechE 173 (1959); the first factor is the neo-Hookean law of rubber elasticity
 * @example flatStressMPa({ widthMm: 0.8, thicknessMm: 0.5 }, 0.2, 5.52) // low 1.40, high 2.5
 */
export function flatStressMPa(
  { widthMm, thicknessMm }: { readonly widthMm: number; readonly thicknessMm: number },
  share: number,
  modulusMPa: number,
): Fractions {
  requirePositive('widthMm', widthMm, 'mm')
  requirePositive('thicknessMm', thicknessMm, 'mm')
  requirePositive('modulusMPa', modulusMPa, 'MPa')
  if (!(share >= 0 && share <= MOST_SHARE))
    throw new RangeError(`share: expected 0…${MOST_SHARE}, got ${share}`)
  const left = 1 - share
  const low = (modulusMPa / 3) * (left ** -2 - left)
  const shape = widthMm / (2 * thicknessMm)
  return { low, high: low * LONG_STRIP * (1 + STIFFENED_BY_SHAPE * shape ** 2) }
}

const MOST_SHARE = 0.7
