import { requireFinite, requireNotNegative, requirePositive } from '../guard/require'

/** What an instrument's maker and its last check say of it. All mm. */
export interface InstrumentSpec {
  /** smallest step of the display, > 0 */
  readonly resolutionMm: number
  /** maximum permissible error, >= 0: ISO 13385-1 for calipers, ISO 3611 for micrometers */
  readonly maximumPermissibleErrorMm: number
  /** what it shows when closed; taken off every reading */
  readonly zeroOffsetMm: number
  /** which one it is: two readings of one instrument share its error. Left out where nobody knows */
  readonly instrumentId?: number
  /**
   * what its zero may still be off, standard uncertainty; null or left out: as its maximum permissible error allows.
   * Negative where it is off the other way than the same instrument's other readings
   */
  readonly zeroUncertaintyMm?: number | null
  /** what its scale may be off, standard uncertainty, of the length read: 0.0001 is 0.003 on 30; left out: nothing */
  readonly scaleUncertainty?: number | null
  /** what one reading is off by itself, standard uncertainty; null or left out: half a step of the display */
  readonly ownUncertaintyMm?: number | null
  /** what its inside jaws' zero does when that of its outside jaws is off; left out: the same */
  readonly insideZero?: 'same' | 'opposite' | null
}

/** Parts of an instrument's error, standard uncertainties, mm. */
export interface InstrumentErrors {
  /** of every reading by itself: a display shows steps */
  readonly ownMm: number
  /** the same for all of its readings; signed, see `zeroUncertaintyMm` */
  readonly zeroMm: number
  /** the same share of the length for all of its readings */
  readonly scale: number
}

/**
 * What an instrument's error is made of.
 * @param inside - read by its inside jaws: their zero may be off the other way
 * @throws RangeError if the spec is out of range
 * @source GUM, JCGM 100:2008, 4.3.7 (MPE/√3), F.2.2.1 (resolution/√12), F.1.2.3 (what all readings of it share)
 */
export function instrumentErrors(spec: InstrumentSpec, inside = false): InstrumentErrors {
  requirePositive('resolutionMm', spec.resolutionMm, 'mm')
  requireNotNegative('maximumPermissibleErrorMm', spec.maximumPermissibleErrorMm, 'mm')
  requireFinite('zeroOffsetMm', spec.zeroOffsetMm, 'mm')
  const zeroMm = spec.zeroUncertaintyMm ?? spec.maximumPermissibleErrorMm / Math.sqrt(3)
  const scale = spec.scaleUncertainty ?? 0
  const ownMm = spec.ownUncertaintyMm ?? spec.resolutionMm / Math.sqrt(12)
  requireFinite('zeroUncertaintyMm', zeroMm, 'mm')
  requireNotNegative('scaleUncertainty', scale, 'of the length')
  requirePositive('ownUncertaintyMm', ownMm, 'mm')
  return { ownMm, zeroMm: inside && spec.insideZero === 'opposite' ? -zeroMm : zeroMm, scale }
}

/** Defaults for an instrument not yet described. From memory: adjust to the maker's sheet. */
export const TYPICAL_INSTRUMENTS = {
  caliper: { resolutionMm: 0.01, maximumPermissibleErrorMm: 0.03, zeroOffsetMm: 0 },
  micrometer: { resolutionMm: 0.001, maximumPermissibleErrorMm: 0.004, zeroOffsetMm: 0 },
  'thickness-gauge': { resolutionMm: 0.01, maximumPermissibleErrorMm: 0.02, zeroOffsetMm: 0 },
  'inside-micrometer': { resolutionMm: 0.001, maximumPermissibleErrorMm: 0.005, zeroOffsetMm: 0 },
  'depth-gauge': { resolutionMm: 0.01, maximumPermissibleErrorMm: 0.02, zeroOffsetMm: 0 },
  'dial-indicator': { resolutionMm: 0.01, maximumPermissibleErrorMm: 0.015, zeroOffsetMm: 0 },
  'ring-gauges': { resolutionMm: 0.02, maximumPermissibleErrorMm: 0.002, zeroOffsetMm: 0 },
  'ring-cone': { resolutionMm: 0.1, maximumPermissibleErrorMm: 0.1, zeroOffsetMm: 0 },
  'radius-gauges': { resolutionMm: 0.25, maximumPermissibleErrorMm: 0.05, zeroOffsetMm: 0 },
  'pin-gauges': { resolutionMm: 0.02, maximumPermissibleErrorMm: 0.002, zeroOffsetMm: 0 },
} as const satisfies Record<string, InstrumentSpec>

export type InstrumentKind = keyof typeof TYPICAL_INSTRUMENTS

/**
 * Type B standard uncertainty of one reading: what all readings of the instrument share, and half a step of its display.
 * @returns mm; the scale's part left out
 * @throws RangeError if the spec is out of range
 * @source GUM, JCGM 100:2008, 4.3.7 (MPE/√3) and F.2.2.1 (resolution/√12)
 */
export function typeBUncertaintyMm(spec: InstrumentSpec): number {
  const { ownMm, zeroMm } = instrumentErrors(spec)
  return Math.hypot(ownMm, zeroMm)
}
