import type { Outline, Point } from './outline'
import { outline } from './outline'

/**
 * The cross-section of a case through its axis, one half: r from the axis outward, z upward from the crystal's seat.
 * All mm. The same outlines are drawn mirrored for the half as found.
 */

export interface SectionCase {
  readonly boreMm: number
  readonly seatDepthMm: number
  /** opening below the seat through which the dial is seen */
  readonly dialOpeningMm: number
  readonly caseDiameterMm: number
  readonly caseHeightMm: number
  readonly handsBelowSeatMm: number
}

/** Proportions of what nobody measures, so that the drawing is whole. Assumed, mm. */
const LIP_MM = 0.4
const BEZEL_DEPTH_MM = 1.7
const SHOULDER_DROP_MM = 1.2
const FLANK_MM = 0.9
const SEAT_THICKNESS_MM = 0.7
const BACK_THICKNESS_MM = 1.1
const DIAL_MM = 0.4
const HANDS_STACK_MM = 1.1
const MOVEMENT_GAP_MM = 0.5
const CAVITY_BEYOND_OPENING_MM = 0.9
const BACK_SEAL_MM = 0.7

export interface HandStack {
  /** top of the stack at the axis, mm */
  readonly topMm: number
  readonly dialMm: number
  /** hands from the bottom up: reach and height, mm */
  readonly hands: readonly { readonly reachMm: number; readonly zMm: number }[]
}

/**
 * What every case has below the crystal's seat, whatever holds the crystal.
 * @param mostCavityMm - the cavity goes no further out than this: the wall of a neck stays whole
 */
export function lowerOutlines(c: SectionCase, mostCavityMm = Infinity): Outline[] {
  const side = c.caseDiameterMm / 2
  const opening = c.dialOpeningMm / 2
  const bottom = c.seatDepthMm - c.caseHeightMm
  const cavity = cavityMm(c, mostCavityMm)
  const backTop = bottom + BACK_THICKNESS_MM
  const { dialMm } = handStack(c)
  return [
    outline('back', [
      [0, bottom],
      [side - FLANK_MM - 0.6, bottom],
      [side - FLANK_MM, bottom + 0.5],
      [side - FLANK_MM, backTop],
      [cavity, backTop],
      [cavity - 0.5, backTop - 0.25],
      [0, backTop - 0.25],
    ]),
    outline('back-seal', squareRing(cavity + 0.25, backTop, BACK_SEAL_MM)),
    outline('chapter-ring', [
      [opening, -0.05],
      [opening, dialMm],
      [opening - 1.1, dialMm],
    ]),
    outline('dial', [
      [0, dialMm - DIAL_MM],
      [0, dialMm],
      [opening + 0.4, dialMm],
      [opening + 0.4, dialMm - DIAL_MM],
    ]),
    outline('movement', [
      [0, dialMm - DIAL_MM],
      [cavity - MOVEMENT_GAP_MM, dialMm - DIAL_MM],
      [cavity - MOVEMENT_GAP_MM, backTop + MOVEMENT_GAP_MM],
      [0, backTop + MOVEMENT_GAP_MM],
    ]),
  ]
}

function cavityMm(c: SectionCase, mostMm: number): number {
  const opening = c.dialOpeningMm / 2
  const wide = Math.min(opening + CAVITY_BEYOND_OPENING_MM, c.caseDiameterMm / 2 - FLANK_MM)
  return Math.max(opening, Math.min(wide, mostMm))
}

/** The case from its side down to its back and in to the dial opening: what stands above it is put in front. */
export function caseWall(
  c: SectionCase,
  shoulderMm: number,
  above: readonly Point[],
  mostCavityMm = Infinity,
): Outline {
  const cavity = cavityMm(c, mostCavityMm)
  const side = c.caseDiameterMm / 2
  const bottom = c.seatDepthMm - c.caseHeightMm
  const backTop = bottom + BACK_THICKNESS_MM
  const opening = c.dialOpeningMm / 2
  return outline('case', [
    ...above,
    [side, shoulderMm - SHOULDER_DROP_MM],
    [side, (shoulderMm + bottom) / 2 - 1],
    [side - FLANK_MM, backTop],
    [cavity, backTop],
    [cavity, -SEAT_THICKNESS_MM],
    [opening, -SEAT_THICKNESS_MM],
    [opening, 0],
  ])
}

/** Outlines of everything but crystal and gasket where the crystal sits in the case's own bore. */
export function caseOutlines(c: SectionCase): Outline[] {
  const bore = c.boreMm / 2
  const side = c.caseDiameterMm / 2
  const rim = c.seatDepthMm
  const shoulder = rim - BEZEL_DEPTH_MM
  const bezelOuter = Math.max(bore + LIP_MM + 0.3, side - FLANK_MM / 2)
  return [
    caseWall(c, shoulder, [
      [bore, 0],
      [bore, rim],
      [bore + LIP_MM, rim],
      [bore + LIP_MM, shoulder],
      [bezelOuter, shoulder],
    ]),
    outline('bezel', [
      [bore + LIP_MM, shoulder],
      [bore + LIP_MM, rim],
      [bore + LIP_MM + (bezelOuter - bore - LIP_MM) * 0.35, rim],
      [bezelOuter, shoulder + 0.35],
      [bezelOuter, shoulder],
    ]),
    ...lowerOutlines(c),
  ]
}

/** The hands over the dial, from their measured height below the seat. */
export function handStack(c: Pick<SectionCase, 'handsBelowSeatMm' | 'dialOpeningMm'>): HandStack {
  const topMm = -c.handsBelowSeatMm
  const dialMm = topMm - HANDS_STACK_MM
  const reach = c.dialOpeningMm / 2 - 1.4
  return {
    topMm,
    dialMm,
    hands: [
      { reachMm: reach * 0.62, zMm: dialMm + 0.35 },
      { reachMm: reach * 0.92, zMm: dialMm + 0.65 },
      { reachMm: reach, zMm: dialMm + 0.95 },
    ],
  }
}

function squareRing(r: number, z: number, size: number): Point[] {
  return [
    [r, z - size / 2],
    [r + size, z - size / 2],
    [r + size, z + size / 2],
    [r, z + size / 2],
  ]
}
