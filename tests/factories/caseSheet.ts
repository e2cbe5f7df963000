import type { CaseSheetFacts } from '@/core/tray/CaseSheetFacts'

/** A 38 mm case for a 30.0 × 1.0 flat mineral crystal in a nylon 0.50 ring. */
export function caseSheetFacts(over: Partial<CaseSheetFacts> = {}): CaseSheetFacts {
  return {
    caseDiameterMm: 38,
    caseHeightMm: 10.2,
    boreMm: 30.95,
    seatDepthMm: 1.05,
    dialOpeningMm: 28.4,
    handsBelowSeatMm: 0.52,
    crystalDiameterMm: 30,
    crystalEdgeMm: 1,
    crystalCentreMm: 1,
    undersideRiseMm: 0,
    crystalMaterial: 'mineral',
    crystalProfile: 'flat',
    gasketWallMm: 0.5,
    gasketHeightMm: 1,
    gasketSection: 'I',
    gasketMaterial: 'nylon',
    gasketColour: 'black',
    ...over,
  }
}
