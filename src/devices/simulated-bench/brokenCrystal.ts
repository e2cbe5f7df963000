import type { Point } from '@/core/circle/Circle'
import { FRAME_HEIGHT_MM, FRAME_WIDTH_MM } from '@/core/photo-gauge/gaugeSheet'
import type { SeededRandom } from '../seededRandom'
import type { ScenePiece } from '../simulated-photograph/Scene'

/** A piece of a broken disc: the part of the rim it has, degrees, and chips out of it. */
export interface Shard {
  readonly fromDeg: number
  readonly toDeg: number
  readonly chips: readonly { readonly atDeg: number; readonly depthMm: number }[]
}

/** No crystal breaks into slivers only: the narrowest piece, degrees. From memory. */
const NARROWEST_DEG = 25
/** How often a piece is chipped along its rim. From memory. */
const CHIP_CHANCE = 0.4
const MOST_CHIP_MM = 0.8
const FEWEST_PIECES = 2
const MOST_PIECES = 8

/**
 * Breaks a crystal from its middle outward.
 * @param pieces - 2…8
 */
export function brokenCrystal(pieces: number, random: SeededRandom): Shard[] {
  if (!(Number.isInteger(pieces) && pieces >= FEWEST_PIECES && pieces <= MOST_PIECES)) {
    throw new RangeError(`pieces: expected ${FEWEST_PIECES}…${MOST_PIECES}, got ${pieces}`)
  }
  const start = random.uniform(0, 360)
  const shares = Array.from({ length: pieces }, () => random.uniform(0.3, 1))
  const total = shares.reduce((sum, share) => sum + share, 0)
  const free = 360 - pieces * NARROWEST_DEG
  let fromDeg = start
  return shares.map((share) => {
    const span = NARROWEST_DEG + (free * share) / total
    const shard = { fromDeg, toDeg: fromDeg + span, chips: chipsOf(fromDeg, span, random) }
    fromDeg += span
    return shard
  })
}

function chipsOf(fromDeg: number, span: number, random: SeededRandom): Shard['chips'] {
  if (random.uniform(0, 1) > CHIP_CHANCE) return []
  return [{ atDeg: fromDeg + span * random.uniform(0.3, 0.7), depthMm: random.uniform(0.2, MOST_CHIP_MM) }]
}

/** Straight distance between the ends of its rim and the rim's height over it, mm, as jaws would find them. */
export function chordAndSagittaOf({ fromDeg, toDeg }: Shard, radiusMm: number) {
  const half = ((toDeg - fromDeg) / 2) * (Math.PI / 180)
  return { chordMm: 2 * radiusMm * Math.sin(half), sagittaMm: radiusMm * (1 - Math.cos(half)) }
}

/** Points along its rim as read off squared paper: scattered, and where it is chipped too far in. */
export function rimPoints(
  shard: Shard,
  radiusMm: number,
  { count, scatterMm }: { readonly count: number; readonly scatterMm: number },
  random: SeededRandom,
): Point[] {
  const CHIP_DEG = 3
  return Array.from({ length: count }, (_, i) => {
    const deg = shard.fromDeg + ((shard.toDeg - shard.fromDeg) * (i + 0.5)) / count
    const chip = shard.chips.find(({ atDeg }) => Math.abs(atDeg - deg) < CHIP_DEG)
    const angle = (deg * Math.PI) / 180
    const radius = radiusMm - (chip?.depthMm ?? 0) + random.normal(scatterMm)
    return { xMm: radius * Math.cos(angle), yMm: radius * Math.sin(angle) }
  })
}

/** Gap between pieces laid out on the gauge sheet, mm. */
const APART_MM = 9

/** The pieces on the gauge sheet, moved apart outward. */
export function shardsOnSheet(
  shards: readonly Shard[],
  { radiusMm, thicknessMm }: { readonly radiusMm: number; readonly thicknessMm: number },
): ScenePiece[] {
  return shards.map(({ fromDeg, toDeg, chips }) => {
    const middle = (((fromDeg + toDeg) / 2) * Math.PI) / 180
    return {
      kind: 'shard',
      centreXMm: FRAME_WIDTH_MM / 2 + APART_MM * Math.cos(middle),
      centreYMm: FRAME_HEIGHT_MM / 2 + APART_MM * Math.sin(middle),
      heightMm: thicknessMm,
      radiusMm,
      bevelMm: 0.3,
      fromDeg,
      toDeg,
      chips,
    }
  })
}
