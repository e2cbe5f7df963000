import type { InsertLevel } from '../bezel/insertLevel'
import { insertLevel } from '../bezel/insertLevel'
import type { StandingAction } from '../bezel/standingAction'
import { standingAction } from '../bezel/standingAction'
import type { StandingDryTest } from '../dry-test/standingDryTest'
import type { ShopPolicy } from '../policy/ShopPolicy'
import type { JobFacts } from '../procedure/JobFacts'
import type { StandingRunning } from '../running/standingRunning'
import { standingRunning } from '../running/standingRunning'
import type { StandingPair } from '../straight/standingPairs'
import { standingPairs } from '../straight/standingPairs'
import type { PartMove } from '../trail/partMoves'
import type { Underside } from '../fit/handClearance'
import type { CaseByFigures } from './caseByFigures'
import { dryTestOf } from './dryTestOf'
import type { HandsByHeights } from './handsOf'
import { handsOf } from './handsOf'
import type { KeptReading, KeptTray } from './KeptTray'
import { lazily } from './lazily'
import type { StandingRim } from './standingRim'
import { standingRim } from './standingRim'

/** What was looked at, tried and tested on a tray, each asked when it is first needed. */
export interface TrayLooks {
  /** how the rim stands after the last pressing; null where no height was read since, or too few */
  readonly rim: () => StandingRim | null
  /** how the insert lies by heights since it was set; null where none was set here */
  readonly insertLevel: () => InsertLevel | null
  /** pairs that were looked at for standing straight, with what would help */
  readonly straight: () => readonly StandingPair[]
  /** how a turning bezel turned when it was tried last; null where it was not */
  readonly bezelAction: () => StandingAction | null
  /** how the movement runs; null where nothing was written down */
  readonly running: () => StandingRunning | null
  /** the hands by their heights over the dial */
  readonly hands: () => HandsByHeights
  /** the case by its last dry test; null where no record was kept */
  readonly dryTest: () => StandingDryTest | null
}

interface LooksBasis {
  readonly facts: () => JobFacts
  /** readings that stand */
  readonly standing: readonly KeptReading[]
  /** oldest first */
  readonly moves: () => readonly PartMove[]
  /** the case as it will be closed */
  readonly now: () => CaseByFigures
  /** the crystal it came in with; null where it cannot be told */
  readonly original: () => Underside | null
  readonly policy: ShopPolicy
}

/** How a tray's case stands by what was looked at: only as far as nothing of it moved since. */
export function looksOf(kept: KeptTray, basis: LooksBasis): TrayLooks {
  const { facts, standing, moves, policy } = basis
  return {
    rim: lazily(() => standingRim(kept, standing, policy.level)),
    insertLevel: lazily(() => insertLevel(standing, moves(), policy)),
    straight: lazily(() => standingPairs(kept.straightLooks, facts(), policy.straight, moves())),
    bezelAction: lazily(() => standingAction(kept.bezelActions, kept.sheet, moves())),
    running: lazily(() => standingRunning(kept.runningChecks, kept.sheet.movementKind, policy.running)),
    hands: lazily(() => handsOf(kept, basis)),
    dryTest: lazily(() => dryTestOf(kept, policy.dryTest, moves())),
  }
}
