import type { ShopPolicy } from '../policy/ShopPolicy'
import type { CaseSheet } from './CaseSheet'
import type { KeptTray } from './KeptTray'
import type { NewBezel } from './newBezel'
import { isOfNewBezel, isOfOldBezel, sheetWithBezel } from './newBezel'
import type { TrayReadout } from './trayReadout'
import { trayReadout } from './trayReadout'

/** A case by its figures: the sheet with what was read in the sheet's place. */
export interface CaseByFigures {
  readonly sheet: CaseSheet
  readonly readout: TrayReadout
}

/** A case nobody has a tray of: as its sheet alone knows it. */
export function caseOfSheet(sheet: CaseSheet, { fit, verdict }: ShopPolicy): CaseByFigures {
  const readout = trayReadout([], sheet, [], { shapes: [], pastCounts: true, policy: fit, verdict })
  return { sheet, readout }
}

/** As it came: what is read of a new bezel says nothing of the old one. */
export function asFound(
  kept: KeptTray,
  sheet: CaseSheet,
  policy: ShopPolicy,
  newBezel: NewBezel | null,
): CaseByFigures {
  const counts = (one: Timed) => newBezel === null || !isOfNewBezel(one, newBezel, kept.sheet)
  return { sheet, readout: readoutOf(kept, sheet, policy, counts) }
}

/** Read again with the new bezel on: old readings of the old bezel say nothing of the new one. */
export function withNewBezel(
  kept: KeptTray,
  policy: ShopPolicy,
  found: CaseByFigures,
  newBezel: NewBezel,
): CaseByFigures {
  const sheet = sheetWithBezel(found.sheet, newBezel.bezel, found.readout.measured)
  return { sheet, readout: readoutOf(kept, sheet, policy, (one) => !isOfOldBezel(one, newBezel, kept.sheet)) }
}

type Timed = KeptTray['readings'][number] | KeptTray['shapes'][number]

function readoutOf(
  { readings, shapes, pastRuns, tray }: KeptTray,
  sheet: CaseSheet,
  { fit, verdict }: ShopPolicy,
  counts: (one: Timed) => boolean,
): TrayReadout {
  const stands = (one: Timed) => one.voidReason === null && counts(one)
  return trayReadout(readings.filter(stands), sheet, pastRuns, {
    shapes: shapes.filter(stands),
    pastCounts: tray.pastCounts,
    policy: fit,
    verdict,
  })
}
