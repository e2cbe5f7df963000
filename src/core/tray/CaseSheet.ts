import type {
  ArCoating,
  BackSeal,
  BezelEntry,
  BezelKind,
  ChapterRing,
  CrystalOutline,
  CrownKind,
  CrownPosition,
  DatePlace,
  InsertForm,
  InsertHold,
  InsertMaterial,
  Magnifier,
  Metal,
  MovementHold,
  MovementKind,
  NotchShape,
  Retention,
  StemRelease,
} from '../construction/kinds'
import type { FigureOrigin } from '../fit/CrystalSeat'
import type { CrystalMaterial, CrystalProfile, GasketMaterial, GasketSection } from '../fit/parts'
import type { BackKind } from '../opening/backKinds'
import type { LearnedFigures } from '../learning/PieceFigure'
import type { DimensionId } from '../readings/dimensions'
import type { SheetFigures } from '../readings/sheetFigures'

/** What is known of one case reference. Lengths mm; null means nobody has measured or looked yet. */
export interface CaseSheet extends SheetFigures {
  readonly id: number
  readonly maker: string
  readonly reference: string
  readonly note: string
  /** figures below that are not the sheet's own: a new bezel's, as its supplier gives them */
  readonly figureOrigins?: Readonly<Partial<Record<DimensionId, FigureOrigin>>>
  /** what pieces handed back have shown; left out where none has, and of a sheet as it is kept */
  readonly learned?: LearnedFigures
  readonly retention: Retention
  readonly caseMaterial: Metal | null
  readonly bezelKind: BezelKind
  readonly bezelEntry: BezelEntry | null
  /** of a cemented crystal; null when nobody said */
  readonly crystalOutline: CrystalOutline | null
  readonly chapterRing: ChapterRing
  readonly backKind: BackKind | null
  readonly twoPartBack: boolean
  readonly backSeal: BackSeal
  readonly notchCount: number | null
  readonly notchShape: NotchShape | null
  readonly notchCircleMm: number | null
  /** knurled rim's diameter, or width across flats */
  readonly backGripMm: number | null
  readonly backSides: number | null
  readonly backScrewCount: number | null
  /** where a snap back is entered, 1 to 12 o'clock */
  readonly lipHour: number | null
  readonly crownKind: CrownKind
  readonly crownHour: number | null
  /** clock hours with commas between */
  readonly pusherHours: string
  readonly movementKind: MovementKind
  readonly movementHold: MovementHold | null
  readonly stemRelease: StemRelease | null
  readonly stemReleaseCrown: CrownPosition | null
  readonly bezelClicks: number | null
  /** bezels and inserts that belong together; empty when nobody said */
  readonly bezelFamily: string
  readonly insertMaterial: InsertMaterial
  readonly insertForm: InsertForm | null
  readonly insertHold: InsertHold | null
  readonly caseDiameterMm: number | null
  readonly caseHeightMm: number | null
  readonly dialOpeningMm: number | null
  readonly undersideRiseMm: number | null
  readonly crystalMaterial: CrystalMaterial | null
  readonly crystalProfile: CrystalProfile | null
  readonly magnifier: Magnifier
  /** from the axis to the middle of the date */
  readonly dateRadiusMm: number | null
  readonly dateAt: DatePlace | null
  readonly arCoating: ArCoating
  readonly gasketSection: GasketSection | null
  readonly gasketMaterial: GasketMaterial | null
  readonly gasketColour: string | null
}
