import type { CrystalMaterial, CrystalProfile } from '../fit/parts'
import type { PartsLookedOver } from '../own-parts/OwnPart'
import type { PlanBasis } from './readingPlan'

/** The facts as a tray and its sheet hold them. */
export function planBasisOf(
  tray: Pick<PlanBasis, 'crystalState' | 'gasketPresent' | 'asked'> & {
    readonly foundMaterial: CrystalMaterial | null
  },
  sheet: Pick<
    PlanBasis,
    | 'retention'
    | 'bezelKind'
    | 'insertMaterial'
    | 'crystalOutline'
    | 'chapterRing'
    | 'backSeal'
    | 'backKind'
    | 'twoPartBack'
    | 'crystalMaterial'
  > & {
    readonly crystalProfile: CrystalProfile | null
    readonly pusherHours: string
  },
  looked: PartsLookedOver,
): PlanBasis {
  return {
    retention: sheet.retention,
    crystalState: tray.crystalState,
    crystalMaterial: tray.foundMaterial ?? sheet.crystalMaterial,
    profile: sheet.crystalProfile ?? 'flat',
    gasketPresent: tray.gasketPresent,
    asked: tray.asked,
    bezelKind: sheet.bezelKind,
    insertMaterial: sheet.insertMaterial,
    crystalOutline: sheet.crystalOutline,
    chapterRing: sheet.chapterRing,
    backSeal: sheet.backSeal,
    backKind: sheet.backKind,
    twoPartBack: sheet.twoPartBack,
    pushers: sheet.pusherHours !== '',
    insertBack: looked.insert?.goesBack ?? false,
  }
}
