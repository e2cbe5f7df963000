import type { ShopPolicy } from '@/core/policy/ShopPolicy'
import type { StockBezel } from '@/core/stock/otherParts'
import type { CaseSheetFacts } from '@/core/tray/CaseSheetFacts'
import type { NewBezel } from '@/core/tray/newBezel'
import { isOfOldBezel, sheetWithBezel } from '@/core/tray/newBezel'
import type { PastRun } from '@/core/tray/sizeHistory'
import type { TrayReadout } from '@/core/tray/trayReadout'
import { trayReadout } from '@/core/tray/trayReadout'
import type { CaseSheet } from '@/data/queries/caseSheets'
import type { Reading } from '@/data/queries/readings'
import type { ShapeReading } from '@/data/queries/shapes'
import type { PartOutView } from './partsOut'

/** What is kept of a tray's case. */
export interface KeptOfCase {
  readonly sheet: CaseSheet
  /** that stand */
  readonly readings: readonly Reading[]
  readonly shapes: readonly ShapeReading[]
  /** of other trays of the same sheet, newest first */
  readonly pastRuns: readonly PastRun[]
  readonly pastCounts: boolean
  readonly policy: Pick<ShopPolicy, 'fit' | 'verdict'>
}

/** A case by its figures. */
export interface CaseByFigures {
  readonly sheet: CaseSheet & Pick<CaseSheetFacts, 'figureOrigins'>
  readonly readout: TrayReadout
}

/** A tray's case as it came in, and as it will be closed. */
export interface TrayCase {
  readonly found: CaseByFigures
  /** with the new bezel on where one is out for the tray; the same as found where none is */
  readonly now: CaseByFigures
  /** readings that speak of the case as it will be closed */
  readonly counted: readonly Reading[]
}

/** Reads a case twice where a new bezel comes on it: old readings of the old bezel say nothing of the new one. */
export function trayCase(kept: KeptOfCase, newBezel: NewBezel | null): TrayCase {
  const { sheet, readings, shapes } = kept
  const found = { sheet, readout: readoutOf(kept) }
  if (!newBezel) return { found, now: found, counted: readings }
  const counts = (one: Reading | ShapeReading) => !isOfOldBezel(one, newBezel, sheet)
  const counted = readings.filter(counts)
  const withBezel = {
    ...kept,
    sheet: sheetWithBezel(sheet, newBezel.bezel, found.readout.measured),
    readings: counted,
    shapes: shapes.filter(counts),
  }
  return { found, now: { sheet: withBezel.sheet, readout: readoutOf(withBezel) }, counted }
}

function readoutOf({ readings, sheet, pastRuns, shapes, pastCounts, policy }: KeptOfCase): TrayReadout {
  return trayReadout(readings, sheet, pastRuns, {
    shapes,
    pastCounts,
    policy: policy.fit,
    verdict: policy.verdict,
  })
}

/** The bezel that lies out for a tray, the last one taken if there are two. */
export function newBezelOf(out: readonly PartOutView[], bezels: readonly StockBezel[]): NewBezel | null {
  const [last] = out.filter(({ kind }) => kind === 'bezel').toSorted((a, b) => b.since.localeCompare(a.since))
  const bezel = last && bezels.find(({ id }) => id === last.partId)
  return last && bezel ? { bezel, since: new Date(last.since) } : null
}
