import type { SheetFigures } from '@/core/readings/sheetFigures'
import { SHEET_DIMENSIONS, sheetField } from '@/core/readings/sheetFigures'
import type { CaseSheet } from '@/core/tray/CaseSheet'

/** A sheet on which nobody has noted a dimension yet. */
export const NO_FIGURES = Object.fromEntries(
  SHEET_DIMENSIONS.map((id) => [sheetField(id), null]),
) as SheetFigures

/** A 38 mm case for a 30.0 × 1.0 flat mineral crystal in a nylon 0.50 ring. */
export function caseSheet(over: Partial<CaseSheet> = {}): CaseSheet {
  return {
    ...NO_FIGURES,
    id: 1,
    maker: 'Harrowmere',
    reference: 'Deckwatch 38',
    note: '',
    caseMaterial: 'steel',
    bezelEntry: null,
    backKind: 'screw-notched',
    twoPartBack: false,
    notchCount: null,
    notchShape: 'square',
    notchCircleMm: null,
    backGripMm: null,
    backSides: null,
    backScrewCount: null,
    lipHour: null,
    crownHour: 3,
    pusherHours: '',
    movementKind: 'mechanical',
    movementHold: 'clamps',
    stemRelease: 'push-pin',
    stemReleaseCrown: 'in',
    retention: 'tension-gasket',
    bezelKind: 'none',
    chapterRing: 'none',
    backSeal: 'o-ring',
    crownKind: 'push-pull',
    bezelClicks: null,
    bezelFamily: '',
    insertMaterial: 'none',
    insertForm: null,
    insertHold: null,
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
    magnifier: 'none',
    dateAt: null,
    dateRadiusMm: null,
    arCoating: 'none',
    gasketWallMm: 0.5,
    gasketHeightMm: 1,
    gasketSection: 'I',
    gasketMaterial: 'nylon',
    gasketColour: 'black',
    crystalOutline: null,
    ...over,
  }
}
