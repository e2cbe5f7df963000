import type { InstrumentKind } from '@/core/measure/InstrumentSpec'
import { TYPICAL_INSTRUMENTS } from '@/core/measure/InstrumentSpec'
import type { BenchInstrument } from '@/core/tray/possibleMeasurements'

/** A typical instrument of a kind, named after it. */
export function benchInstrument(kind: InstrumentKind, id: number): BenchInstrument {
  return {
    id,
    kind,
    name: kind,
    ...TYPICAL_INSTRUMENTS[kind],
    zeroUncertaintyMm: null,
    scaleMmPerM: null,
    insideZero: null,
  }
}
