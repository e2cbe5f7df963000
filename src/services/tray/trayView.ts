import type { Die } from '@/core/dies/Die'
import type { PressRunPolicy } from '@/core/press-run/pressRunPolicy'
import type { PastFinding } from '@/core/intake/pastFindings'
import { pastFindings } from '@/core/intake/pastFindings'
import type { FitPolicy } from '@/core/fit/fitPolicy'
import { leansOf } from '@/core/level/leanPasses'
import type { PressLean } from '@/core/level/pressLean'
import type { OwnPart } from '@/core/own-parts/ownParts'
import type { CaseSheet } from '@/core/tray/CaseSheet'
import type { TrayReadout } from '@/core/tray/trayReadout'
import type { Db } from '@/data/client'
import { pressedTrays } from '@/data/queries/pressedTrays'
import { ringForces } from '@/data/queries/ringForces'
import type { Instrument } from '@/data/queries/tools'
import { drawersInMemory } from '../drawers/drawersInMemory'
import type { JobView } from './jobView'
import { jobView } from './jobView'
import type { LastTime } from './lastTime'
import { lastTimeOf } from './lastTime'
import type { OpenedCase } from './openTrayCases'
import type { PartsView } from './partsView'
import { partsView } from './partsView'
import type { PressCard } from './pressCard'
import { pressCard } from './pressCard'
import type { PressWorkView } from './pressWorks'
import { pressWorkViews } from './pressWorks'
import type { ReadingsView } from './readingView'
import { readingsView } from './readingView'
import type { ShortlistView } from './shortlistView'
import { shortlistView } from './shortlistView'
import type { SizeView } from './sizeView'
import { sizeView } from './sizeView'
import type { TrayHeader } from './trayHeader'
import { trayHeader } from './trayHeader'
import type { InsertLevelView } from './insertLevelView'
import { insertLevelView } from './insertLevelView'
import type { RimView } from './rimView'
import { rimView } from './rimView'
import type { BezelActionView } from './bezelActionView'
import { bezelActionView } from './bezelActionView'
import type { ClosingView } from './closingView'
import { closingView } from './closingView'
import type { DryTestView } from './dryTestView'
import { dryTestView } from './dryTestView'
import type { HandsView } from './handsView'
import { handsView } from './handsView'
import type { ReturnedView } from './returnedView'
import { returnedView } from './returnedView'
import type { RunningView } from './runningView'
import { runningView } from './runningView'
import type { RemovalView } from './removalView'
import { removalView } from './removalView'
import type { StraightView } from './straightView'
import { straightView } from './straightView'
import { withPartsOut } from './withPartsOut'

/** Everything the tray page shows, as plain data. */
export interface TrayView extends ReadingsView, SizeView, PartsView {
  readonly tray: TrayHeader
  readonly sheet: CaseSheet
  /** steps, ticks, hazards, parts, pictures, methods in use */
  readonly job: JobView
  readonly readout: TrayReadout
  readonly instruments: readonly Instrument[]
  /** parts of the piece itself, as far as they may go back */
  readonly ownParts: readonly OwnPart[]
  readonly shortlist: ShortlistView | null
  /** limits of this shop that pairs are judged by */
  readonly policy: FitPolicy
  /** the case with its old bezel, for what is drawn as found; null where no new bezel is out */
  readonly asFound: Pick<TrayView, 'sheet' | 'readout'> | null
  readonly lastTime: LastTime | null
  /** on earlier pieces of its case */
  readonly pastFindings: readonly PastFinding[]
  readonly press: PressCard | null
  /** presses of the shop, and dies that are there */
  readonly presses: OpenedCase['kept']['presses']
  readonly dies: readonly Die[]
  readonly pressRunPolicy: PressRunPolicy
  /** a simulated run counts as pressed */
  readonly simulatedCounts: boolean
  /** everything else this job puts under a press */
  readonly pressWorks: readonly PressWorkView[]
  /** level after the last pressing; null where there is no rim to read */
  readonly rim: RimView | null
  /** how the insert lies; null where none was set here */
  readonly insertLevel: InsertLevelView | null
  readonly straight: StraightView
  /** null where no turning bezel was off */
  readonly bezelAction: BezelActionView | null
  /** null where the piece was not here within a year */
  readonly returned: ReturnedView | null
  /** null where no back with a ring is screwed on */
  readonly closing: ClosingView | null
  readonly hands: HandsView | null
  /** null where this job asks for no pressure test */
  readonly dryTest: DryTestView | null
  readonly running: RunningView
  /** null where nothing comes off that can be harmed by it */
  readonly removal: RemovalView | null
}

const NO_LEANS: ReadonlyMap<number, PressLean> = new Map()

/** A tray's page: its case as it stands, with what the drawers and the shop's tools have for it. */
export async function trayView(db: Db, opened: OpenedCase): Promise<TrayView> {
  const { kept, rules } = opened
  const { instruments } = kept
  const drawers = withPartsOut(await drawersInMemory(db), kept.partsOut)
  const { sheet, readout } = opened.now
  const lastTime = lastTimeOf(kept.pastRuns)
  const [leans, rings] = kept.picked
    ? await Promise.all([pressedTrays(db).then(leansOf), ringForces(db)])
    : [NO_LEANS, []]
  const press = pressCard(opened, lastTime, { ...drawers, leans, ringForces: rings })
  const pressWorks = pressWorkViews(opened, drawers.dies)
  const parts = partsView(opened, drawers)
  const there = drawers.dies.filter(({ quantity }) => quantity > 0)
  return {
    tray: trayHeader(kept),
    sheet,
    job: jobView(opened, {
      dies: there,
      pressIn: press ? pressInText(press) : [],
    }),
    readout,
    ...readingsView(opened),
    ...sizeView(opened, instruments, drawers.index),
    instruments,
    ownParts: opened.own.parts,
    shortlist: readout.seat.ok ? shortlistView(drawers.index, opened, readout.seat.seat) : null,
    lastTime,
    pastFindings: pastFindings(kept.pastFindings),
    asFound: opened.newBezel ? opened.found : null,
    press,
    presses: kept.presses,
    dies: press || pressWorks.length > 0 ? there : [],
    pressRunPolicy: rules.policy.pressRun,
    simulatedCounts: rules.invented,
    pressWorks,
    rim: rimView(opened, leans),
    insertLevel: insertLevelView(opened),
    straight: straightView(opened),
    bezelAction: bezelActionView(opened),
    returned: await returnedView(db, opened, new Date()),
    closing: closingView(opened, drawers, parts.seals),
    hands: handsView(opened),
    dryTest: dryTestView(opened),
    running: runningView(opened),
    removal: await removalView(db, opened),
    policy: rules.policy.fit,
    ...parts,
  }
}

function pressInText({ pusher, support }: PressCard): string[] {
  return [pusher, support].flatMap((outcome) =>
    outcome?.ok ? [`${outcome.best.die.role} ${outcome.best.die.code} (${outcome.best.die.drawer})`] : [],
  )
}
