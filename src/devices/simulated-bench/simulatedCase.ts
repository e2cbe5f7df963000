import type { TiltVector } from '@/core/level/RimHeight'
import type { DimensionId } from '@/core/readings/dimensions'
import { DIMENSION_IDS, DIMENSIONS } from '@/core/readings/dimensions'
import type { ReadingTarget } from '@/core/readings/readingPlan'
import type { CaseSheet } from '@/core/tray/CaseSheet'
import { sheetValueMm } from '@/core/tray/caseFigures'
import { seededRandom } from '../seededRandom'
import { anyTilt } from '../simulated-press/simulatedRim'

/** The true sizes of one simulated piece, which nobody at the bench knows. */
export interface SimulatedCase {
  /** @returns the true length there, mm; null when the case sheet gives nothing to make it from */
  trueMm(at: ReadingTarget): number | null
}

/** How pieces of one case differ, standard deviations, mm. From memory. */
const PIECE_SCATTER_MM: Readonly<Partial<Record<DimensionId, number>>> = {
  bore: 0.01,
  'bezel-bore': 0.01,
  'neck-outer': 0.01,
  'bezel-inner': 0.01,
  groove: 0.01,
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
/** How a simulated crystal stands after a first pressing, mm, and what of its tilt every further one leaves. */
const MOST_RIM_TILT_MM = 0.12
/** A speck lies where it is read by four places as by six or eight. */
const SPECK_AT_DEG = [0, 180]
const LEFT_BY_A_PRESSING = 0.4
const RIM_OVER_BEZEL_MM = 0.2
/** Of an insert set on cement. Invented. */
const MOST_INSERT_TILT_MM = 0.08
const CEMENT_FILM_MM = 0.05

const LEVEL: TiltVector = { towards12Mm: 0, towards3Mm: 0 }

/** A stream of its own for each dimension: one that is added leaves every piece as it was. */
function streamOf(seed: number, name: string) {
  let mixed = seed
  for (const letter of name) mixed = (Math.imul(mixed, 31) + (letter.codePointAt(0) ?? 0)) | 0
  return seededRandom(mixed >>> 0)
}

/**
 * One piece of a case sheet's case: the same seed is the same piece.
 * @param pressings - how often its crystal was pressed: each takes some of its tilt away
 * @param lean - what the presses' own lean did to its rim, mm
 * @param speckMm - how high what lies on its seat lifts the rim over it, mm
 */
export function simulatedCase(
  seed: number,
  sheet: CaseSheet,
  pressings = 0,
  lean: TiltVector = LEVEL,
  speckMm = 0,
): SimulatedCase {
  const piece = new Map<DimensionId, number>()
  for (const id of DIMENSION_IDS) {
    const nominal = sheetValueMm(id, sheet)
    const off = streamOf(seed, id).normal(PIECE_SCATTER_MM[id] ?? OTHER_SCATTER_MM)
    if (nominal !== null) piece.set(id, nominal + off)
  }
  const rim = streamOf(seed, 'rim')
  const ovalityMm = rim.uniform(0, MOST_OVALITY_MM)
  const longAxisDeg = rim.uniform(0, 180)
  const oval = (directionDeg: number) =>
    (ovalityMm / 2) * Math.cos((2 * (directionDeg - longAxisDeg) * Math.PI) / 180)

  const pressed = streamOf(seed, 'pressed')
  const tilt = anyTilt(MOST_RIM_TILT_MM, pressed)
  const speckDeg = SPECK_AT_DEG[pressed.index(SPECK_AT_DEG.length)]
  const left = LEFT_BY_A_PRESSING ** Math.max(0, pressings - 1)
  const rimHeight = (directionDeg: number) => {
    const angle = (directionDeg * Math.PI) / 180
    const isOverSpeck = directionDeg === speckDeg
    return (
      RIM_OVER_BEZEL_MM +
      (isOverSpeck ? speckMm : 0) +
      ((left * tilt.towards12Mm + lean.towards12Mm) * Math.cos(angle) +
        (left * tilt.towards3Mm + lean.towards3Mm) * Math.sin(angle)) /
        2
    )
  }

  const set = streamOf(seed, 'insert-height')
  const insertTilt = anyTilt(MOST_INSERT_TILT_MM, set)
  const [thickness, depth] = [piece.get('insert-thickness'), piece.get('recess-depth')]
  const overEdge = thickness === undefined || depth === undefined ? 0 : thickness + CEMENT_FILM_MM - depth
  const insertHeight = (directionDeg: number) => {
    const angle = (directionDeg * Math.PI) / 180
    return overEdge + (insertTilt.towards12Mm * Math.cos(angle) + insertTilt.towards3Mm * Math.sin(angle)) / 2
  }

  return {
    trueMm({ dimension, placeIndex }) {
      if (dimension === 'insert-height')
        return insertHeight(DIMENSIONS[dimension].roundDeg?.[placeIndex] ?? 0)
      if (dimension === 'rim-height') return rimHeight(DIMENSIONS[dimension].roundDeg?.[placeIndex] ?? 0)
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
