import type { LeakPlace } from '../dry-test/LeakPlace'
import type { CrystalMaterial, CrystalProfile } from '../fit/parts'
import type { Finding } from '../intake/Finding'
import { isLooseBack } from '../intake/Finding'
import type { PartsLookedOver } from '../own-parts/OwnPart'
import { OWN_PART_IDS, serves } from '../own-parts/OwnPart'
import type { AskedFor, Use } from '../intake/jobWords'
import type { WaterClass } from '../intake/waterClass'
import type { Construction, JobFacts } from '../procedure/JobFacts'
import type { ChosenOptions } from '../procedure/schoolChoices'
import type { CrystalState } from '../intake/crystalStates'

/** What intake wrote down about one piece. */
export interface TrayIntake extends WaterClass {
  readonly crystalState: CrystalState
  readonly foundMaterial: CrystalMaterial | null
  readonly gasketPresent: boolean
  /** null when nobody knows */
  readonly gasketAgeYears: number | null
  readonly oldLume: boolean
  readonly looseMarkers: boolean
  readonly steamedUp: boolean
  readonly asked: readonly AskedFor[]
  readonly use: Use
}

/** What was seen of the piece at the bench. */
export interface PieceFound {
  readonly findings: readonly Pick<Finding, 'kind' | 'words'>[]
  readonly looked: PartsLookedOver
  readonly leakPlaces: readonly { readonly place: LeakPlace }[]
}

type SheetConstruction = Construction & {
  readonly pusherHours: string
  readonly crystalMaterial: CrystalMaterial | null
  readonly crystalProfile: CrystalProfile | null
}

/** The facts the steps follow from: the case as its sheet knows it, the piece as it came in and as it was found. */
export function jobFactsOf(
  tray: TrayIntake,
  sheet: SheetConstruction,
  { findings, looked, leakPlaces }: PieceFound,
  shopSchools: ChosenOptions,
): JobFacts {
  return {
    retention: sheet.retention,
    caseMaterial: sheet.caseMaterial,
    bezelKind: sheet.bezelKind,
    bezelEntry: sheet.bezelEntry,
    insertMaterial: sheet.insertMaterial,
    insertHold: sheet.insertHold,
    bezelClicks: sheet.bezelClicks,
    magnifier: sheet.magnifier,
    arCoating: sheet.arCoating,
    chapterRing: sheet.chapterRing,
    backKind: sheet.backKind,
    twoPartBack: sheet.twoPartBack,
    backSeal: sheet.backSeal,
    notchShape: sheet.notchShape,
    crownKind: sheet.crownKind,
    pushers: sheet.pusherHours !== '',
    stemRelease: sheet.stemRelease,
    stemReleaseCrown: sheet.stemReleaseCrown,
    movementKind: sheet.movementKind,
    movementHold: sheet.movementHold,
    crystalState: tray.crystalState,
    crystalMaterial: tray.foundMaterial ?? sheet.crystalMaterial,
    crystalProfile: sheet.crystalProfile,
    gasketPresent: tray.gasketPresent,
    gasketAgeYears: tray.gasketAgeYears,
    unfit: OWN_PART_IDS.filter((id) => {
      const look = looked[id]
      return look !== undefined && !serves(look.seen)
    }),
    ownBack: OWN_PART_IDS.filter((id) => looked[id]?.goesBack === true),
    oldLume: tray.oldLume,
    looseMarkers: tray.looseMarkers,
    sealsDoubtful: tray.steamedUp || findings.some(isLooseBack),
    asked: tray.asked,
    classBar: tray.classBar,
    diver: tray.diver,
    use: tray.use,
    leaksSuspected: [...new Set(leakPlaces.map(({ place }) => place))],
    shopSchools,
  }
}
