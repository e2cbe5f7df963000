import type { SetPart } from '@/core/bezel/bezelSet'
import type { FitPolicy } from '@/core/fit/fitPolicy'
import type { StockIndex } from '@/core/fit/stockIndex'
import { stockedEdges } from '@/core/fit/stockIndex'
import type { DimensionId } from '@/core/readings/dimensions'
import type { ReadingTarget } from '@/core/readings/readingPlan'
import { possibleMeasurements } from '@/core/tray/possibleMeasurements'
import type { NextMeasurements } from '@/core/verdict/askNext'
import { askNext } from '@/core/verdict/askNext'
import { sizeHistory } from '@/core/tray/sizeHistory'
import type { DimensionStep } from '@/core/tray/stepDimensions'
import { stepDimensions } from '@/core/tray/stepDimensions'
import type { SizeHistory } from '@/core/verdict/SizeEvidence'
import type { TrayReadout } from '@/core/tray/trayReadout'
import type { Db } from '@/data/client'
import type { CaseSheet } from '@/core/tray/CaseSheet'
import type { PartOut } from '@/data/queries/stockMoves'
import type { Instrument } from '@/data/queries/tools'
import { allInstruments, allPresses } from '@/data/queries/tools'
import type { TrayRow } from '@/data/queries/trays'
import type { StockBezel } from '@/core/stock/otherParts'
import type { SealItem } from '@/core/seals/resealSet'
import { resealSet } from '@/core/seals/resealSet'
import type { BezelWork } from './bezelWork'
import { bezelWork, setParts } from './bezelWork'
import { drawersInMemory } from '../drawers/drawersInMemory'
import type { JobView } from './jobView'
import { jobView } from './jobView'
import type { LastTime } from './lastTime'
import { lastTimeOf } from './lastTime'
import type { PressCard } from './pressCard'
import { pressCard } from './pressCard'
import type { ReadingView, ShapeView } from './readingView'
import { readingView, shapeView } from './readingView'
import type { OpenedCase } from './openTrayCases'
import type { ShortlistView } from './shortlistView'
import { shortlistView } from './shortlistView'
import { withPartsOut } from './withPartsOut'

/** A part taken out of its drawer for a tray. */
export interface PartOutView extends Omit<PartOut, 'since' | 'trayId'> {
  /** when the last of them was taken, ISO text */
  readonly since: string
}

/** A tray as it was taken in; times as ISO text. */
export interface TrayHeader extends Omit<
  TrayRow['tray'],
  'caseSheetId' | 'ownerId' | 'openedAt' | 'dueAt' | 'finishedAt' | 'revision'
> {
  readonly openedAt: string
  readonly dueAt: string
  readonly finishedAt: string | null
  readonly owner: string
  readonly caseName: string
}

/** Everything the tray page shows, as plain data. */
export interface TrayView {
  readonly tray: TrayHeader
  readonly sheet: CaseSheet
  /** steps, ticks, hazards, parts, pictures, methods in use */
  readonly job: JobView
  readonly readout: TrayReadout
  readonly readings: readonly ReadingView[]
  /** the old crystal's size by ways round the jaws */
  readonly shapes: readonly ShapeView[]
  /** what to measure next for the size; null while nothing is known */
  readonly askNext: NextMeasurements | null
  /** which step of their stock the other stepped dimensions are */
  readonly steps: readonly DimensionStep[]
  /** sizes that fitted this case before, whether they weigh in or not */
  readonly fittedBefore: readonly SizeHistory[]
  readonly plan: readonly DimensionId[]
  /** everything this construction could be read for, the plan first */
  readonly possible: readonly DimensionId[]
  /** null when the plan is done */
  readonly next: ReadingTarget | null
  readonly instruments: readonly Instrument[]
  readonly shortlist: ShortlistView | null
  /** limits of this shop that pairs are judged by */
  readonly policy: FitPolicy
  /** taken out of the drawers for this tray and not put back */
  readonly partsOut: readonly PartOutView[]
  /** seals of the case beside its crystal's, each with what serves it */
  readonly seals: readonly SealItem[]
  /** inserts and bezels, where they were asked for */
  readonly bezelWork: BezelWork | null
  /** what goes on with crystal and rings of a removable bezel; empty for other constructions */
  readonly setParts: readonly SetPart[]
  /** a bezel out for this tray: everything is judged with it on */
  readonly newBezel: StockBezel | null
  /** the case with its old bezel, for what is drawn as found; null where no new bezel is out */
  readonly asFound: Pick<TrayView, 'sheet' | 'readout'> | null
  readonly lastTime: LastTime | null
  readonly press: PressCard | null
}

