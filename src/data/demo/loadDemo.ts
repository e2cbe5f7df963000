import { fittingDies, openingOf } from '@/core/dies/fittingDies'
import { FIT_POLICY } from '@/core/fit/fitPolicy'
import type { StockCrystal, StockGasket } from '@/core/fit/parts'
import { shortlist } from '@/core/fit/shortlist'
import { stockIndex } from '@/core/fit/stockIndex'
import { instrumentFor } from '@/core/readings/instrumentFor'
import type { ReadingTarget } from '@/core/readings/readingPlan'
import { nextTarget, planFactsOf, readingPlan } from '@/core/readings/readingPlan'
import { snapshotPick } from '@/core/tray/snapshotPick'
import { trayReadout } from '@/core/tray/trayReadout'
import { parseMm } from '@/core/units/parseMm'
import { seededRandom } from '@/devices/seededRandom'
import { simulatedBench } from '@/devices/simulated-bench/simulatedBench'
import type { Db } from '../client'
import type { CaseSheet } from '../queries/caseSheets'
import { insertCaseSheets, pressRunsOfCaseSheet } from '../queries/caseSheets'
import { insertPick, insertPressRun } from '../queries/picks'
import type { NewReading, Reading } from '../queries/readings'
import { insertReadings } from '../queries/readings'
import { allCrystals, allGaskets, insertCrystals, insertGaskets } from '../queries/stock'
import {
  allDies,
  insertBezels,
  insertChapterRings,
  insertDies,
  insertInserts,
  insertORings,
  insertSupplies,
} from '../queries/otherParts'
import type { Instrument, NewInstrument, Press } from '../queries/tools'
import { insertInstruments, insertPresses } from '../queries/tools'
import type { Tray } from '../queries/trays'
import { highestTrayNumber, insertOwners, insertTrays } from '../queries/trays'
import { playWork } from './playWork'
import { DEMO_CASE_SHEETS } from './demoCaseSheets'
import { demoCrystals, demoDies, demoGaskets } from './demoStock'
import { DEMO_BEZELS, DEMO_CHAPTER_RINGS, DEMO_INSERTS, DEMO_O_RINGS, DEMO_SUPPLIES } from './demoOtherParts'
import type { DemoTray } from './DemoTray'
import { DEMO_TRAYS } from './demoTrays'

const SEED = 1908
const DAY_MS = 86_400_000
const HOUR_MS = 3_600_000
const MINUTE_MS = 60_000
const OPENING_HOUR = 9

interface DemoWorld {
  readonly db: Db
  readonly day: Date
  readonly sheets: ReadonlyMap<string, CaseSheet>
  readonly crystals: readonly StockCrystal[]
  readonly gaskets: readonly StockGasket[]
  readonly instruments: readonly Instrument[]
  readonly presses: readonly Press[]
}

/**
 * Fills an empty database with the invented bench of the Skerrow Ferry Line: the same world for the same day.
 * @param day - midnight of the day the demo plays on
 * @returns false when there are trays already: nothing is touched then
 */
export async function loadDemo(store: Db, day: Date): Promise<boolean> {
  if ((await highestTrayNumber(store)) !== null) return false
  await store.transaction(async (db) => {
    const random = seededRandom(SEED)
    await insertCrystals(db, demoCrystals(random))
    await insertGaskets(db, demoGaskets(random))
    await insertORings(db, DEMO_O_RINGS)
    await insertInserts(db, DEMO_INSERTS)
    await insertBezels(db, DEMO_BEZELS)
    await insertSupplies(db, DEMO_SUPPLIES)
    await insertChapterRings(db, DEMO_CHAPTER_RINGS)
    await insertDies(db, demoDies())
    const sheets = await insertCaseSheets(db, [...DEMO_CASE_SHEETS])
    const world: DemoWorld = {
      db,
      day,
      sheets: new Map(sheets.map((s) => [`${s.maker} ${s.reference}`, s])),
      crystals: await allCrystals(db),
      gaskets: await allGaskets(db),
      instruments: await insertInstruments(db, demoInstruments(day)),
      presses: await insertPresses(db, [
        { name: 'Lever press by the window', kind: 'lever', gauged: false },
        { name: 'Screw press with load cell', kind: 'screw', gauged: true },
      ]),
    }
    const owners = new Map((await insertOwners(db, demoOwners())).map((owner) => [owner.name, owner.id]))
    for (const demo of DEMO_TRAYS) await playTray(world, demo, known(owners, demo.owner))
  })
  return true
}

