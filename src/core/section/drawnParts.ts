import type { SectionCrystal, SectionGasket } from './crystalOutline'

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
