import type { CrystalState } from '@/core/intake/crystalStates'
import type { FailureCause, PressOutcome } from '@/core/press/pressOutcomes'
import type { SimulatedFault } from '@/devices/simulated-press/PressScene'
import type { OrderedDry } from '@/core/dry-test/simulatedOrders'
import type { FindingKind } from '@/core/intake/Finding'
import type { Scope } from '@/core/methods/scopes'
import type { Process } from '@/core/methods/harmTable'
import type { OwnPartId, Seen } from '@/core/own-parts/OwnPart'
import type { RemovalOutcome, RemovedPart } from '@/core/removal/Removal'
import type { StageId } from '@/core/stages/stages'
import type { StraightPair } from '@/core/straight/pairs'
import type { SizeMark, TrailPartId } from '@/core/trail/parts'
import type { NewTray } from '../queries/trays'

/** How far a demo tray got at the bench. */
export type DemoProgress =
  | { kind: 'opened' }
  /** this many readings of the plan taken; more than the plan has takes all */
  | { kind: 'measured'; readings: number }
  | { kind: 'picked' }
  | {
      kind: 'pressed'
      outcomes: readonly PressOutcome[]
      press: 'lever' | 'screw'
      note: string
      /** what the simulated cell was to do; left out as the outcome says */
      fault?: SimulatedFault
      cause?: FailureCause
      /** pushed once with 12 at the press's left, then the rim's heights read */
      rimRead?: boolean
    }

export interface DemoPart {
  readonly part: TrailPartId
  readonly count?: number
  readonly size?: SizeMark
  readonly clockHour?: number
}

/** A pair read with the loupe, by hour, mm. */
export interface DemoLook {
  readonly pair: StraightPair
  readonly radiusMm: number
  readonly byHour: Readonly<Partial<Record<number, number>>>
  readonly limitMm?: number
  readonly moves?: boolean
}

/** How a part came off, by the way its school says unless another is told. */
export interface DemoRemoval {
  readonly outcome: RemovalOutcome
  readonly note: string
}

type DemoIntake = Partial<
  Pick<
    NewTray,
    | 'asked'
    | 'foundMaterial'
    | 'classBar'
    | 'diver'
    | 'use'
    | 'wear'
    | 'promises'
    | 'looseMarkers'
    | 'steamedUp'
    | 'schools'
  >
>

export interface DemoTray {
  readonly number: number
  /** maker and reference of the case sheet */
  readonly caseName: string
  readonly owner: string
  readonly ownerMark: string
  readonly complaint: string
  readonly crystalState: CrystalState
  readonly oldLume?: boolean
  readonly intake?: DemoIntake
  /** what came off; it is back on when the tray is past closing */
  readonly trail?: readonly DemoPart[]
  /** a bath or flame in use now, since this many minutes before the demo's hour */
  readonly inUse?: { readonly process: Process; readonly scope: Scope; readonly minutesAgo: number }
  /** findings, as written down at the bench */
  readonly found?: readonly (readonly [FindingKind, string])[]
  /** what was seen of its own parts */
  readonly seen?: Readonly<Partial<Record<OwnPartId, Seen>>>
  /** what a stage demands and was left out, with the reason */
  readonly leftOut?: Readonly<Record<string, string>>
  /** looks at whether it stands straight */
  readonly askew?: readonly DemoLook[]
  /** how parts came off that can be harmed by it; clean where nothing is said */
  readonly cameOff?: Readonly<Partial<Record<RemovedPart, DemoRemoval>>>
  /** blank runs made on it, and its dry tests, oldest first */
  readonly dry?: { readonly blanks?: number; readonly tests: readonly OrderedDry[] }
  /** true draws a made-up picture of the piece as it came in */
  readonly pictured?: true
  readonly stage: StageId
  /** ids of steps done where it stands; what is askew was read after them, else as found */
  readonly doneHere?: readonly string[]
  /** days from the demo's day */
  readonly openedDay: number
  readonly dueDay: number
  readonly dueHour: number
  readonly progress: DemoProgress
}
