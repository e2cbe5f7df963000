import type { DrawnCrystal } from './drawnParts'
import type { Outline } from './outline'
import type { SectionCase } from './sectionGeometry'
import { domeProfile } from './domeProfile'
import { outline } from './outline'
import { bezelSlope, caseWall, lowerOutlines } from './sectionGeometry'

/** Proportions of what nobody measures, so that the drawing is whole. Assumed, mm. */
const NECK_FOOT_MM = 1.5
const NECK_WALL_MM = 0.3
const BEZEL_LIP_MM = 0.35
const LIP_OVERLAP_MM = 0.45
const LEDGE_MM = 0.6
const LEDGE_WIDTH_MM = 0.9
const BEZEL_SIDE_INSIDE_MM = 0.25
const GROOVE_LIP_MM = 0.22
const GROOVE_LIP_HEIGHT_MM = 0.3
const CUP_ROOF_TO_DOME_MM = 0.4

export interface NeckSection {
  readonly neckOuterMm: number
  readonly bezelInnerMm: number
  /** crystal as it lies under the bezel's lip */
  readonly crystalMm: number
  readonly edgeThicknessMm: number
}

/** Case with a raised neck, and the pressed-on bezel that holds the crystal down and squeezes it from outside. */
export function neckOutlines(c: SectionCase, joint: NeckSection): Outline[] {
  const neck = joint.neckOuterMm / 2
  const inner = joint.bezelInnerMm / 2
  const side = c.caseDiameterMm / 2
  const foot = -NECK_FOOT_MM
  const top = joint.edgeThicknessMm
  const outer = Math.max(inner + 0.6, side - BEZEL_SIDE_INSIDE_MM)
  const lip = Math.min(joint.crystalMm / 2 - LIP_OVERLAP_MM, inner)
  const slope = bezelSlope([inner + 0.3, top + BEZEL_LIP_MM], [outer, foot + 0.5], c.has)
  return [
    caseWall(
      c,
      foot,
      [
        [neck, 0],
        [neck, foot],
        [outer, foot],
      ],
      neck - NECK_WALL_MM,
    ),
    outline('bezel', [
      [inner, foot],
      [inner, top],
      [lip, top],
      [lip, top + BEZEL_LIP_MM],
      ...slope.edge,
      [outer, foot],
    ]),
    ...slope.insert,
    ...lowerOutlines(c, neck - NECK_WALL_MM),
  ]
}

/** Ring of a crystal over a neck: between the bezel and the crystal's edge, reaching down beside the neck. */
export function neckRingOutline(
  { bezelInnerMm, crystalMm, edgeThicknessMm }: NeckSection,
  wallMm: number,
): Outline {
  const outer = bezelInnerMm / 2
  const inner = Math.min(Math.max(crystalMm / 2, outer - wallMm), outer - 0.02)
  return outline('gasket', [
    [inner, 0],
    [inner, edgeThicknessMm],
    [outer, edgeThicknessMm],
    [outer, -0.7],
    [outer - wallMm, -0.7],
    [outer - wallMm, 0],
  ])
}

export interface BezelSection {
  readonly neckOuterMm: number
  readonly bezelInnerMm: number
  readonly bezelRingWallMm: number
}

/** A removable bezel that carries crystal, ring and chapter ring, and sits over the case neck on a second ring. */
export function removableBezelOutlines(c: SectionCase, joint: BezelSection): Outline[] {
  const bore = c.boreMm / 2
  const neck = joint.neckOuterMm / 2
  const inner = Math.max(joint.bezelInnerMm / 2, neck)
  const side = c.caseDiameterMm / 2
  const foot = -LEDGE_MM - NECK_FOOT_MM
  const ledge = -LEDGE_MM
  const rim = c.seatDepthMm
  const outer = Math.max(inner + 0.5, side - BEZEL_SIDE_INSIDE_MM)
  const ledgeInner = Math.min(bore - LEDGE_WIDTH_MM, neck - 0.2)
  const opening = Math.min(c.dialOpeningMm / 2, ledgeInner)
  const slope = bezelSlope([bore + 0.5, rim], [outer, foot + 0.6], c.has)
  const wall = caseWall(
    { ...c, dialOpeningMm: 2 * opening },
    foot,
    [
      [opening, ledge - 0.05],
      [neck, ledge - 0.05],
      [neck, foot],
      [outer, foot],
    ],
    neck - NECK_WALL_MM,
  )
  return [
    // The bezel's ledge, not the case, ends at the crystal's seat.
    outline('case', wall.points.slice(0, -1)),
    outline('bezel', [
      [bore, 0],
      [bore, rim],
      ...slope.edge,
      [outer, foot],
      [inner, foot],
      [inner, ledge],
      [ledgeInner, ledge],
      [ledgeInner, 0],
    ]),
    ...slope.insert,
    outline('gasket', [
      [neck, foot + 0.3],
      [neck, ledge - 0.2],
      [Math.max(inner, neck + 0.05), ledge - 0.2],
      [Math.max(inner, neck + 0.05), foot + 0.3],
    ]),
    ...lowerOutlines(c, neck - NECK_WALL_MM),
  ]
}

