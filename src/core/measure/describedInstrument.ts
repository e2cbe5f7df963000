import type { LastCheck } from './instrumentDoubt'
import { instrumentDoubt } from './instrumentDoubt'
import type { InstrumentSpec } from './InstrumentSpec'
import { instrumentErrors } from './InstrumentSpec'

/** What an instrument's inside jaws' zero does when the outside jaws' is off. */
export const INSIDE_ZEROS = ['same', 'opposite'] as const

/** An instrument as the shop describes it. */
export interface DescribedInstrument {
  readonly id: number
  readonly resolutionMm: number
  readonly maximumPermissibleErrorMm: number
  readonly zeroOffsetMm: number
  /** standard uncertainty of its zero, mm; null: as its maximum permissible error allows */
  readonly zeroUncertaintyMm: number | null
  /** standard uncertainty of its scale, mm on a metre; null: none */
  readonly scaleMmPerM: number | null
  /** null: the same */
  readonly insideZero: (typeof INSIDE_ZEROS)[number] | null
  /** null or left out: it was never checked */
  readonly lastCheck?: LastCheck | null
}

/** An instrument's figures; one in doubt may be off by what its check showed as well. */
export function specOf(instrument: DescribedInstrument): InstrumentSpec {
  const { id, resolutionMm, maximumPermissibleErrorMm, zeroOffsetMm, insideZero } = instrument
  const doubt = instrumentDoubt(instrument)
  const zeroUncertaintyMm =
    doubt === null
      ? instrument.zeroUncertaintyMm
      : Math.hypot(instrument.zeroUncertaintyMm ?? maximumPermissibleErrorMm / Math.sqrt(3), doubt.offMm)
  return {
    instrumentId: id,
    resolutionMm,
    maximumPermissibleErrorMm,
    zeroOffsetMm,
    zeroUncertaintyMm,
    scaleUncertainty: (instrument.scaleMmPerM ?? 0) / 1000,
    insideZero,
  }
}

/**
 * An instrument's figures as they are kept with a reading, so that describing it anew does not rewrite the past.
 * @param inside - read by its inside jaws
 */
export function figuresKept(instrument: DescribedInstrument, inside: boolean) {
  const { ownMm, zeroMm, scale } = instrumentErrors(specOf(instrument), inside)
  const { id, resolutionMm, maximumPermissibleErrorMm, zeroOffsetMm } = instrument
  return {
    instrumentId: id,
    resolutionMm,
    maximumPermissibleErrorMm,
    zeroOffsetMm,
    ownUncertaintyMm: ownMm,
    zeroUncertaintyMm: zeroMm,
    scaleUncertainty: scale,
  }
}
