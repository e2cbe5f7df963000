import type { DryTestPolicy } from '../dry-test/dryTestPolicy'
import type { StandingDryTest } from '../dry-test/standingDryTest'
import { standingDryTest } from '../dry-test/standingDryTest'
import type { PartMove } from '../trail/partMoves'
import type { KeptTray } from './KeptTray'

/** A tray's case by its last dry test. @param moves - of the tray, oldest first */
export function dryTestOf(
  kept: Pick<KeptTray, 'tray' | 'sheet' | 'dryRecords' | 'blankRuns' | 'pastDeformations'>,
  policy: DryTestPolicy,
  moves: readonly PartMove[],
): StandingDryTest | null {
  const { tray, sheet, dryRecords, blankRuns, pastDeformations } = kept
  const basis = {
    blankRuns,
    past: pastDeformations,
    caseMaterial: sheet.caseMaterial,
    until: tray.finishedAt,
  }
  return standingDryTest(dryRecords, basis, tray, policy, moves)
}
