import { requireFinite, requireNotNegative, requirePositive } from '../guard/require'

/** What an instrument's maker and its last check say of it. All mm. */
export interface InstrumentSpec {
  /** smallest step of the display, > 0 */
  readonly resolutionMm: number
  /** maximum permissible error, >= 0: ISO 13385-1 for calipers, ISO 3611 for micrometers */
  readonly maximumPermissibleErrorMm: number
  /** what it shows when closed; taken off every reading */
  readonly zeroOffsetMm: number
}

/** Defaults for an instrument not yet described. From memory: adjust to the maker's sheet. */
export const TYPICAL_INSTRUMENTS = {
  caliper: { resolutionMm: 0.01, maximumPermissibleErrorMm: 0.03, zeroOffsetMm: 0 },
  micrometer: { resolutionMm: 0.001, maximumPermissibleErrorMm: 0.004, zeroOffsetMm: 0 },
  'thickness-gauge': { resolutionMm: 0.01, maximumPermissibleErrorMm: 0.02, zeroOffsetMm: 0 },
  'inside-micrometer': { resolutionMm: 0.001, maximumPermissibleErrorMm: 0.005, zeroOffsetMm: 0 },
  'depth-gauge': { resolutionMm: 0.01, maximumPermissibleErrorMm: 0.02, zeroOffsetMm: 0 },
  'ring-gauges': { resolutionMm: 0.02, maximumPermissibleErrorMm: 0.002, zeroOffsetMm: 0 },
  'ring-cone': { resolutionMm: 0.1, maximumPermissibleErrorMm: 0.1, zeroOffsetMm: 0 },
  'radius-gauges': { resolutionMm: 0.25, maximumPermissibleErrorMm: 0.05, zeroOffsetMm: 0 },
  'pin-gauges': { resolutionMm: 0.02, maximumPermissibleErrorMm: 0.002, zeroOffsetMm: 0 },
} as const satisfies Record<string, InstrumentSpec>

export type InstrumentKind = keyof typeof TYPICAL_INSTRUMENTS

/**
 * Type B standard uncertainty of one instrument: rectangular MPE and rectangular half-step of the display.
 * @returns mm
 * @throws RangeError if the spec is out of range
 * @source GUM, JCGM 100:2008, 4.3.7 (MPE/√3) and F.2.2.1 (resolution/√12)
 */
export function typeBUncertaintyMm(spec: InstrumentSpec): number {
  requirePositive('resolutionMm', spec.resolutionMm, 'mm')
  requireNotNegative('maximumPermissibleErrorMm', spec.maximumPermissibleErrorMm, 'mm')
  requireFinite('zeroOffsetMm', spec.zeroOffsetMm, 'mm')
  return Math.hypot(spec.maximumPermissibleErrorMm / Math.sqrt(3), spec.resolutionMm / Math.sqrt(12))
}