/** Why a reading does not count any more, though nobody took it back. */
const OF_OLD_BEZEL = 'of the old bezel'

/** A tray's page: its case as it stands, with what the drawers and the shop's tools have for it. */
export async function trayView(db: Db, opened: OpenedCase): Promise<TrayView> {
  const { kept, rules, newBezel } = opened
  const [everything, instruments, presses] = await Promise.all([
    drawersInMemory(db),
    allInstruments(db),
    allPresses(db),
  ])
  const inMemory = withPartsOut(everything, kept.partsOut)
  const { found, now } = opened
  const { sheet, readout } = now
  const shop = rules.policy
  const { tray, owner } = kept
  const seat = readout.seat.ok ? readout.seat.seat : null
  const drawers = inMemory.index
  const list = seat ? shortlistView(drawers, opened, seat) : null
  const byFigures = {
    found: { sheet: found.sheet, measured: found.readout.measured },
    now: { sheet, measured: readout.measured },
  }
  const lastTime = lastTimeOf(kept.pastRuns)
  const press = pressCard(opened, lastTime, presses, inMemory.dies)
  const { caseSheetId, ownerId, revision, ...taken } = tray
  return {
    tray: {
      ...taken,
      openedAt: tray.openedAt.toISOString(),
      dueAt: tray.dueAt.toISOString(),
      finishedAt: tray.finishedAt?.toISOString() ?? null,
      owner: owner.name,
      caseName: `${sheet.maker} ${sheet.reference}`,
    },
    sheet,
    job: jobView(opened, {
      dies: inMemory.dies.filter(({ quantity }) => quantity > 0),
      pressIn: press ? pressInText(press) : [],
    }),
    readout,
    readings: kept.readings.map((r) =>
      readingView(r, r.voidReason ?? (opened.counted.includes(r) ? null : OF_OLD_BEZEL)),
    ),
    shapes: kept.shapes.map(shapeView),
    askNext: askNext(
      readout.evidence,
      readout.history,
      possibleMeasurements({
        crystalState: tray.crystalState,
        measured: readout.measured,
        otherEvidence: readout.shapeEvidence,
        plan: opened.plan,
        sheet,
        instruments,
        policy: shop.fit,
      }),
      readout.verdictPolicy,
    ),
    steps: stepDimensions(readout.measured, stockedSteps(drawers), instruments),
    fittedBefore: sizeHistory(kept.pastRuns),
    plan: opened.plan,
    possible: opened.possible,
    next: opened.next,
    instruments,
    shortlist: list,
    lastTime,
    newBezel: newBezel?.bezel ?? null,
    asFound: newBezel ? found : null,
    press,
    policy: shop.fit,
    partsOut: kept.partsOut.map(partOutView),
    seals: resealSet(
      readout.measured,
      sheet,
      { oRings: inMemory.oRings, gaskets: drawers.otherGaskets },
      shop,
    ),
    setParts: setParts(inMemory, kept.partsOut, byFigures, shop.bezel),
    bezelWork: bezelWork(inMemory, {
      asked: tray.asked,
      ...byFigures,
      newBezelId: newBezel?.bezel.id ?? null,
      wishes: readout.wishes,
      policy: shop,
      fixing: tray.schools['insert-fixing'] ?? rules.schools['insert-fixing'] ?? '',
    }),
  }
}

function partOutView({ kind, partId, code, drawer, count, since }: PartOut): PartOutView {
  return { kind, partId, code, drawer, count, since: since.toISOString() }
}

/** Steps the drawers hold of what was measured. */
function stockedSteps(drawers: StockIndex) {
  return {
    'crystal-edge': stockedEdges(drawers, 'disc'),
    'gasket-wall': drawers.gaskets.filter((g) => g.quantity > 0).map((g) => g.wallMm),
  }
}

function pressInText({ pusher, support }: PressCard): string[] {
  return [pusher, support].flatMap((outcome) =>
    outcome?.ok ? [`${outcome.best.die.role} ${outcome.best.die.code} (${outcome.best.die.drawer})`] : [],
  )
}
