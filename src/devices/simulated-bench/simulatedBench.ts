import type { InstrumentSpec } from '@/core/measure/InstrumentSpec'
import type { ReadingTarget } from '@/core/readings/readingPlan'
import type { CaseSheet } from '@/core/tray/CaseSheet'
import { seededRandom } from '../seededRandom'
import type { Photograph } from '../simulated-photograph/renderPhotograph'
import { renderPhotograph } from '../simulated-photograph/renderPhotograph'
import type { SceneCamera } from '../simulated-photograph/Scene'
import { PLAIN_SCENE } from '../simulated-photograph/Scene'
import type { BenchInstrument } from './BenchInstrument'
import type { TiltVector } from '@/core/level/RimHeight'
import type { Shard } from './brokenCrystal'
import { brokenCrystal, shardsOnSheet } from './brokenCrystal'
import type { SimulatedCase } from './simulatedCase'
import { simulatedCase } from './simulatedCase'
import { simulatedInstrument } from './simulatedInstrument'

export interface SimulatedBenchOptions {
  /** the same seed is the same piece, the same hands and the same break */
  readonly seed: number
  readonly sheet: CaseSheet
  /** how often its crystal was pressed; left out: never */
  readonly pressings?: number
  /** what the presses' own lean did to its rim, mm; left out: nothing */
  readonly lean?: TiltVector
  /** how high what lies on its seat lifts the rim over it, mm; left out: nothing does */
  readonly speckMm?: number
}

/** A bench nobody sits at: a hidden true piece, instruments with errors of their own, a crystal that may break. */
export interface SimulatedBench {
  /** what is true, for those who check: demo, tests, a trainer's answers */
  readonly piece: SimulatedCase
  /** an instrument as it stays through the job: its constant error belongs to its id */
  readonly instrument: (id: number, spec: InstrumentSpec) => BenchInstrument
  /** the crystal in pieces */
  readonly breakCrystal: (pieces: number) => Shard[]
  /** the pieces photographed on the gauge sheet; null when the sheet gives no crystal to break */
  readonly photograph: (shards: readonly Shard[], camera?: Partial<SceneCamera>) => Photograph | null
}

const DIAMETER: ReadingTarget = { dimension: 'crystal-diameter', placeIndex: 0 }
const THICKNESS: ReadingTarget = { dimension: 'crystal-edge', placeIndex: 0 }
/** Steps between the streams of chance of one seed. */
const BREAK_STREAM = 7919

export function simulatedBench({
  seed,
  sheet,
  pressings = 0,
  lean,
  speckMm,
}: SimulatedBenchOptions): SimulatedBench {
  const piece = simulatedCase(seed, sheet, pressings, lean, speckMm)
  return {
    piece,
    instrument: (id, spec) => simulatedInstrument(spec, piece, seededRandom(id)),
    breakCrystal: (pieces) => brokenCrystal(pieces, seededRandom(seed + BREAK_STREAM)),
    photograph(shards, camera = {}) {
      const diameterMm = piece.trueMm(DIAMETER)
      const thicknessMm = piece.trueMm(THICKNESS)
      if (diameterMm === null || thicknessMm === null) return null
      return renderPhotograph({
        ...PLAIN_SCENE,
        pieces: shardsOnSheet(shards, { radiusMm: diameterMm / 2, thicknessMm }),
        camera: { ...PLAIN_SCENE.camera, ...camera },
        seed,
      })
    },
  }
}
