import type { Use, WaterClass } from '@/core/intake/jobWords'
import type { StageId } from '@/core/stages/stages'
import type { Db } from '@/data/client'
import type { CaseSheet, SheetPressRun } from '@/data/queries/caseSheets'
import { allCaseSheets, caseSheetById, pressRunsOfCaseSheet } from '@/data/queries/caseSheets'
import { allInstrumentChecks } from '@/data/queries/instrumentChecks'
import type { Instrument, Press } from '@/data/queries/tools'
import { allDies } from '@/data/queries/otherParts'
import { allInstruments, allPresses } from '@/data/queries/tools'
import { allTrays, trayByNumber } from '@/data/queries/trays'
import type { TrayView } from './tray/trayView'
import { trayView } from './tray/trayView'

export interface TrayLine {
  readonly number: number
  readonly caseName: string
  readonly owner: string
  readonly stage: StageId
  readonly complaint: string
  readonly openedAt: string
  readonly dueAt: string
  readonly finishedAt: string | null
}

/** Every tray ever opened, the newest first. */
export async function trayLines(db: Db): Promise<TrayLine[]> {
  return (await allTrays(db)).map(({ tray, sheet, owner }) => ({
    number: tray.number,
    caseName: `${sheet.maker} ${sheet.reference}`,
    owner: [owner.name, tray.ownerMark].filter(Boolean).join(', '),
    stage: tray.stage,
    complaint: tray.complaint,
    openedAt: tray.openedAt.toISOString(),
    dueAt: tray.dueAt.toISOString(),
    finishedAt: tray.finishedAt?.toISOString() ?? null,
  }))
}

/** @returns null when no tray has this number */
export async function trayByItsNumber(db: Db, number: number): Promise<TrayView | null> {
  const row = await trayByNumber(db, number)
  return row ? trayView(db, row) : null
}

export interface NewTrayChoices {
  readonly sheets: readonly {
    readonly id: number
    readonly name: string
    readonly waterClass: WaterClass
    readonly use: Use
  }[]
}

/** The cases a new tray can be opened for, with the class and use their last tray had. */
export async function newTrayChoices(db: Db): Promise<NewTrayChoices> {
  const [sheets, trays] = await Promise.all([allCaseSheets(db), allTrays(db)])
  // The newest tray comes first: the first of a sheet is its last.
  const last = new Map([...trays].reverse().map(({ tray }) => [tray.caseSheetId, tray]))
  return {
    sheets: sheets.map((s) => ({
      id: s.id,
      name: `${s.maker} ${s.reference}`,
      waterClass: last.get(s.id)?.waterClass ?? 'none',
      use: last.get(s.id)?.use ?? 'everyday',
    })),
  }
}

export interface CaseSheetLine {
  readonly sheet: CaseSheet
  readonly runs: number
  readonly runsHome: number
}

export async function caseSheetLines(db: Db): Promise<CaseSheetLine[]> {
  const lines: CaseSheetLine[] = []
  for (const sheet of await allCaseSheets(db)) {
    const runs = await pressRunsOfCaseSheet(db, sheet.id)
    lines.push({ sheet, runs: runs.length, runsHome: runs.filter((run) => run.outcome === 'home').length })
  }
  return lines
}

export interface CaseSheetPage {
  readonly sheet: CaseSheet
  readonly runs: readonly (Omit<SheetPressRun, 'ranAt'> & {
    readonly ranAt: string
    readonly supportCode: string
  })[]
}

/** One case sheet with what fitted, how it was pressed and how it went. @returns null when there is no such sheet */
export async function caseSheetPage(db: Db, id: number): Promise<CaseSheetPage | null> {
  const sheet = await caseSheetById(db, id)
  if (!sheet) return null
  const [runs, dies] = await Promise.all([pressRunsOfCaseSheet(db, id), allDies(db)])
  return {
    sheet,
    runs: runs.map((run) => ({
      ...run,
      ranAt: run.ranAt.toISOString(),
      supportCode: dies.find((die) => die.id === run.supportId)?.code ?? '',
    })),
  }
}

export interface ShopTools {
  readonly instruments: readonly Instrument[]
  readonly presses: readonly Press[]
  /** checks against a gauge block, the newest first */
  readonly checks: readonly {
    readonly id: number
    readonly instrument: string
    readonly nominalMm: number
    readonly driftMm: number
    readonly corrected: boolean
    readonly checkedAt: string
  }[]
}

export async function shopTools(db: Db): Promise<ShopTools> {
  const [instruments, presses, checks] = await Promise.all([
    allInstruments(db),
    allPresses(db),
    allInstrumentChecks(db),
  ])
  return {
    instruments,
    presses,
    checks: checks.map(({ id, instrumentId, nominalMm, driftMm, corrected, checkedAt }) => ({
      id,
      instrument: instruments.find((i) => i.id === instrumentId)?.name ?? '?',
      nominalMm,
      driftMm,
      corrected,
      checkedAt: checkedAt.toISOString(),
    })),
  }
}