/** Case whose bore has a groove at the seat, with a lip over it that the acrylic snaps under. */
export function grooveOutlines(c: SectionCase, edgeThicknessMm: number): Outline[] {
  const groove = c.boreMm / 2
  const lip = groove - GROOVE_LIP_MM
  const side = c.caseDiameterMm / 2
  const lipTop = edgeThicknessMm + GROOVE_LIP_HEIGHT_MM
  const shoulder = lipTop - 1.2
  return [
    caseWall(c, shoulder, [
      [groove, 0],
      [groove, edgeThicknessMm],
      [lip, edgeThicknessMm],
      [lip, lipTop],
      [groove + 0.7, lipTop],
      [side, shoulder],
    ]),
    ...lowerOutlines(c),
  ]
}

export interface CupSection {
  readonly outerMm: number
  readonly skirtInnerMm: number
  /** skirt below its roof's underside, mm */
  readonly skirtMm: number
  /** height of the skirt's foot over the seat, mm; negative where it reaches down beside a neck */
  readonly footMm: number
  readonly edgeThicknessMm: number
  readonly centreThicknessMm: number
  readonly undersideRiseMm: number
}

/** An acrylic with a skirt: a cup turned over, its roof domed. */
function cupOutline(cup: CupSection): Outline {
  const outer = cup.outerMm / 2
  const inner = cup.skirtInnerMm / 2
  const roof = cup.footMm + cup.skirtMm
  const topEdge = roof + cup.edgeThicknessMm
  const under = domeProfile(inner, cup.undersideRiseMm).map(([r, z]) => [r, roof + z] as const)
  const topRise = cup.undersideRiseMm + cup.centreThicknessMm - cup.edgeThicknessMm
  const top = domeProfile(outer - CUP_ROOF_TO_DOME_MM, topRise).map(([r, z]) => [r, topEdge + z] as const)
  return outline('crystal', [
    ...under,
    [inner, cup.footMm],
    [outer, cup.footMm],
    [outer, topEdge - CUP_ROOF_TO_DOME_MM / 2],
    ...top.reverse(),
  ])
}

/** A cup with the roof of a crystal. */
export function cupOfCrystal(
  it: DrawnCrystal,
  skirtInnerMm: number,
  skirtMm: number,
  footMm: number,
): Outline {
  const { diameterMm: outerMm, edgeThicknessMm, centreThicknessMm, undersideRiseMm } = it
  return cupOutline({
    outerMm,
    skirtInnerMm,
    skirtMm,
    footMm,
    edgeThicknessMm,
    centreThicknessMm,
    undersideRiseMm,
  })
}

/** The metal ring inside an acrylic's skirt that spreads it against the bore. */
export function metalRingOutline(skirtInnerMm: number, heightMm: number): Outline {
  const outer = skirtInnerMm / 2
  return outline('metal-ring', [
    [outer - METAL_RING_MM, 0],
    [outer, 0],
    [outer, heightMm],
    [outer - METAL_RING_MM, heightMm],
  ])
}

const METAL_RING_MM = 0.45

/** Cement under and beside a crystal in its rebate. */
export function cementOutline(
  rebateMm: number,
  crystalMm: number,
  underMm: number,
  edgeThicknessMm: number,
): Outline {
  const wall = rebateMm / 2
  const edge = Math.min(crystalMm / 2, wall)
  const shelf = edge - CEMENT_SHELF_MM
  return outline('cement', [
    [shelf, 0],
    [wall, 0],
    [wall, underMm + edgeThicknessMm * CEMENT_UP],
    [edge, underMm + edgeThicknessMm * CEMENT_UP],
    [edge, underMm],
    [shelf, underMm],
  ])
}

const CEMENT_SHELF_MM = 0.8
/** Part of the edge the cement climbs. */
const CEMENT_UP = 0.7
