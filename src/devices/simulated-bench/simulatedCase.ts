import type { DimensionId } from '@/core/readings/dimensionKinds'
import { DIMENSIONS } from '@/core/readings/dimensions'
import type { ReadingTarget } from '@/core/readings/readingPlan'
import type { CaseSheet } from '@/core/tray/CaseSheet'
import { sheetValueMm } from '@/core/tray/caseFigures'
import { seededRandom } from '../seededRandom'

/** The true sizes of one simulated piece, which nobody at the bench knows. */
export interface SimulatedCase {
  /** @returns the true length there, mm; null when the case sheet gives nothing to make it from */
  trueMm(at: ReadingTarget): number | null
}

/** How pieces of one case differ, standard deviations, mm. From memory. */
const PIECE_SCATTER_MM: Readonly<Partial<Record<DimensionId, number>>> = {
  bore: 0.01,
  opening: 0,
  'crystal-diameter': 0.015,
  'crystal-edge': 0.015,
  'crystal-centre': 0.02,
  'gasket-wall': 0.004,
  'gasket-height': 0.015,
  'seat-depth': 0.015,
  'hands-below-seat': 0.02,
  'bezel-gasket-wall': 0.004,
}
/** The same for what is not named there, mm. */
const OTHER_SCATTER_MM = 0.015
/** Largest ovality of a simulated bore, mm. */
const MOST_OVALITY_MM = 0.04

/** Draws before the rim's own: fixed, so that a dimension added to the end of the list leaves every piece as it was. */
const DRAWS_BEFORE_RIM = 33

function rimStream(seed: number) {
  const random = seededRandom(seed)
  for (let i = 0; i < DRAWS_BEFORE_RIM; i++) random.normal(1)
  return random
}

/** One piece of a case sheet's case: the same seed is the same piece. */
export function simulatedCase(seed: number, sheet: CaseSheet): SimulatedCase {
  const random = seededRandom(seed)
  const piece = new Map<DimensionId, number>()
  for (const { id } of Object.values(DIMENSIONS)) {
    const nominal = sheetValueMm(id, sheet)
    const off = random.normal(PIECE_SCATTER_MM[id] ?? OTHER_SCATTER_MM)
    if (nominal !== null) piece.set(id, nominal + off)
  }
  const rim = rimStream(seed)
  const ovalityMm = rim.uniform(0, MOST_OVALITY_MM)
  const longAxisDeg = rim.uniform(0, 180)
  const oval = (directionDeg: number) =>
    (ovalityMm / 2) * Math.cos((2 * (directionDeg - longAxisDeg) * Math.PI) / 180)

  return {
    trueMm({ dimension, placeIndex }) {
      const directionDeg = DIMENSIONS[dimension].directionsDeg?.[placeIndex] ?? 0
      const bore = piece.get('bore')
      if (dimension === 'bore') return bore === undefined ? null : bore + oval(directionDeg)
      if (dimension === 'opening') {
        // What a ring leaves free follows from this piece's own bore and wall, not from the sheet's.
        const wall = piece.get('gasket-wall')
        return bore === undefined || wall === undefined ? null : bore + oval(directionDeg) - 2 * wall
      }
      return piece.get(dimension) ?? null
    },
  }
}
