import { withLearned } from '@/core/learning/learnedFigures'
import type { PieceFigure } from '@/core/learning/PieceFigure'
import type { ShopPolicy } from '@/core/policy/ShopPolicy'
import { constructionOf } from '@/core/construction/constructions'
import { troubleOf } from '@/core/tray/CaseTrouble'
import type { CaseSheet } from '@/core/tray/CaseSheet'
import type { PressStatistics } from '@/core/press/pressStatistics'
import { pressStatistics } from '@/core/press/pressStatistics'
import type { Db } from '@/data/client'
import type { SheetPressRun } from '@/data/queries/caseSheets'
import { allCaseSheets, caseSheetById, pressRunsOfSheets } from '@/data/queries/caseSheets'
import { pieceFiguresOf } from '@/data/queries/sheetFigures'
import { allDies } from '@/data/queries/otherParts'
import { workRunsOfSheets } from '@/data/queries/workRuns'
import { countedRuns } from './countedRuns'
import { shopPolicy } from '../shop/shopPolicy'

export interface CaseSheetLine {
  readonly sheet: CaseSheet
  readonly runs: number
  readonly runsHome: number
}

export async function caseSheetLines(db: Db): Promise<CaseSheetLine[]> {
  const sheets = await allCaseSheets(db)
  const runsBySheet = await pressRunsOfSheets(
    db,
    sheets.map(({ id }) => id),
  )
  return sheets.map((sheet) => {
    const runs = runsBySheet.get(sheet.id) ?? []
    return { sheet, runs: runs.length, runsHome: runs.filter((run) => run.outcome === 'home').length }
  })
}

export interface CaseSheetPage {
  readonly ok: true
  /** with what it has learned */
  readonly sheet: CaseSheet
  /** what it has learned from, the newest piece first */
  readonly pieces: readonly PieceFigure[]
  /** limits its section is drawn by */
  readonly policy: ShopPolicy
  readonly runs: readonly (Omit<SheetPressRun, 'ranAt'> & {
    readonly ranAt: string
    readonly supportCode: string
  })[]
  /** of every press on this case */
  readonly statistics: PressStatistics
}

/** A case sheet that cannot be drawn or judged, and why. */
export interface CaseSheetTrouble {
  readonly ok: false
  readonly name: string
  readonly trouble: string
}

/** One case sheet with what fitted, how it was pressed and how it went. @returns null when there is no such sheet */
export async function caseSheetPage(db: Db, id: number): Promise<CaseSheetPage | CaseSheetTrouble | null> {
  const sheet = await caseSheetById(db, id)
  if (!sheet) return null
  try {
    constructionOf(sheet.retention)
  } catch (error) {
    return { ok: false, name: `${sheet.maker} ${sheet.reference}`, trouble: troubleOf(error) }
  }
  const [runs, works, dies, policy, figures] = await Promise.all([
    pressRunsOfSheets(db, [id]),
    workRunsOfSheets(db, [id]),
    allDies(db),
    shopPolicy(db),
    pieceFiguresOf(db, [id]),
  ])
  const pieces = figures.get(id) ?? []
  return {
    ok: true,
    sheet: withLearned(sheet, pieces),
    pieces,
    policy,
    statistics: pressStatistics(countedRuns(runs.get(id) ?? [], works.get(id) ?? [], dies)),
    runs: (runs.get(id) ?? []).map((run) => ({
      ...run,
      ranAt: run.ranAt.toISOString(),
      supportCode: dies.find((die) => die.id === run.supportId)?.code ?? '',
    })),
  }
}
