import type {
  ArCoating,
  BackSeal,
  BezelKind,
  ChapterRing,
  CrystalOutline,
  CrownKind,
  InsertForm,
  InsertHold,
  InsertMaterial,
  DatePlace,
  Magnifier,
  Retention,
} from '../construction/kinds'
import type { FigureOrigin } from '../fit/CaseFacts'
import type { CrystalMaterial, CrystalProfile, GasketMaterial, GasketSection } from '../fit/parts'
import type { DimensionId } from '../readings/dimensionKinds'

/** What a case sheet knows of its case. Lengths mm; null means nobody has measured it yet. */
export interface CaseSheetFacts {
  /** figures below that are not the sheet's own: a new bezel's, as its supplier gives them */
  readonly figureOrigins?: Readonly<Partial<Record<DimensionId, FigureOrigin>>>
  readonly retention: Retention
  readonly bezelKind: BezelKind
  /** of a cemented crystal; null when nobody said */
  readonly crystalOutline: CrystalOutline | null
  readonly chapterRing: ChapterRing
  readonly backSeal: BackSeal
  readonly crownKind: CrownKind
  readonly bezelClicks: number | null
  /** bezels and inserts that belong together; empty when nobody said */
  readonly bezelFamily: string
  readonly insertMaterial: InsertMaterial
  readonly insertForm: InsertForm | null
  readonly insertHold: InsertHold | null
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
  readonly magnifier: Magnifier
  /** from the axis to the middle of the date */
  readonly dateRadiusMm: number | null
  readonly dateAt: DatePlace | null
  readonly arCoating: ArCoating
  readonly gasketWallMm: number | null
  readonly gasketHeightMm: number | null
  readonly gasketSection: GasketSection | null
  readonly gasketMaterial: GasketMaterial | null
  readonly gasketColour: string | null
  readonly neckOuterMm: number | null
  readonly skirtInnerMm: number | null
  readonly skirtOuterMm: number | null
  readonly bezelInnerMm: number | null
  readonly bezelBoreMm: number | null
  readonly bezelGasketWallMm: number | null
  readonly keySpacingMm: number | null
  readonly keyWidthMm: number | null
  readonly grooveMm: number | null
  readonly domeHeightMm: number | null
  readonly ringHeightMm: number | null
  readonly rebateLengthMm: number | null
  readonly rebateWidthMm: number | null
  readonly rebateDepthMm: number | null
  readonly rebateCornerMm: number | null
  readonly crystalLengthMm: number | null
  readonly crystalWidthMm: number | null
  readonly gasketOuterMm: number | null
  readonly insertOuterMm: number | null
  readonly insertInnerMm: number | null
  readonly insertThicknessMm: number | null
  readonly recessOuterMm: number | null
  readonly recessInnerMm: number | null
  readonly recessDepthMm: number | null
  readonly bezelOuterMm: number | null
  readonly chapterRingInnerMm: number | null
  readonly chapterRingOuterMm: number | null
  readonly chapterRingHeightMm: number | null
  readonly backRingInnerMm: number | null
  readonly backRingSectionMm: number | null
  readonly backGrooveInnerMm: number | null
  readonly backGrooveWidthMm: number | null
  readonly backGrooveDepthMm: number | null
  readonly crownTubeMm: number | null
  readonly crownBoreMm: number | null
  readonly crownRoomMm: number | null
}