function demoInstruments(day: Date): NewInstrument[] {
  const due = (days: number) => new Date(day.getTime() + days * DAY_MS).toISOString().slice(0, 10)
  return [
    {
      name: 'Caliper',
      kind: 'caliper',
      resolutionMm: 0.01,
      maximumPermissibleErrorMm: 0.03,
      zeroOffsetMm: 0,
      calibrationDueOn: due(120),
    },
    {
      name: 'Thickness gauge',
      kind: 'thickness-gauge',
      resolutionMm: 0.01,
      maximumPermissibleErrorMm: 0.02,
      zeroOffsetMm: 0,
      calibrationDueOn: due(45),
    },
    {
      name: 'Micrometer',
      kind: 'micrometer',
      resolutionMm: 0.001,
      maximumPermissibleErrorMm: 0.004,
      zeroOffsetMm: 0.001,
      calibrationDueOn: due(210),
    },
    {
      name: 'Depth gauge',
      kind: 'depth-gauge',
      resolutionMm: 0.01,
      maximumPermissibleErrorMm: 0.02,
      zeroOffsetMm: 0,
      calibrationDueOn: due(120),
    },
    {
      name: 'O-ring cone',
      kind: 'ring-cone',
      resolutionMm: 0.1,
      maximumPermissibleErrorMm: 0.1,
      zeroOffsetMm: 0,
      calibrationDueOn: null,
    },
  ]
}

function demoOwners() {
  const names = [...new Set(DEMO_TRAYS.map((t) => t.owner))]
  return names.map((name) => ({
    name,
    kind: name.endsWith('Line') ? ('fleet' as const) : ('townsperson' as const),
  }))
}

/** Plays one tray as far as it got: opens it, reads, picks and presses it with the same models the bench uses. */
async function playTray(world: DemoWorld, demo: DemoTray, ownerId: number): Promise<void> {
  const { db } = world
  const sheet = known(world.sheets, demo.caseName)
  const openedAt = at(world.day, demo.openedDay, OPENING_HOUR)
  const done = demo.stage === 'hand-back'
  const [tray] = await insertTrays(db, [
    {
      number: demo.number,
      caseSheetId: sheet.id,
      ownerId,
      ownerMark: demo.ownerMark,
      complaint: demo.complaint,
      crystalState: demo.crystalState,
      gasketPresent: true,
      oldLume: demo.oldLume ?? false,
      ...demo.intake,
      stage: demo.stage,
      openedAt,
      dueAt: at(world.day, demo.dueDay, demo.dueHour),
      finishedAt: done ? at(world.day, demo.openedDay + 2, 15) : null,
    },
  ])
  if (!tray) throw new Error(`demo tray ${demo.number} was not stored`)
  await playWork(db, tray, sheet, demo)
  if (demo.progress.kind === 'opened') return
  const most = demo.progress.kind === 'measured' ? demo.progress.readings : Infinity
  const readings = await playReadings(world, tray, sheet, most)
  if (demo.progress.kind === 'measured') return
  await playPick(world, tray, sheet, readings, demo)
}

