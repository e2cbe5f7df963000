import type { BezelAction } from '../bezel/bezelAction'
import type { LeakPlace } from '../dry-test/LeakPlace'
import type { KeptBlankRun, KeptDryRecord, PastDeformation } from '../dry-test/standingDryTest'
import type { OwnerWords } from '../letter/OwnerLetter'
import type { Underside } from '../fit/handClearance'
import type { CrystalMaterial } from '../fit/parts'
import type { ReturnedPiece } from '../intake/returnedPiece'
import type { Finding } from '../intake/Finding'
import type { PickEvidence } from './PickEvidence'
import type { PastWait } from '../waits/pastWaits'
import type { PieceFigure } from '../learning/PieceFigure'
import type { OpenProcess } from '../methods/assessMethod'
import type { PartsLookedOver } from '../own-parts/OwnPart'
import type { PressOutcome } from '../press/pressOutcomes'
import type { RunningCheck } from '../running/RunningCheck'
import type { SchoolChoices } from '../procedure/schools'
import type { StepSaid } from '../procedure/StepQuestion'
import type { ShapeInput, StoredShape } from '../shapes/shapeSize'
import type { LeftOut } from '../stages/LeftOut'
import type { StageId } from '../stages/stages'
import type { StockBezel } from '../stock/otherParts'
import type { PartKind } from '../parts/parts'
import type { HeatBurst } from '../removal/heatBursts'
import type { Removal } from '../removal/Removal'
import type { StraightLook } from '../straight/StraightLook'
import type { TrailEvent } from '../trail/partsTrail'
import type { CaseSheet } from './CaseSheet'
import type { TrayIntake } from './jobFactsOf'
import type { TakenReading } from './measuredFigures'
import type { PastRun } from './sizeHistory'

/** A reading as it is kept, with what became of it. */
export interface KeptReading extends TakenReading {
  readonly takenAt: Date
  /** when a file brought it here; null where it was taken here */
  readonly broughtInAt: Date | null
  /** null while it stands */
  readonly voidReason: string | null
  /** null while it stands */
  readonly voidedAt: Date | null
}

/** A diameter by a way round the jaws as it is kept, with what became of it. */
export interface KeptShape extends StoredShape {
  readonly id: number
  readonly input: ShapeInput
  readonly takenAt: Date
  /** the picture it was read from; null for other ways */
  readonly photoId: number | null
  /** null while it stands */
  readonly voidReason: string | null
  /** null while it stands */
  readonly voidedAt: Date | null
}

/** Pieces taken out of one drawer for a tray. */
export interface KeptPartOut {
  readonly kind: PartKind
  readonly partId: number
  readonly count: number
  /** when the last of them was taken */
  readonly since: Date
}

/** A bath, a flame or the like in use on the bench. */
export interface KeptProcess extends OpenProcess {
  readonly trayId: number
}

/** Everything that is kept of one tray: as it was written down, nothing worked out yet. */
export interface KeptTray {
  readonly tray: TrayIntake & {
    readonly id: number
    readonly number: number
    readonly stage: StageId
    readonly finishedAt: Date | null
    readonly schools: SchoolChoices
    readonly pastCounts: boolean
  }
  readonly sheet: CaseSheet
  /** oldest first, standing and taken back */
  readonly readings: readonly KeptReading[]
  readonly shapes: readonly KeptShape[]
  /** that stand */
  readonly findings: readonly Pick<Finding, 'id' | 'kind' | 'words'>[]
  /** when each `step:` and `hazard:` was ticked, ISO time */
  readonly ticks: Readonly<Record<string, string>>
  /** what was said of a `step:` that asks, good or not: the newest */
  readonly said: Readonly<Record<string, StepSaid>>
  /** what a stage demands and was left out, by `step:` or what else it is */
  readonly leftOut: Readonly<Record<string, LeftOut>>
  /** own parts that were looked over */
  readonly looked: PartsLookedOver
  /** whether rings and marks stand straight, oldest first */
  readonly straightLooks: readonly StraightLook[]
  /** how its bezel was tried, oldest first */
  readonly bezelActions: readonly (BezelAction & { readonly at: Date })[]
  /** how bezel, insert and magnifier came off, each try, oldest first */
  readonly removals: readonly Removal[]
  /** heat its magnifier's bond has had, oldest first */
  readonly heatBursts: readonly HeatBurst[]
  /** what dry testers recorded of it, oldest first */
  readonly dryRecords: readonly KeptDryRecord[]
  /** how its movement ran, look by look, oldest first */
  readonly runningChecks: readonly RunningCheck[]
  /** the tray it was last handed back from, within a year; null where it was not here */
  readonly returned: ReturnedPiece | null
  /** written to its owner instead of what is drafted */
  readonly ownerWords: OwnerWords
  /** where a leak was looked for, oldest first */
  readonly leakPlaces: readonly { readonly place: LeakPlace; readonly reason: string; readonly at: Date }[]
  /** what tells how the shop's testers drift, the newest first */
  readonly blankRuns: readonly KeptBlankRun[]
  /** how far other pieces of the same case went in where they were tight */
  readonly pastDeformations: readonly PastDeformation[]
  readonly trail: readonly TrailEvent[]
  /** trails of other trays of the same sheet, newest first */
  readonly pastTrails: readonly (readonly TrailEvent[])[]
  /** press runs of other trays of the same sheet, newest first */
  readonly pastRuns: readonly PastRun[]
  /** how long waits took on other trays of the same sheet, newest first */
  readonly pastWaits: readonly PastWait[]
  /** what other pieces of the same case showed when they were handed back */
  readonly pieces: readonly PieceFigure[]
  /** out of the drawers for this tray */
  readonly partsOut: readonly KeptPartOut[]
  /** the bezels among them */
  readonly bezelsOut: readonly StockBezel[]
  /** the pick that counts; null while nothing is picked */
  readonly picked: {
    readonly pick: { readonly id: number; readonly pickedAt: Date; readonly evidence: PickEvidence }
    readonly crystal: { readonly id: number; readonly material: CrystalMaterial } & Underside
    /** null where no ring goes with the crystal */
    readonly gasket: { readonly id: number; readonly footMm: number } | null
    /** the second ring of a removable bezel; left out where there is none */
    readonly bezelGasket?: { readonly id: number } | null
  } | null
  /** oldest first */
  readonly pressRuns: readonly {
    readonly id: number
    readonly pickId: number
    /** null where it went in by hand */
    readonly pressId: number | null
    readonly quarterTurns: number
    /** hour of the case at the press's left; null where nobody said */
    readonly leftHour: number | null
    readonly outcome: PressOutcome
    readonly ranAt: Date
  }[]
  /** everything in use on the bench, this tray's own included */
  readonly inUse: readonly KeptProcess[]
}
