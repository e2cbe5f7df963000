import type { CrystalMaterial, CrystalProfile, GasketMaterial, GasketSection } from '../fit/parts'

/** What a case sheet knows of its case. Lengths mm; null means nobody has measured it yet. */
export interface CaseSheetFacts {
  readonly caseDiameterMm: number | null
  readonly caseHeightMm: number | null
  readonly boreMm: number | null
  readonly seatDepthMm: number | null
  readonly dialOpeningMm: number | null
  readonly handsBelowSeatMm: number | null
  readonly crystalDiameterMm: number | null
  readonly crystalEdgeMm: number | null
  readonly crystalCentreMm: number | null
  readonly undersideRiseMm: number | null
  readonly crystalMaterial: CrystalMaterial | null
  readonly crystalProfile: CrystalProfile | null
  readonly gasketWallMm: number | null
  readonly gasketHeightMm: number | null
  readonly gasketSection: GasketSection | null
  readonly gasketMaterial: GasketMaterial | null
  readonly gasketColour: string | null
}
