import type { OwnParts } from '../own-parts/ownParts'
import { ownParts } from '../own-parts/ownParts'
import type { JobFacts } from '../procedure/JobFacts'
import type { CaseByFigures } from './caseByFigures'
import type { CaseSheet } from './CaseSheet'
import type { KeptTray } from './KeptTray'

interface ByFigures {
  readonly sheet: CaseSheet
  readonly found: CaseByFigures
  readonly now: CaseByFigures
}

/** Parts of the piece itself: as it came in they are judged for the seat it will have. */
export function ownPartsOfTray(
  { tray, looked }: Pick<KeptTray, 'tray' | 'looked'>,
  facts: JobFacts,
  { sheet, found, now }: ByFigures,
): OwnParts {
  const { seat } = now.readout
  return ownParts({
    facts,
    schools: tray.schools,
    looked,
    found: { sheet, measured: found.readout.measured },
    seat: seat.ok ? seat.seat : null,
  })
}
