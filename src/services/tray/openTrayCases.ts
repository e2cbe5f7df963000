import type { LeakPlace } from '@/core/dry-test/LeakPlace'
import { returnedPiece } from '@/core/intake/returnedPiece'
import type { KeptTray } from '@/core/tray/KeptTray'
import type { TrayCase } from '@/core/tray/trayCase'
import { trayCase } from '@/core/tray/trayCase'
import type { Db } from '@/data/client'
import type { SheetPressRun } from '@/data/queries/caseSheets'
import type { Tester } from '@/data/queries/dryRecords'
import type { Finding, SheetFinding } from '@/data/queries/findings'
import type { OpenMethodRun } from '@/data/queries/methodRuns'
import type { KeptPhoto } from '@/data/queries/photos'
import type { PickedParts, PressRun } from '@/data/queries/picks'
import type { KeptReading } from '@/data/queries/readings'
import type { KeptShape } from '@/data/queries/shapes'
import type { PartOut } from '@/data/queries/stockMoves'
import type { Instrument, Press } from '@/data/queries/tools'
import type { WorkRun } from '@/data/queries/workRuns'
import { NO_TICKS } from '@/data/queries/ticks'
import type { TrayRow } from '@/data/queries/trays'
import type { TrayKey } from '@/data/queries/trayStamp'
import { rememberedTray } from './rememberedTrays'
import type { TrayAnswers } from './trayAnswers'
import { bezelIds, PAST_TRAILS, trayAnswers } from './trayAnswers'

/** Everything kept of a tray, with what its page, its cards and its exports show beside the case itself. */
export interface TrayRecord extends KeptTray {
  readonly tray: TrayRow['tray']
  readonly owner: TrayRow['owner']
  readonly readings: readonly KeptReading[]
  readonly shapes: readonly KeptShape[]
  readonly findings: readonly Finding[]
  /** on other trays of its sheet, the newest first */
  readonly pastFindings: readonly SheetFinding[]
  readonly pastRuns: readonly SheetPressRun[]
  readonly partsOut: readonly PartOut[]
  readonly inUse: readonly OpenMethodRun[]
  readonly photos: readonly KeptPhoto[]
  /** null while nothing is picked */
  readonly picked: PickedParts | null
  readonly pressRuns: readonly PressRun[]
  /** presses of anything but a crystal that goes in, on every tray of its sheet, newest first */
  readonly workRuns: readonly WorkRun[]
  /** of the shop */
  readonly instruments: readonly Instrument[]
  readonly presses: readonly Press[]
  readonly testers: readonly Tester[]
  /** where leaks of other trays turned out to be */
  readonly leaksFound: readonly LeakPlace[]
}

export type OpenedCase = TrayCase<TrayRecord>

/**
 * Reads what is kept of trays and puts each one's case together: the only place that does.
 * The number of questions to the database is the same for one tray and for all of them.
 */
export async function openTrayCases(db: Db, rows: readonly TrayRow[]): Promise<OpenedCase[]> {
  return casesFrom(rows, await trayAnswers(db, rows))
}

/** Puts each tray's case together from its row and what else is kept of it. */
export function casesFrom(rows: readonly TrayRow[], answers: TrayAnswers): OpenedCase[] {
  const {
    readings,
    shapes,
    findings,
    ticks,
    leftOut,
    looked,
    straightLooks,
    bezelActions,
    removals,
    heatBursts,
    dryRecords,
    runningChecks,
    ownerWords,
    handedBack,
    leakPlaces,
    pastDeformations,
    trails,
    pastTrails,
    pastFindings,
    pastWaits,
    pieces,
    runs,
    out,
    photos,
    picks,
    pressRuns,
  } = answers
  return rows.map(({ tray, sheet, owner }) => {
    const partsOut = out.partsOut.get(tray.id) ?? []
    const ownBezels = bezelIds(partsOut)
    const others = (pastTrails.get(sheet.id) ?? []).filter((trail) => trail.trayId !== tray.id)
    const record: TrayRecord = {
      tray,
      sheet,
      owner,
      readings: readings.get(tray.id) ?? [],
      shapes: shapes.get(tray.id) ?? [],
      findings: findings.get(tray.id) ?? [],
      ...(ticks.get(tray.id) ?? NO_TICKS),
      leftOut: leftOut.get(tray.id) ?? {},
      looked: looked.get(tray.id) ?? {},
      straightLooks: straightLooks.get(tray.id) ?? [],
      bezelActions: bezelActions.get(tray.id) ?? [],
      removals: removals.get(tray.id) ?? [],
      heatBursts: heatBursts.get(tray.id) ?? [],
      dryRecords: dryRecords.get(tray.id) ?? [],
      runningChecks: runningChecks.get(tray.id) ?? [],
      returned: returnedPiece(
        tray,
        (handedBack.get(sheet.id) ?? []).filter(({ trayId }) => trayId !== tray.id),
      ),
      ownerWords: ownerWords.get(tray.id) ?? {},
      leakPlaces: leakPlaces.get(tray.id) ?? [],
      blankRuns: answers.blankRuns,
      pastDeformations: (pastDeformations.get(sheet.id) ?? []).filter(({ trayId }) => trayId !== tray.id),
      trail: trails.get(tray.id) ?? [],
      pastTrails: others.slice(0, PAST_TRAILS).map(({ events }) => events),
      pastFindings: (pastFindings.get(sheet.id) ?? []).filter(({ trayId }) => trayId !== tray.id),
      pastRuns: (runs.get(sheet.id) ?? []).filter((run) => run.trayId !== tray.id),
      pastWaits: (pastWaits.get(sheet.id) ?? []).filter(({ trayId }) => trayId !== tray.id),
      pieces: (pieces.get(sheet.id) ?? []).filter(({ trayId }) => trayId !== tray.id),
      partsOut,
      bezelsOut: out.bezels.filter(({ id }) => ownBezels.includes(id)),
      inUse: answers.inUse,
      photos: photos.get(tray.id) ?? [],
      picked: picks.get(tray.id) ?? null,
      pressRuns: pressRuns.get(tray.id) ?? [],
      workRuns: answers.workRuns.get(sheet.id) ?? [],
      instruments: answers.instruments,
      presses: answers.presses,
      testers: answers.testers,
      leaksFound: answers.leaksFound.filter(({ trayId }) => trayId !== tray.id).map(({ place }) => place),
    }
    return trayCase(record, answers.rules)
  })
}

/** Reads one tray's case, see openTrayCases. @returns undefined when there is no such tray */
export async function openTrayCase(db: Db, key: TrayKey): Promise<OpenedCase | undefined> {
  const read = await rememberedTray(db, key)
  return read && caseFrom(read.row, read.answers)
}

/** Puts one tray's case together, see casesFrom. */
export function caseFrom(row: TrayRow, answers: TrayAnswers): OpenedCase {
  const [opened] = casesFrom([row], answers)
  if (!opened) throw new Error(`tray ${row.tray.number}: its case was not put together`)
  return opened
}
