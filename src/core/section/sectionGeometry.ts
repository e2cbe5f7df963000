import type { BackSeal } from '../construction/kinds'
import { inlaidInsert } from './insertOutline'
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
  readonly has: BuiltParts
}

/** What of a case there is to draw beside what every case has. */
export interface BuiltParts {
  /** a bezel of its own round a crystal that sits in the case; one that carries or holds the crystal is always there */
  readonly bezel: boolean
  /** let into the bezel, mm thick; null without one */
  readonly insertMm: number | null
  /** its face against the bezel's edge: + proud, − sunk; left out where it counts as flush */
  readonly insertFlushMm?: number
  readonly chapterRing: boolean
  /** false where case and back are one piece */
  readonly back: boolean
  readonly backSeal: BackSeal
  readonly hands: boolean
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
const FLAT_SEAL_MM = 0.35
const RING_SIDES = 20
const MOST_INSERT_SHARE = 0.5
/** How far the face of a bezel with an insert falls, of its height: it is flatter than a plain one. */
const BROW_SHARE = 0.3

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
    outline(c.has.back ? 'back' : 'case', [
      [0, bottom],
      [side - FLANK_MM - 0.6, bottom],
      [side - FLANK_MM, bottom + 0.5],
      [side - FLANK_MM, backTop],
      [cavity, backTop],
      [cavity - 0.5, backTop - 0.25],
      [0, backTop - 0.25],
    ]),
    ...backSeal(c.has.back ? c.has.backSeal : 'none', cavity + 0.25, backTop),
    ...(c.has.chapterRing
      ? [
          outline('chapter-ring', [
            [opening, -0.05],
            [opening, dialMm],
            [opening - 1.1, dialMm],
          ]),
        ]
      : []),
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
  const crest: Point = [bore + LIP_MM + (bezelOuter - bore - LIP_MM) * 0.35, rim]
  const foot: Point = [bezelOuter, shoulder + 0.35]
  if (!c.has.bezel) {
    const wall = caseWall(c, shoulder, [[bore, 0], [bore, rim], crest, foot, [bezelOuter, shoulder]])
    return [wall, ...lowerOutlines(c)]
  }
  const slope = bezelSlope(crest, foot, c.has)
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
      ...slope.edge,
      [bezelOuter, shoulder],
    ]),
    ...slope.insert,
    ...lowerOutlines(c),
  ]
}

/** The visible slope of a bezel, from its crest outward, with its insert where it has one. */
export function bezelSlope(
  crest: Point,
  foot: Point,
  { insertMm, insertFlushMm = 0 }: Pick<BuiltParts, 'insertMm' | 'insertFlushMm'>,
): { readonly edge: readonly Point[]; readonly insert: readonly Outline[] } {
  if (insertMm === null) return { edge: [crest, foot], insert: [] }
  // A bezel too slim for its insert is one whose width nobody measured.
  const [widthMm, heightMm] = [foot[0] - crest[0], crest[1] - foot[1]]
  const fallMm = Math.min(BROW_SHARE * heightMm, MOST_INSERT_SHARE * widthMm)
  const brow: Point = [foot[0], crest[1] - fallMm]
  const most = MOST_INSERT_SHARE * Math.min(widthMm, heightMm)
  const { edge, insert } = inlaidInsert(crest, brow, Math.min(insertMm, most), insertFlushMm)
  return { edge: [...edge, foot], insert: [insert] }
}

function backSeal(kind: BackSeal, r: number, z: number): Outline[] {
  switch (kind) {
    case 'none':
      return []
    case 'o-ring':
      return [outline('back-seal', roundRing(r, z, BACK_SEAL_MM))]
    case 'flat-gasket':
      return [outline('back-seal', flatRing(r, z, 2 * BACK_SEAL_MM, FLAT_SEAL_MM))]
    case 'plastic-ring':
      return [outline('back-seal', flatRing(r, z, BACK_SEAL_MM, BACK_SEAL_MM))]
  }
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

function flatRing(r: number, z: number, width: number, height: number): Point[] {
  return [
    [r, z - height / 2],
    [r + width, z - height / 2],
    [r + width, z + height / 2],
    [r, z + height / 2],
  ]
}

function roundRing(r: number, z: number, section: number): Point[] {
  return Array.from({ length: RING_SIDES }, (_, i) => {
    const angle = (2 * Math.PI * i) / RING_SIDES
    return [r + section / 2 + (section / 2) * Math.cos(angle), z + (section / 2) * Math.sin(angle)]
  })
}
