import { mean, sampleStandardDeviation } from 'simple-statistics'
import { requireAtLeast, requireFinite } from '../guard/require'
import type { Estimate } from './Estimate'
import type { InstrumentSpec } from './InstrumentSpec'
import { typeBUncertaintyMm } from './InstrumentSpec'

export interface ReadingsEstimate extends Estimate {
  readonly count: number
  /** s/√n, mm; 0 for a single reading, whose scatter is unknown */
  readonly typeAUncertaintyMm: number
  readonly typeBUncertaintyMm: number
}

/**
 * One dimension from repeated readings with one instrument: mean less the zero offset, Type A and B in quadrature.
 * @param readingsMm - as displayed, mm, one or more
 * @throws RangeError if there is no reading or one is not finite
 * @source GUM, JCGM 100:2008, 4.2 and 4.3
 * @example estimateFromReadings([30.02, 30.04, 30.03], { resolutionMm: 0.01, maximumPermissibleErrorMm: 0.03, zeroOffsetMm: 0.01 })
 * // 30.020, standard uncertainty 0.01848
 */
export function estimateFromReadings(
  readingsMm: readonly number[],
  instrument: InstrumentSpec,
): ReadingsEstimate {
  requireAtLeast('readingsMm', readingsMm, 1)
  for (const reading of readingsMm) requireFinite('readingsMm', reading, 'mm')
  const values = [...readingsMm]
  const typeA = values.length > 1 ? sampleStandardDeviation(values) / Math.sqrt(values.length) : 0
  const typeB = typeBUncertaintyMm(instrument)
  return {
    valueMm: mean(values) - instrument.zeroOffsetMm,
    standardUncertaintyMm: Math.hypot(typeA, typeB),
    count: values.length,
    typeAUncertaintyMm: typeA,
    typeBUncertaintyMm: typeB,
  }
}