async function playReadings(
  world: DemoWorld,
  tray: Tray,
  sheet: CaseSheet,
  most: number,
): Promise<Reading[]> {
  const bench = simulatedBench({ seed: tray.number, sheet })
  const held = new Map(world.instruments.map((i) => [i.kind, { spec: i, device: bench.instrument(i.id, i) }]))
  const plan = readingPlan(planFactsOf(tray, sheet))
  const taken: ReadingTarget[] = []
  const rows: NewReading[] = []
  for (
    let target = nextTarget(plan, taken);
    target && taken.length < most;
    target = nextTarget(plan, taken)
  ) {
    const { spec, device } = known(
      held,
      instrumentFor(target.dimension, world.instruments)?.kind ?? 'caliper',
    )
    const line = device.send(target)
    const parsed = line === null ? null : parseMm(line)
    if (!parsed?.ok) throw new Error(`demo tray ${tray.number}: nothing to read for ${target.dimension}`)
    taken.push(target)
    rows.push({
      trayId: tray.id,
      ...target,
      shownMm: parsed.valueMm,
      instrumentId: spec.id,
      resolutionMm: spec.resolutionMm,
      maximumPermissibleErrorMm: spec.maximumPermissibleErrorMm,
      zeroOffsetMm: spec.zeroOffsetMm,
      source: 'instrument',
      takenAt: new Date(tray.openedAt.getTime() + HOUR_MS + rows.length * MINUTE_MS),
    })
  }
  return rows.length > 0 ? insertReadings(world.db, rows) : []
}

async function playPick(
  world: DemoWorld,
  tray: Tray,
  sheet: CaseSheet,
  readings: readonly Reading[],
  demo: DemoTray,
): Promise<void> {
  const { db } = world
  const pastRuns = await pressRunsOfCaseSheet(db, sheet.id)
  const readout = trayReadout(readings, sheet, pastRuns)
  if (!readout.facts.ok) throw new Error(`demo tray ${tray.number}: ${readout.facts.missing} missing`)
  const { facts } = readout.facts
  const { wishes, verdict } = readout
  const [pair] = shortlist(stockIndex(world.crystals, world.gaskets), facts, wishes).fitting
  if (!pair) throw new Error(`demo tray ${tray.number} (${demo.caseName}): nothing fits`)
  const pickedAt = new Date(tray.openedAt.getTime() + 3 * HOUR_MS)
  const pick = await insertPick(db, {
    trayId: tray.id,
    crystalId: pair.crystal.id,
    gasketId: pair.gasket?.id ?? null,
    evidence: snapshotPick(pair, { facts, wishes, verdict, readings, policy: FIT_POLICY }),
    pickedAt,
  })
  if (demo.progress.kind !== 'pressed') return

  const { pusher, support } = fittingDies(await allDies(db), pair.crystal, sheet, openingOf(facts))
  if (!pusher?.ok || !support?.ok) throw new Error(`demo tray ${tray.number}: no dies fit`)
  const press = world.presses.find((p) => demo.progress.kind === 'pressed' && p.kind === demo.progress.press)
  if (!press) throw new Error('demo presses are missing')
  const random = seededRandom(tray.number * 3)
  for (const [i, outcome] of demo.progress.outcomes.entries()) {
    await insertPressRun(db, {
      trayId: tray.id,
      pickId: pick.id,
      pressId: press.id,
      pusherId: pusher.best.die.id,
      supportId: support.best.die.id,
      cushion: 'none needed: plastic faces',
      quarterTurns: 3 + random.index(3),
      peakForceN: press.gauged ? Math.round(random.uniform(120, 210)) : null,
      travelMm: press.gauged ? Number(random.uniform(0.9, 1.3).toFixed(2)) : null,
      outcome,
      note: i === 0 ? demo.progress.note : '',
      ranAt: new Date(pickedAt.getTime() + (i + 1) * 20 * MINUTE_MS),
    })
  }
}

function at(day: Date, days: number, hour: number): Date {
  return new Date(day.getTime() + days * DAY_MS + hour * HOUR_MS)
}

function known<K, V>(map: ReadonlyMap<K, V>, key: K): V {
  const value = map.get(key)
  if (value === undefined) throw new Error(`demo world: ${String(key)} is missing`)
  return value
}
