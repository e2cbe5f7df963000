import type { Retention } from '../construction/kinds'
import {
  cementOutline,
  cupOutline,
  grooveOutlines,
  metalRingOutline,
  neckOutlines,
  neckRingOutline,
  removableBezelOutlines,
} from './jointOutlines'
import type { SectionCrystal, SectionGasket } from './crystalOutline'
import type { Outline } from './outline'
import type { SectionCase } from './sectionGeometry'
import { crystalOutline, gasketOutline } from './crystalOutline'
import { caseOutlines } from './sectionGeometry'

/** Figures of the joint beside the case's own. All mm. */
export interface JointFigures {
  readonly neckOuterMm: number
  readonly bezelInnerMm: number
  readonly bezelRingWallMm: number
}

export interface DrawnCrystal extends SectionCrystal {
  /** inside of its skirt; null for one without */
  readonly skirtInnerMm: number | null
  /** of the metal ring inside its skirt; null for one without */
  readonly ringHeightMm: number | null
  /** its underside over the seat, mm */
  readonly undersideMm: number
}

/** What lies in one half: as found, or as planned. */
export interface DrawnParts {
  readonly crystal: DrawnCrystal | null
  readonly ring: SectionGasket | null
}

/** Wall of an acrylic's skirt where nobody measured it, mm. Assumed. */
const SKIRT_WALL_MM = 0.7
const CUP_SKIRT_MM = 1.3
const SHORTEST_SKIRT_MM = 1

/** One half of the section: the case by how its crystal is held, with what lies in it. */
export function sectionOutlines(
  retention: Retention,
  c: SectionCase,
  joint: JointFigures,
  { crystal, ring }: DrawnParts,
): Outline[] {
  switch (retention) {
    case 'tension-gasket':
      return [
        ...caseOutlines(c),
        ...given(ring, (r) => gasketOutline(r, c.boreMm, crystal?.diameterMm ?? null)),
        ...given(crystal, (glass) => crystalOutline(glass, glass.undersideMm)),
      ]
    case 'press-in-bezel':
      return [
        ...removableBezelOutlines(c, joint),
        ...given(ring, (r) => gasketOutline(r, c.boreMm, crystal?.diameterMm ?? null)),
        ...given(crystal, (glass) => crystalOutline(glass, glass.undersideMm)),
      ]
    case 'neck-and-bezel': {
      const neck = {
        ...joint,
        crystalMm: crystal?.diameterMm ?? joint.neckOuterMm,
        edgeThicknessMm: crystal?.edgeThicknessMm ?? c.seatDepthMm,
      }
      return [
        ...neckOutlines(c, neck),
        ...given(crystal, (it) =>
          it.skirtInnerMm === null
            ? crystalOutline(it, 0)
            : cup(it, it.skirtInnerMm, CUP_SKIRT_MM, -CUP_SKIRT_MM),
        ),
        ...given(crystal?.skirtInnerMm == null ? ring : null, (r) => neckRingOutline(neck, r.wallMm)),
      ]
    }
    case 'snap-acrylic':
      return [
        ...grooveOutlines(c, crystal?.edgeThicknessMm ?? c.seatDepthMm),
        ...given(crystal, (it) => crystalOutline(it, 0)),
      ]
    case 'tension-ring-acrylic':
      return [...caseOutlines(c), ...given(crystal, (it) => it).flatMap(ringedAcrylic)]
    case 'cemented':
      return [
        ...caseOutlines(c),
        ...given(crystal, (glass) =>
          cementOutline(c.boreMm, glass.diameterMm, glass.undersideMm, glass.edgeThicknessMm),
        ),
        ...given(crystal, (glass) => crystalOutline(glass, glass.undersideMm)),
      ]
  }
}

function ringedAcrylic(it: DrawnCrystal): Outline[] {
  const heightMm = it.ringHeightMm ?? SHORTEST_SKIRT_MM
  const inner = it.skirtInnerMm ?? it.diameterMm - 2 * SKIRT_WALL_MM
  const skirtMm = Math.max(heightMm, SHORTEST_SKIRT_MM)
  // The rise of its underside is told from the skirt's foot: what is left above the skirt is the dome's.
  const roof = { ...it, undersideRiseMm: Math.max(0, it.undersideRiseMm - skirtMm) }
  return [cup(roof, inner, skirtMm, 0), metalRingOutline(inner, heightMm)]
}

function cup(it: DrawnCrystal, skirtInnerMm: number, skirtMm: number, footMm: number): Outline {
  return cupOutline({
    outerMm: it.diameterMm,
    skirtInnerMm,
    skirtMm,
    footMm,
    edgeThicknessMm: it.edgeThicknessMm,
    centreThicknessMm: it.centreThicknessMm,
    undersideRiseMm: it.undersideRiseMm,
  })
}

function given<T, R>(value: T | null, make: (value: T) => R): R[] {
  return value === null ? [] : [make(value)]
}
