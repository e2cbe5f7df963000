import type {
  ArCoating,
  BackSeal,
  BezelEntry,
  BezelKind,
  ChapterRing,
  CrownKind,
  CrownPosition,
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
import type { LeakPlace } from '../dry-test/LeakPlace'
import type { CrystalMaterial, CrystalProfile } from '../fit/parts'
import type { AskedFor, Use } from '../intake/jobWords'
import type { WaterClass } from '../intake/waterClass'
import type { OwnPartId } from '../own-parts/OwnPart'
import type { BackKind } from '../opening/backKinds'
import type { ChosenOptions } from './schoolChoices'
import type { CrystalState } from '../intake/crystalStates'

/** How one case is built, as its sheet says; null means nobody has looked yet. */
export interface Construction {
  readonly retention: Retention
  readonly caseMaterial: Metal | null
  readonly bezelKind: BezelKind
  readonly bezelEntry: BezelEntry | null
  readonly insertMaterial: InsertMaterial
  readonly insertHold: InsertHold | null
  /** of a turning bezel; null when nobody counted */
  readonly bezelClicks: number | null
  readonly magnifier: Magnifier
  readonly arCoating: ArCoating
  readonly chapterRing: ChapterRing
  readonly backKind: BackKind | null
  readonly twoPartBack: boolean
  readonly backSeal: BackSeal
  readonly notchShape: NotchShape | null
  readonly crownKind: CrownKind
  readonly stemRelease: StemRelease | null
  readonly stemReleaseCrown: CrownPosition | null
  readonly movementKind: MovementKind
  readonly movementHold: MovementHold | null
}

/** Everything that decides the steps of one tray: how the case is built, how this piece came in, what was asked. */
export interface JobFacts extends Construction, WaterClass {
  readonly crystalState: CrystalState
  /** as found on this piece; null when nobody knows */
  readonly crystalMaterial: CrystalMaterial | null
  readonly crystalProfile: CrystalProfile | null
  readonly gasketPresent: boolean
  /** of the crystal gasket that came in; null when nobody knows */
  readonly gasketAgeYears: number | null
  /** own parts that were looked over and may not go back */
  readonly unfit: readonly OwnPartId[]
  /** own parts that were looked over and said to go back, though a new one was asked for */
  readonly ownBack: readonly OwnPartId[]
  readonly oldLume: boolean
  readonly looseMarkers: boolean
  /** steamed up, or a back that came off too easily: no bath for such a head */
  readonly sealsDoubtful: boolean
  readonly asked: readonly AskedFor[]
  readonly use: Use
  /** it has buttons in its side */
  readonly pushers: boolean
  /** where a leak is looked for, after a dry test */
  readonly leaksSuspected: readonly LeakPlace[]
  /** what the shop always does where practitioners differ */
  readonly shopSchools: ChosenOptions
}
