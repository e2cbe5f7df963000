import { plannedPressureBar } from '@/core/dry-test/againstPressure'
import { likelyAirCm3 } from '@/core/dry-test/caseAir'
import { phasesOf } from '@/core/dry-test/phasesOf'
import type { OrderedDry } from '@/core/dry-test/simulatedOrders'
import { dryTestOf } from '@/core/tray/dryTestOf'
import type { CaseSheet } from '@/core/tray/CaseSheet'
import { orderedDryRows } from '@/devices/simulated-dry-test/orderedDry'
import { blankRuns, insertDryRecord, pastDeformationsOf } from '../queries/dryRecords'
import type { Tray } from '../queries/trays'
import { DEMO_LIMITS } from './demoLimits'
import type { DemoTray } from './DemoTray'
import type { DemoWorld } from './DemoWorld'

const HOUR_MS = 3_600_000
/** Hours after a tray was opened at which it is tested. */
const TESTED_AFTER = 30
const USUAL_AIR_CM3 = 1.5
const ROOM_C = 21
const SEEDS_A_TRAY = 64

/** Plays blank runs and dry tests of a demo tray, judged by what is known up to then. */
export async function playDryTests(
  world: DemoWorld,
  tray: Tray,
  sheet: CaseSheet,
  { dry }: DemoTray,
): Promise<void> {
  const [tester] = world.testers
  if (!dry || !tester) return
  const { db } = world
  const airCm3 = likelyAirCm3(sheet) ?? USUAL_AIR_CM3
  const pressureBar = plannedPressureBar(tray, tester)
  const runs = [
    ...Array.from({ length: dry.blanks ?? 0 }, () => ({ kind: 'blank', does: 'tight' }) as const),
    ...dry.tests.map((does: OrderedDry) => ({ kind: 'test', does }) as const),
  ]
  for (const [i, { kind, does }] of runs.entries()) {
    const runSeed = tray.number * SEEDS_A_TRAY + i
    const seeds = { testerSeed: tester.id, caseSeed: sheet.id, runSeed }
    const rows = orderedDryRows({ kind, does, pressureBar, airCm3, ...seeds })
    const { standing, pressureBar: stood, trouble } = phasesOf(rows)
    const of = {
      ...{ trayId: tray.id, testerId: tester.id, kind, temperatureC: ROOM_C },
      trace: { formatVersion: 1, source: 'simulated', rows, trouble } as const,
      at: new Date(tray.openedAt.getTime() + (TESTED_AFTER + i) * HOUR_MS),
    }
    if (kind === 'blank') {
      await insertDryRecord(db, { ...of, blank: standing })
      continue
    }
    const record = { ...of, pressureBar: stood, airCm3 }
    const known = {
      ...{ tray, sheet, dryRecords: [{ ...record, id: 0 }], blankRuns: await blankRuns(db) },
      pastDeformations: (await pastDeformationsOf(db, [sheet.id])).get(sheet.id) ?? [],
    }
    const judged = dryTestOf(known, DEMO_LIMITS.dryTest, [])?.judged
    if (!judged) throw new Error(`demo tray ${tray.number}: its dry test cannot be judged`)
    const umPerBar = judged.likeliest.deformationUm / (stood ?? pressureBar)
    await insertDryRecord(db, { ...record, verdict: judged.verdict, umPerBar })
  }
}
