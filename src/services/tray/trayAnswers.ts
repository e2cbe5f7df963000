import { PART_KINDS } from '@/core/parts/parts'
import type { Db } from '@/data/client'
import { pressRunsOfSheets } from '@/data/queries/caseSheets'
import { findingsOfSheets, standingFindingsOf } from '@/data/queries/findings'
import { leftOutOf } from '@/data/queries/leftOut'
import { openMethodRuns } from '@/data/queries/methodRuns'
import { bezelsByIds } from '@/data/queries/otherParts'
import { bezelActionsOf } from '@/data/queries/bezelActions'
import {
  allTesters,
  blankRuns,
  dryRecordsOf,
  leakPlacesOf,
  leaksFound,
  pastDeformationsOf,
} from '@/data/queries/dryRecords'
import { handedBackOf } from '@/data/queries/trays'
import { ownerWordsOf } from '@/data/queries/ownerWords'
import { runningChecksOf } from '@/data/queries/runningChecks'
import { heatBurstsOf, removalsOf } from '@/data/queries/removals'
import { lookedOverOf } from '@/data/queries/ownParts'
import { straightLooksOf } from '@/data/queries/straightLooks'
import { pastWaitsOf } from '@/data/queries/pastWaits'
import { photosOf } from '@/data/queries/photos'
import { latestPicksOf, pressRunsOf } from '@/data/queries/picks'
import { readingsOf } from '@/data/queries/readings'
import { shapesOf } from '@/data/queries/shapes'
import { pieceFiguresOf } from '@/data/queries/sheetFigures'
import type { PartOut } from '@/data/queries/stockMoves'
import { partsOutOf } from '@/data/queries/stockMoves'
import { ticksOf } from '@/data/queries/ticks'
import { newestTrailsOf, trailsOf } from '@/data/queries/trail'
import { allInstruments, allPresses } from '@/data/queries/tools'
import { workRunsOfSheets } from '@/data/queries/workRuns'
import type { TrayRow } from '@/data/queries/trays'
import { partTable } from '@/data/queries/partTables'
import * as schema from '@/data/schema'
import type { Table } from '@/data/watchWrites'
import { shopRules } from '../shop/shopPolicy'

/** Trails of earlier trays a case learns from; one more is read, for it may be the tray's own. */
export const PAST_TRAILS = 8

/** Which trays are asked about. */
interface Scope {
  readonly trayIds: readonly number[]
  readonly sheetIds: readonly number[]
}

interface Question<Answer> {
  /** tables the answer is read from: it is as it was while none of them is written */
  readonly from: readonly Table[]
  readonly ask: (db: Db, scope: Scope) => Promise<Answer>
  /** whose writes change the answer */
  readonly restsOn: readonly RestsOn[]
}

/** The tray itself, other trays of its sheet, lines of the drawers, what the shop keeps once for all trays. */
export type RestsOn = 'tray' | 'sheet' | 'parts' | 'shop'

/** A question whose answer's type stays its own. */
const question =
  (...restsOn: readonly RestsOn[]) =>
  <Answer>(from: readonly Table[], ask: Question<Answer>['ask']): Question<Answer> => ({ from, ask, restsOn })

const ofTray = question('tray')
const ofTrayAndParts = question('tray', 'parts')
const ofSheet = question('sheet')
const ofShop = question('shop')

const { trays, pressRuns, picks, crystals, gaskets, trailEvents } = schema

