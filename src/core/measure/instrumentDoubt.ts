import { formatMm, formatSignedMm } from '../units/formatMm'
import type { GaugeCheck } from './gaugeCheck'

/** What the last check of an instrument against a block or pin showed. */
export interface LastCheck {
  readonly nominalMm: number
  /** what it showed too much, mm */
  readonly driftMm: number
  readonly verdict: GaugeCheck['verdict']
  /** the drift was taken into its zero offset */
  readonly corrected: boolean
  readonly checkedAt: Date
}

export interface InstrumentDoubt {
  /** what it may be off beside its own error, mm, 0 or more */
  readonly offMm: number
  /** after its name: “showed +0.05 on 10.00 …” */
  readonly words: string
}

/**
 * Why an instrument's figures are not to be trusted as they are: at its last check it was further off than it may be, or
 * did not show the same twice.
 * @returns null where it was never checked, was right, or its drift was taken off
 * @source common practice: an instrument that failed its check is not measured with before it is set right
 */
export function instrumentDoubt({
  lastCheck,
  maximumPermissibleErrorMm,
}: {
  readonly lastCheck?: LastCheck | null
  readonly maximumPermissibleErrorMm: number
}): InstrumentDoubt | null {
  if (!lastCheck || lastCheck.corrected) return null
  const { driftMm, nominalMm, verdict } = lastCheck
  const offMm = Math.abs(driftMm)
  if (verdict === 'unsteady') return { offMm, words: 'did not show the same twice at its last check' }
  if (offMm <= maximumPermissibleErrorMm) return null
  const may = formatMm(maximumPermissibleErrorMm)
  return {
    offMm,
    words: `showed ${formatSignedMm(driftMm)} on ${formatMm(nominalMm)} at its last check, more than the ±${may} it may be off`,
  }
}
