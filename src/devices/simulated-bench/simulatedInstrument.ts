import type { InstrumentSpec } from '@/core/measure/InstrumentSpec'
import type { BenchInstrument } from './BenchInstrument'
import type { SeededRandom } from '../seededRandom'
import type { SimulatedCase } from './simulatedCase'

/** Repeatability of a hand hold, as a part of the instrument's permissible error. From memory. */
const HOLD_SHARE = 0.25
/** An instrument in good order keeps its own constant error within this part of what is permitted. From memory. */
const BIAS_SHARE = 0.5

/**
 * An instrument with errors of its own, held against a simulated piece.
 * It keeps one constant error (as real ones do), adds scatter a hold, its zero offset, and rounds to its display.
 */
export function simulatedInstrument(
  spec: InstrumentSpec,
  piece: SimulatedCase,
  random: SeededRandom,
): BenchInstrument {
  const limit = BIAS_SHARE * spec.maximumPermissibleErrorMm
  const biasMm = random.uniform(-limit, limit)
  return {
    send(at) {
      const trueMm = piece.trueMm(at)
      if (trueMm === null) return null
      const hold = random.normal(HOLD_SHARE * spec.maximumPermissibleErrorMm)
      return instrumentLine(trueMm + biasMm + hold + spec.zeroOffsetMm, spec.resolutionMm)
    },
  }
}

/** A value as a data-key instrument sends it: sign, four figures, the display's decimals, unit. */
export function instrumentLine(valueMm: number, resolutionMm: number): string {
  const decimals = Math.max(0, Math.round(-Math.log10(resolutionMm)))
  const shown = Math.round(valueMm / resolutionMm) * resolutionMm
  const [whole = '0', fraction = ''] = Math.abs(shown).toFixed(decimals).split('.')
  return `${shown < 0 ? '-' : '+'}${whole.padStart(4, '0')}${fraction ? `.${fraction}` : ''} mm`
}
