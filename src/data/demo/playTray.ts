import { fitReasons } from '@/core/fit/fitReasons'
import { shortlist } from '@/core/fit/shortlist'
import { stockIndex } from '@/core/fit/stockIndex'
import { figuresKept } from '@/core/measure/describedInstrument'
import { figuresToLearn } from '@/core/learning/figuresToLearn'
import { measuredFigures } from '@/core/tray/measuredFigures'
import { insertSheetFigures } from '../queries/sheetFigures'
import { isInside } from '@/core/readings/dimensions'
import { instrumentFor } from '@/core/readings/instrumentFor'
import type { ReadingTarget } from '@/core/readings/readingPlan'
import { planBasisOf } from '@/core/readings/planBasisOf'
import { nextTarget, readingPlan } from '@/core/readings/readingPlan'
import { snapshotPick } from '@/core/tray/snapshotPick'
import { trayReadout } from '@/core/tray/trayReadout'
import { parseMm } from '@/core/units/parseMm'
import { simulatedBench } from '@/devices/simulated-bench/simulatedBench'
import type { CaseSheet } from '@/core/tray/CaseSheet'
import { DEMO_LIMITS } from './demoLimits'
import { playDryTests } from './playDryTests'
import { playPress } from './playPress'
import { pressRunsOfSheets } from '../queries/caseSheets'
import { insertPick } from '../queries/picks'
import type { NewReading, Reading } from '../queries/readings'
import { insertReadings } from '../queries/readings'
import type { Tray } from '../queries/trays'
import { insertTrays } from '../queries/trays'
import { playWork } from './playWork'
import type { DemoTray } from './DemoTray'
import type { DemoWorld } from './DemoWorld'

import { known } from './known'

const DAY_MS = 86_400_000
const HOUR_MS = 3_600_000
const MINUTE_MS = 60_000

/** Plays one tray as far as it got: opens it, reads, picks and presses it with the same models the bench uses. */
export async function playTray(world: DemoWorld, demo: DemoTray, ownerId: number): Promise<void> {
  const { db } = world
  const sheet = known(world.sheets, demo.caseName)
  const openedAt = at(world.day, demo.openedDay, world.openingHour)
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
  await playProgress(world, tray, sheet, demo)
  // After everything that moves a part: what is tested is the case as it is closed.
  await playDryTests(world, tray, sheet, demo)
}

async function playProgress(world: DemoWorld, tray: Tray, sheet: CaseSheet, demo: DemoTray): Promise<void> {
  const most = demo.progress.kind === 'measured' ? demo.progress.readings : Infinity
  const readings = await playReadings(world, tray, sheet, most)
  if (tray.finishedAt !== null) await handBack(world, tray, sheet, readings)
  if (demo.progress.kind === 'measured') return
  await playPick(world, tray, sheet, readings, demo)
}

/** The case sheet takes what was measured, as it does at every hand-back. */
async function handBack(
  { db, instruments }: DemoWorld,
  tray: Tray,
  sheet: CaseSheet,
  readings: readonly Reading[],
): Promise<void> {
  const learned = figuresToLearn({
    trayNumber: tray.number,
    measured: measuredFigures(readings),
    seat: {},
    instruments,
  })
  const at = tray.finishedAt ?? tray.openedAt
  await insertSheetFigures(
    db,
    learned.map(({ trayNumber: _, ...figure }) => ({
      ...figure,
      caseSheetId: sheet.id,
      trayId: tray.id,
      at,
    })),
  )
}

async function playReadings(
  world: DemoWorld,
  tray: Tray,
  sheet: CaseSheet,
  most: number,
): Promise<Reading[]> {
  const bench = simulatedBench({ seed: tray.number, sheet })
  const held = new Map(world.instruments.map((i) => [i.kind, { spec: i, device: bench.instrument(i.id, i) }]))
  const plan = readingPlan(planBasisOf(tray, sheet, {}))
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
      ...figuresKept(spec, isInside(target.dimension)),
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
  const pastRuns = (await pressRunsOfSheets(db, [sheet.id])).get(sheet.id) ?? []
  const readout = trayReadout(readings, sheet, pastRuns, {
    shapes: [],
    pastCounts: true,
    policy: DEMO_LIMITS.fit,
    verdict: DEMO_LIMITS.verdict,
  })
  if (!readout.seat.ok) throw new Error(`demo tray ${tray.number}: ${readout.seat.missing} missing`)
  const { seat } = readout.seat
  const { wishes, verdict } = readout
  const [pair] = shortlist(stockIndex(world.crystals, world.gaskets), seat, wishes, {
    policy: DEMO_LIMITS.fit,
  }).fitting
  if (!pair) throw new Error(`demo tray ${tray.number} (${demo.caseName}): nothing fits`)
  const pickedAt = new Date(tray.openedAt.getTime() + 3 * HOUR_MS)
  const pick = await insertPick(db, {
    trayId: tray.id,
    crystalId: pair.crystal.id,
    gasketId: pair.gasket?.id ?? null,
    evidence: snapshotPick(pair, {
      seat,
      verdict,
      readings,
      reasons: fitReasons(pair, seat, wishes, DEMO_LIMITS.fit),
    }),
    pickedAt,
  })
  if (demo.progress.kind === 'pressed')
    await playPress(
      world,
      { tray, sheet, pick, crystal: pair.crystal, openingMm: seat.opening.valueMm },
      demo.progress,
    )
}

function at(day: Date, days: number, hour: number): Date {
  return new Date(day.getTime() + days * DAY_MS + hour * HOUR_MS)
}
