import { requirePositive } from '../guard/require'

/**
 * Young's modulus of a rubber from its hardness, MPa: 0.0981(56 + 7.62336 S) / (0.137505(254 − 2.54 S)).
 * @param shoreA - 20…80
 * @throws RangeError outside that range
 * @source Gent, Inst. Rubber Ind. Trans. 34 (1958)
 * @example rubberModulusMPa(70) // 5.52
 */
export function rubberModulusMPa(shoreA: number): number {
  if (!(shoreA >= 20 && shoreA <= 80)) throw new RangeError(`shoreA: expected 20…80, got ${shoreA}`)
  return (0.0981 * (56 + 7.62336 * shoreA)) / (0.137505 * (254 - 2.54 * shoreA))
}

/** 1.25 C^1.5 + 50 C⁶, C the squeeze. @example lindleyBracket(0.2) // 0.115 */
export function lindleyBracket(squeeze: number): number {
  return 1.25 * squeeze ** 1.5 + 50 * squeeze ** 6
}

/**
 * Load that squeezes an O-ring between flat faces, N for every mm of its length: d·E·(1.25 C^1.5 + 50 C⁶). Times the
 * ring's mean circumference π·D it is the whole load.
 * @param sectionMm - d, > 0
 * @param squeeze - C, 0…0.5
 * @throws RangeError outside those ranges
 * @source Lindley, J. IRI 1 (1967): F = π·D·d·E·(1.25 C^1.5 + 50 C⁶) for the whole ring
 */
export function lindleyLoadPerMm(sectionMm: number, squeeze: number, modulusMPa: number): number {
  requirePositive('sectionMm', sectionMm, 'mm')
  requirePositive('modulusMPa', modulusMPa, 'MPa')
  if (!(squeeze >= 0 && squeeze <= 1)) throw new RangeError(`squeeze: expected 0…1, got ${squeeze}`)
  return sectionMm * modulusMPa * lindleyBracket(squeeze)
}
