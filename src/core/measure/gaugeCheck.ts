import { mean } from 'simple-statistics'
import { requireAtLeast, requireFinite, requirePositive } from '../guard/require'
import { formatMm, formatSignedMm } from '../units/formatMm'
import type { InstrumentSpec } from './InstrumentSpec'
import { typeBUncertaintyMm } from './InstrumentSpec'
import { reaches } from '../units/within'

export interface GaugeCheck {
  /** what it shows too much, its zero offset already taken off, mm */
  readonly driftMm: number
  /** spread of the readings, largest less smallest, mm */
  readonly spreadMm: number
  readonly verdict: 'within' | 'correct' | 'unsteady'
  /** so far off that the block or the zero is rather wrong than the instrument */
  readonly farOff: boolean
  /** zero offset that would bring it right, mm */
  readonly newZeroOffsetMm: number
  readonly words: string
}

/** Readings of one block this far apart, in permissible errors, are no steady instrument. From memory. */
const UNSTEADY_SHARE = 1.5

/** A drift of more permissible errors than this is asked about before it is taken off. From memory. */
const FAR_OFF = 3

/**
 * A quick check against a gauge block or pin: is what the instrument shows still right?
 * @param nominalMm - the block's size, mm, > 0
 * @param readingsMm - as displayed, one or more
 * @throws RangeError when there is no reading or a figure is out of range
 * @source comparison with a reference, GUM JCGM 100:2008, 4.3; the share for unsteadiness from memory
 * @example gaugeCheck(10, [10.05, 10.05], caliper) // drift +0.05: take it off
 */
export function gaugeCheck(
  nominalMm: number,
  readingsMm: readonly number[],
  instrument: InstrumentSpec,
): GaugeCheck {
  requirePositive('nominalMm', nominalMm, 'mm')
  requireAtLeast('readingsMm', readingsMm, 1)
  for (const reading of readingsMm) requireFinite('readingsMm', reading, 'mm')
  const { maximumPermissibleErrorMm: mpe, zeroOffsetMm, resolutionMm } = instrument
  const driftMm = mean([...readingsMm]) - zeroOffsetMm - nominalMm
  const spreadMm = Math.max(...readingsMm) - Math.min(...readingsMm)
  const newZeroOffsetMm = Number((zeroOffsetMm + driftMm).toFixed(4))
  const farOff = !reaches(FAR_OFF * Math.max(mpe, resolutionMm), Math.abs(driftMm))
  const base = { driftMm, spreadMm, farOff, newZeroOffsetMm }
  if (!reaches(UNSTEADY_SHARE * Math.max(mpe, resolutionMm), spreadMm)) {
    return {
      ...base,
      verdict: 'unsteady',
      words: `Its readings of one block differ by ${formatMm(spreadMm, resolutionMm)}: clean jaws and block, and check again before it is used.`,
    }
  }
  // Half the permissible error: a drift of all of it leaves nothing for the instrument's own error.
  const mostMm = Math.max(mpe / 2, typeBUncertaintyMm({ ...instrument, maximumPermissibleErrorMm: 0 }))
  if (reaches(mostMm, Math.abs(driftMm))) {
    return {
      ...base,
      verdict: 'within',
      words: `Right within its error: ${formatSignedMm(driftMm, resolutionMm)} on ${formatMm(nominalMm)}.`,
    }
  }
  return {
    ...base,
    verdict: 'correct',
    words: `It shows ${formatSignedMm(driftMm, resolutionMm)} on ${formatMm(nominalMm)}: ${
      farOff
        ? `more than ${FAR_OFF} times what it may be wrong. Is it the right block, and were the jaws clean?`
        : 'take that off, or have it set right.'
    }`,
  }
}
