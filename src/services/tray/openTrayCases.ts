import type { KeptTray } from '@/core/tray/KeptTray'
import type { TrayCase } from '@/core/tray/trayCase'
import { trayCase } from '@/core/tray/trayCase'
import type { Db } from '@/data/client'
import type { SheetPressRun } from '@/data/queries/caseSheets'
import { pressRunsOfSheets } from '@/data/queries/caseSheets'
import type { Finding } from '@/data/queries/findings'
import { standingFindingsOf } from '@/data/queries/findings'
import type { OpenMethodRun } from '@/data/queries/methodRuns'
import { openMethodRuns } from '@/data/queries/methodRuns'
import { bezelsByIds } from '@/data/queries/otherParts'
import type { KeptPhoto } from '@/data/queries/photos'
import { photosOf } from '@/data/queries/photos'
import type { PickedParts, PressRun } from '@/data/queries/picks'
import { latestPicksOf, pressRunsOf } from '@/data/queries/picks'
import type { KeptReading } from '@/data/queries/readings'
import { readingsOf } from '@/data/queries/readings'
import type { KeptShape } from '@/data/queries/shapes'
import { shapesOf } from '@/data/queries/shapes'
import type { PartOut } from '@/data/queries/stockMoves'
import { partsOutOf } from '@/data/queries/stockMoves'
import { ticksOf } from '@/data/queries/ticks'
import { newestTrailsOf, trailsOf } from '@/data/queries/trail'
import type { TrayRow } from '@/data/queries/trays'
import { shopRules } from '../shop/shopPolicy'

/** Everything kept of a tray, with what its page, its cards and its exports show beside the case itself. */
export interface TrayRecord extends KeptTray {
  readonly tray: TrayRow['tray']
  readonly owner: TrayRow['owner']
  readonly readings: readonly KeptReading[]
  readonly shapes: readonly KeptShape[]
  readonly findings: readonly Finding[]
  readonly pastRuns: readonly SheetPressRun[]
  readonly partsOut: readonly PartOut[]
  readonly inUse: readonly OpenMethodRun[]
  readonly photos: readonly KeptPhoto[]
  /** null while nothing is picked */
  readonly picked: PickedParts | null
  readonly pressRuns: readonly PressRun[]
}

export type OpenedCase = TrayCase<TrayRecord>

/** Trails of earlier trays a case learns from; one more is read, for it may be the tray's own. */
const PAST_TRAILS = 8

/**
 * Reads what is kept of trays and puts each one's case together: the only place that does.
 * The number of questions to the database is the same for one tray and for all of them.
 */
export async function openTrayCases(db: Db, rows: readonly TrayRow[]): Promise<OpenedCase[]> {
  const ids = rows.map(({ tray }) => tray.id)
  const sheetIds = [...new Set(rows.map(({ sheet }) => sheet.id))]
  const [
    readings,
    shapes,
    findings,
    ticks,
    trails,
    pastTrails,
    runs,
    out,
    photos,
    picks,
    presses,
    inUse,
    rules,
  ] = await Promise.all([
    readingsOf(db, ids),
    shapesOf(db, ids),
    standingFindingsOf(db, ids),
    ticksOf(db, ids),
    trailsOf(db, ids),
    newestTrailsOf(db, sheetIds, PAST_TRAILS + 1),
    pressRunsOfSheets(db, sheetIds),
    partsOutOf(db, ids),
    photosOf(db, ids),
    latestPicksOf(db, ids),
    pressRunsOf(db, ids),
    openMethodRuns(db),
    shopRules(db),
  ])
  const bezels = await bezelsByIds(db, bezelIds([...out.values()].flat()))
  return rows.map(({ tray, sheet, owner }) => {
    const partsOut = out.get(tray.id) ?? []
    const ownBezels = bezelIds(partsOut)
    const others = (pastTrails.get(sheet.id) ?? []).filter((trail) => trail.trayId !== tray.id)
    const record: TrayRecord = {
      tray,
      sheet,
      owner,
      readings: readings.get(tray.id) ?? [],
      shapes: shapes.get(tray.id) ?? [],
      findings: findings.get(tray.id) ?? [],
      ticks: ticks.get(tray.id) ?? {},
      trail: trails.get(tray.id) ?? [],
      pastTrails: others.slice(0, PAST_TRAILS).map(({ events }) => events),
      pastRuns: (runs.get(sheet.id) ?? []).filter((run) => run.trayId !== tray.id),
      partsOut,
      bezelsOut: bezels.filter(({ id }) => ownBezels.includes(id)),
      inUse,
      photos: photos.get(tray.id) ?? [],
      picked: picks.get(tray.id) ?? null,
      pressRuns: presses.get(tray.id) ?? [],
    }
    return trayCase(record, rules)
  })
}

/** Reads one tray's case, see openTrayCases. */
export async function openTrayCase(db: Db, row: TrayRow): Promise<OpenedCase> {
  const [opened] = await openTrayCases(db, [row])
  if (!opened) throw new Error(`tray ${row.tray.number}: its case was not put together`)
  return opened
}

function bezelIds(out: readonly PartOut[]): number[] {
  return out.filter(({ kind }) => kind === 'bezel').map(({ partId }) => partId)
}
