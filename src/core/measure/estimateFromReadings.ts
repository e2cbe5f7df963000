import { mean } from 'simple-statistics'
import { requireAtLeast, requireFinite } from '../guard/require'
import { asIfAlone, estimateOfParts } from './combinedEstimate'
import type { Estimate, SharedErrors } from './Estimate'
import type { InstrumentSpec } from './InstrumentSpec'
import { instrumentErrors } from './InstrumentSpec'

export interface ReadingsEstimate extends Estimate {
  readonly count: number
  /** s/√n, mm; 0 where no reading is to spare to tell it from */
  readonly typeAUncertaintyMm: number
  readonly typeBUncertaintyMm: number
}

export interface ReadingsOptions {
  /** parameters the readings were fitted with before: one for a mean, three for a mean and an oval */
  readonly fitted?: number
  /** by inside jaws: their zero may go the other way than the outside jaws' */
  readonly inside?: boolean
}

/**
 * One dimension from repeated readings with one instrument: mean less the zero offset, Type A and B in quadrature. What
 * the instrument is off is shared with everything else it read; scatter and the display's step are these readings' own.
 * @param readingsMm - as displayed, what was fitted beside their mean taken off, mm, one or more
 * @throws RangeError if there is no reading, one is not finite, or the instrument's figures are out of range
 * @source GUM, JCGM 100:2008, 4.2 (Type A; n − k degrees of freedom after a fit of k parameters: H.3.2), 4.3, F.1.2.3
 * @example estimateFromReadings([30.02, 30.04, 30.03], { resolutionMm: 0.01, maximumPermissibleErrorMm: 0.03, zeroOffsetMm: 0.01 })
 * // 30.020, standard uncertainty 0.01848
 */
export function estimateFromReadings(
  readingsMm: readonly number[],
  instrument: InstrumentSpec,
  { fitted = 1, inside = false }: ReadingsOptions = {},
): ReadingsEstimate {
  requireAtLeast('readingsMm', readingsMm, 1)
  for (const reading of readingsMm) requireFinite('readingsMm', reading, 'mm')
  const { ownMm, zeroMm, scale } = instrumentErrors(instrument, inside)
  const count = readingsMm.length
  const middle = mean([...readingsMm])
  const spare = count - fitted
  const squares = readingsMm.reduce((sum, mm) => sum + (mm - middle) ** 2, 0)
  const typeA = spare > 0 ? Math.sqrt(squares / spare / count) : 0
  const valueMm = middle - instrument.zeroOffsetMm
  const shared: SharedErrors = {
    [`zero ${instrument.instrumentId ?? '?'}`]: zeroMm,
    [`scale ${instrument.instrumentId ?? '?'}`]: scale * valueMm,
  }
  // Welch–Satterthwaite with the only part that has few degrees of freedom: the scatter.
  const degrees = (u: number) => (typeA > 0 ? (spare * u ** 4) / typeA ** 4 : Infinity)
  const estimate = estimateOfParts(valueMm, typeA ** 2 + ownMm ** 2, shared, degrees)
  return {
    ...(instrument.instrumentId === undefined ? asIfAlone(estimate) : estimate),
    count,
    typeAUncertaintyMm: typeA,
    typeBUncertaintyMm: Math.hypot(ownMm, zeroMm, scale * valueMm),
  }
}
