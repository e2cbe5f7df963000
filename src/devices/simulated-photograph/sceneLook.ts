import { sheetInk } from '@/core/photo-gauge/gaugeSheet'
import type { Scene, ScenePiece } from './Scene'

// Taken out of the global once: looking Math up for every pixel costs more than the sum itself in a test's sandbox.
const { hypot, sin, cos, atan2, abs, min, PI } = Math

/** Brightnesses, linear light. */
const PAPER = 0.82
const INK = 0.035
const TABLE = 0.14
const GLASS_FACE = 0.68
const GLASS_RIM = 0.2
const GLASS_WALL = 0.12
const BREAK = 0.3
const RING_WALL_SHARE = 0.6
/** The sheet's paper, beyond which the table shows, mm. */
const PAPER_EDGES = { leftMm: -26, rightMm: 150, topMm: -22, bottomMm: 110 }
const BREAK_WIDTH_MM = 0.3
/** Raggedness of a break, mm. */
const RAGGED_MM = 0.35
const CHIP_WIDTH_MM = 1.4

/** How a piece looks at a place of its own plane; null beside it. */
export function faceAt(piece: ScenePiece, xMm: number, yMm: number): number | null {
  const [dx, dy] = [xMm - piece.centreXMm, yMm - piece.centreYMm]
  const radius = hypot(dx, dy)
  if (piece.kind === 'ring') {
    return radius <= piece.outerRadiusMm && radius >= piece.innerRadiusMm ? piece.face : null
  }
  if (radius > piece.radiusMm) return null
  const angleDeg = (atan2(dy, dx) * 180) / PI
  const span = piece.toDeg - piece.fromDeg
  const inside = (((angleDeg - piece.fromDeg) % 360) + 360) % 360
  // Distance to the nearer break, along the circle through the place.
  const fromBreakMm = (min(inside, span - inside) * PI * radius) / 180
  const toBreakMm = fromBreakMm + RAGGED_MM * ragged(radius * 1.9 + piece.fromDeg)
  if (inside > span || toBreakMm < 0) return null
  for (const { atDeg, depthMm } of piece.chips) {
    const along = ((((angleDeg - atDeg + 540) % 360) - 180) * PI * piece.radiusMm) / 180
    if (abs(along) < CHIP_WIDTH_MM && radius > piece.radiusMm - depthMm * (1 - abs(along / CHIP_WIDTH_MM)))
      return null
  }
  if (toBreakMm < BREAK_WIDTH_MM) return BREAK + 0.15 * ragged(radius * 7)
  return radius > piece.radiusMm - piece.bevelMm ? GLASS_RIM + 0.06 * cos(dx * 0.3 + dy * 0.2) : GLASS_FACE
}

/** A break's wander, −1 … 1, the same for the same place. */
function ragged(along: number): number {
  return 0.6 * sin(along) + 0.3 * sin(2.7 * along + 1) + 0.1 * sin(7.1 * along)
}

/** Could the piece, its wall or its shadow be at this place of the paper? */
export function isNear(piece: ScenePiece, xMm: number, yMm: number): boolean {
  const reach = (piece.kind === 'ring' ? piece.outerRadiusMm : piece.radiusMm) + 2 * piece.heightMm
  const dx = xMm - piece.centreXMm
  const dy = yMm - piece.centreYMm
  return dx * dx + dy * dy < reach * reach
}

/** How its wall looks. */
export function wallOf(piece: ScenePiece): number {
  return piece.kind === 'ring' ? piece.face * RING_WALL_SHARE : GLASS_WALL
}

/** Paper, ink and table, without what lies on them. */
export function groundAt({ print }: Scene, xMm: number, yMm: number): number {
  const { leftMm, rightMm, topMm, bottomMm } = PAPER_EDGES
  if (xMm < leftMm || xMm > rightMm || yMm < topMm || yMm > bottomMm) return TABLE + 0.03 * ragged(yMm * 0.8)
  return sheetInk(xMm / print.x, yMm / print.y) === 0 ? INK : PAPER
}

const SHADOW_STEPS = 5

/** Part of the light that reaches the paper at a place, 0…1: a soft shadow on the side away from the lamp. */
export function lightAt({ pieces, shadow }: Scene, xMm: number, yMm: number): number {
  if (shadow.depth === 0) return 1
  let hidden = 0
  for (const piece of pieces) {
    if (!isNear(piece, xMm, yMm)) continue
    for (let i = 1; i <= SHADOW_STEPS; i++) {
      const reach = (piece.heightMm * i) / SHADOW_STEPS
      if (faceAt(piece, xMm - shadow.xPerMm * reach, yMm - shadow.yPerMm * reach) !== null) hidden++
    }
  }
  return 1 - (shadow.depth * min(hidden, SHADOW_STEPS)) / SHADOW_STEPS
}