/** What is kept of trays beside their own row, each asked of the database once for all of them. */
export const QUESTIONS = {
  readings: ofTray([schema.readings, schema.readingVoids], (db, { trayIds }) => readingsOf(db, trayIds)),
  shapes: ofTray([schema.shapeReadings, schema.shapeReadingVoids], (db, { trayIds }) =>
    shapesOf(db, trayIds),
  ),
  findings: ofTray([schema.findings], (db, { trayIds }) => standingFindingsOf(db, trayIds)),
  ticks: ofTray([schema.trayTicks], (db, { trayIds }) => ticksOf(db, trayIds)),
  leftOut: ofTray([schema.leftOut], (db, { trayIds }) => leftOutOf(db, trayIds)),
  looked: ofTray([schema.ownParts], (db, { trayIds }) => lookedOverOf(db, trayIds)),
  straightLooks: ofTray([schema.straightLooks], (db, { trayIds }) => straightLooksOf(db, trayIds)),
  bezelActions: ofTray([schema.bezelActions], (db, { trayIds }) => bezelActionsOf(db, trayIds)),
  removals: ofTray([schema.removals], (db, { trayIds }) => removalsOf(db, trayIds)),
  heatBursts: ofTray([schema.heatBursts], (db, { trayIds }) => heatBurstsOf(db, trayIds)),
  dryRecords: ofTray([schema.dryRecords], (db, { trayIds }) => dryRecordsOf(db, trayIds)),
  handedBack: ofSheet([trays], (db, { sheetIds }) => handedBackOf(db, sheetIds)),
  ownerWords: ofTray([schema.ownerWords], (db, { trayIds }) => ownerWordsOf(db, trayIds)),
  runningChecks: ofTray([schema.runningChecks], (db, { trayIds }) => runningChecksOf(db, trayIds)),
  leakPlaces: ofTray([schema.leakPlaces], (db, { trayIds }) => leakPlacesOf(db, trayIds)),
  pastDeformations: ofSheet([schema.dryRecords, trays], (db, { sheetIds }) =>
    pastDeformationsOf(db, sheetIds),
  ),
  trails: ofTray([trailEvents], (db, { trayIds }) => trailsOf(db, trayIds)),
  pastTrails: ofSheet([trailEvents, trays], (db, { sheetIds }) =>
    newestTrailsOf(db, sheetIds, PAST_TRAILS + 1),
  ),
  pastFindings: ofSheet([schema.findings, trays], (db, { sheetIds }) => findingsOfSheets(db, sheetIds)),
  pastWaits: ofSheet([schema.trayTicks, trays], (db, { sheetIds }) => pastWaitsOf(db, sheetIds)),
  pieces: ofSheet([schema.sheetFigures, trays], (db, { sheetIds }) => pieceFiguresOf(db, sheetIds)),
  runs: question(
    'sheet',
    'parts',
    'shop',
  )(
    [pressRuns, picks, trays, schema.presses, schema.dies, crystals, gaskets, schema.shopSettings],
    (db, { sheetIds }) => pressRunsOfSheets(db, sheetIds),
  ),
  workRuns: ofSheet([pressRuns, trays, schema.shopSettings], (db, { sheetIds }) =>
    workRunsOfSheets(db, sheetIds),
  ),
  out: ofTrayAndParts([schema.stockMoves, ...PART_KINDS.map(partTable)], async (db, { trayIds }) => {
    const partsOut = await partsOutOf(db, trayIds)
    return { partsOut, bezels: await bezelsByIds(db, bezelIds([...partsOut.values()].flat())) }
  }),
  photos: ofTray([schema.photos], (db, { trayIds }) => photosOf(db, trayIds)),
  picks: ofTrayAndParts([picks, crystals, gaskets], (db, { trayIds }) => latestPicksOf(db, trayIds)),
  pressRuns: ofTray([pressRuns], (db, { trayIds }) => pressRunsOf(db, trayIds)),
  instruments: ofShop([schema.instruments, schema.instrumentChecks], (db) => allInstruments(db)),
  testers: ofShop([schema.testers], (db) => allTesters(db)),
  blankRuns: ofShop([schema.dryRecords, trays, schema.caseSheets], (db) => blankRuns(db)),
  leaksFound: ofShop([schema.leakPlaces, schema.dryRecords], (db) => leaksFound(db)),
  presses: ofShop([schema.presses], (db) => allPresses(db)),
  inUse: ofShop([schema.methodRuns, trays], (db) => openMethodRuns(db)),
  rules: ofShop([schema.shopSettings], (db) => shopRules(db)),
} satisfies Record<string, Question<unknown>>

type Questions = typeof QUESTIONS
export type TrayAnswers = { readonly [Q in keyof Questions]: Awaited<ReturnType<Questions[Q]['ask']>> }

/**
 * Asks the database what it keeps of trays: as many questions for one tray as for all of them.
 * @param known - answers of before, with which questions they may not answer any more: only those are asked
 */
export async function trayAnswers(
  db: Db,
  rows: readonly TrayRow[],
  known?: { readonly answers: TrayAnswers; readonly stale: (question: Question<unknown>) => boolean },
): Promise<TrayAnswers> {
  const scope: Scope = {
    trayIds: rows.map(({ tray }) => tray.id),
    sheetIds: [...new Set(rows.map(({ sheet }) => sheet.id))],
  }
  const entries = Object.entries<Question<unknown>>(QUESTIONS).map(async ([name, asked]) => {
    const stale = !known || known.stale(asked)
    return [name, stale ? await asked.ask(db, scope) : known.answers[name as keyof Questions]] as const
  })
  return Object.fromEntries(await Promise.all(entries)) as unknown as TrayAnswers
}

/** Ids of the bezels among parts that are out. */
export function bezelIds(out: readonly PartOut[]): number[] {
  return out.filter(({ kind }) => kind === 'bezel').map(({ partId }) => partId)
}
