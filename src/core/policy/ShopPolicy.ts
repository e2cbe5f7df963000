import type { BezelPolicy } from '../bezel/bezelPolicy'
import { BEZEL_POLICY } from '../bezel/bezelPolicy'
import type { CarePolicy } from '../letter/carePolicy'
import { CARE_POLICY } from '../letter/carePolicy'
import type { ClosingPolicy } from '../closing/closingPolicy'
import { CLOSING_POLICY } from '../closing/closingPolicy'
import type { DiePolicy } from '../dies/diePolicy'
import { DIE_POLICY } from '../dies/diePolicy'
import type { DryTestPolicy } from '../dry-test/dryTestPolicy'
import { DRY_TEST_POLICY } from '../dry-test/dryTestPolicy'
import type { FitPolicy } from '../fit/fitPolicy'
import { FIT_POLICY } from '../fit/fitPolicy'
import type { HandPolicy } from '../hands/handPolicy'
import { HAND_POLICY } from '../hands/handPolicy'
import type { LevelPolicy } from '../level/levelPolicy'
import { LEVEL_POLICY } from '../level/levelPolicy'
import type { PressRunPolicy } from '../press-run/pressRunPolicy'
import { PRESS_RUN_POLICY } from '../press-run/pressRunPolicy'
import type { RunningPolicy } from '../running/runningPolicy'
import { RUNNING_POLICY } from '../running/runningPolicy'
import type { StrengthPolicy } from '../plate/strengthPolicy'
import { STRENGTH_POLICY } from '../plate/strengthPolicy'
import type { FlatSealPolicy } from '../seals/flatSealPolicy'
import { FLAT_SEAL_POLICY } from '../seals/flatSealPolicy'
import type { SealPolicy } from '../seals/sealPolicy'
import { SEAL_POLICY } from '../seals/sealPolicy'
import type { StraightPolicy } from '../straight/straightPolicy'
import { STRAIGHT_POLICY } from '../straight/straightPolicy'
import type { VerdictPolicy } from '../verdict/verdictPolicy'
import { VERDICT_POLICY } from '../verdict/verdictPolicy'

/** Every limit a shop may judge by otherwise than built in. */
export interface ShopPolicy {
  readonly fit: FitPolicy
  readonly seal: SealPolicy
  readonly flat: FlatSealPolicy
  readonly bezel: BezelPolicy
  readonly strength: StrengthPolicy
  readonly verdict: VerdictPolicy
  readonly die: DiePolicy
  readonly level: LevelPolicy
  readonly pressRun: PressRunPolicy
  readonly straight: StraightPolicy
  readonly closing: ClosingPolicy
  readonly dryTest: DryTestPolicy
  readonly hands: HandPolicy
  readonly running: RunningPolicy
  readonly care: CarePolicy
}

export const BUILT_IN_POLICY: ShopPolicy = {
  fit: FIT_POLICY,
  seal: SEAL_POLICY,
  flat: FLAT_SEAL_POLICY,
  bezel: BEZEL_POLICY,
  strength: STRENGTH_POLICY,
  verdict: VERDICT_POLICY,
  die: DIE_POLICY,
  level: LEVEL_POLICY,
  pressRun: PRESS_RUN_POLICY,
  straight: STRAIGHT_POLICY,
  closing: CLOSING_POLICY,
  dryTest: DRY_TEST_POLICY,
  hands: HAND_POLICY,
  running: RUNNING_POLICY,
  care: CARE_POLICY,
}
