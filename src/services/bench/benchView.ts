import type { ShopPolicy } from '@/core/policy/ShopPolicy'
import { PROCESS_WORDS } from '@/core/methods/harmTable'
import { DIMENSIONS } from '@/core/readings/dimensions'
import { nextTarget, planFactsOf, readingPlan } from '@/core/readings/readingPlan'
import type { StageId } from '@/core/stages/stages'
import { stageIndex, stageLabel } from '@/core/stages/stages'
import type { Hazard } from '@/core/tray/hazards'
import { standingHazards } from '@/core/tray/hazards'
import { procedure, stepsOf } from '@/core/procedure/procedure'
import { trayReadout } from '@/core/tray/trayReadout'
import { formatMm, formatPercent } from '@/core/units/formatMm'
import type { Db } from '@/data/client'
import { pressRunsOfCaseSheet } from '@/data/queries/caseSheets'
import { latestPick } from '@/data/queries/picks'
import type { Reading } from '@/data/queries/readings'
import { standingReadingsOf } from '@/data/queries/readings'
import { openMethodRuns } from '@/data/queries/methodRuns'
import type { Ticks } from '@/data/queries/ticks'
import { ticksOf } from '@/data/queries/ticks'
import { standingShapes } from '@/data/queries/shapes'
import { crystalById } from '@/data/queries/stock'
import { allInstruments } from '@/data/queries/tools'
import type { TrayRow } from '@/data/queries/trays'
import { highestTrayNumber, traysInHand } from '@/data/queries/trays'
import { isDue } from '@/core/measure/calibration'
import { drawersSummary } from '../drawers/drawersPage'
import { factsOfTray } from '../tray/factsOfTray'
import { hazardTicksOf } from '../tray/jobView'
import { shopPolicy } from '../shop/shopPolicy'

/** A tray in hand as the bench shows it. */
export interface BenchTray {
  readonly number: number
  readonly stage: StageId
  readonly caseName: string
  readonly owner: string
  readonly dueAt: string
  readonly late: boolean
  readonly hazards: readonly Hazard[]
  /** what to do next, in words */
  readonly next: string
  /** what is known so far, in words; empty while nothing is */
  readonly known: string
}

export interface BenchView {
  readonly trays: readonly BenchTray[]
  /** the tray to take now; null when the bench is clear */
  readonly first: { readonly tray: BenchTray; readonly because: string } | null
  readonly dueToday: number
  /** what is there of a shop that never opened a tray; null once it has */
  readonly newShop: { readonly linesInDrawers: number } | null
  /** instruments past their calibration day, by name */
  readonly instrumentsDue: readonly string[]
  /** baths and flames in use now, on which tray and since when (ISO time) */
  readonly inUse: readonly { readonly process: string; readonly trayNumber: number; readonly since: string }[]
}

/** The bench today: every tray in hand with its stage, its hazards and what to do next. */
export async function benchView(db: Db, now: Date): Promise<BenchView> {
  const rows = await traysInHand(db)
  const ids = rows.map((row) => row.tray.id)
  const [readings, ticks, instruments, openRuns, policy] = await Promise.all([
    standingReadingsOf(db, ids),
    ticksOf(db, ids),
    allInstruments(db),
    openMethodRuns(db),
    shopPolicy(db),
  ])
  const trays: BenchTray[] = []
  for (const row of rows) {
    const { id } = row.tray
    const facts = { readings: readings.get(id) ?? [], ticks: ticks.get(id) ?? {}, policy, now }
    trays.push(await benchTray(db, row, facts))
  }
  return {
    trays,
    first: firstOf(trays),
    newShop: await newShop(db),
    dueToday: rows.filter((row) => row.tray.dueAt.toDateString() === now.toDateString()).length,
    instrumentsDue: instruments.filter((i) => isDue(i.calibrationDueOn, now)).map((i) => i.name),
    inUse: openRuns.map(({ process, trayNumber, startedAt }) => ({
      process: PROCESS_WORDS[process],
      trayNumber,
      since: startedAt.toISOString(),
    })),
  }
}

async function newShop(db: Db): Promise<BenchView['newShop']> {
  if ((await highestTrayNumber(db)) !== null) return null
  const { counts } = await drawersSummary(db)
  return { linesInDrawers: Object.values(counts).reduce((sum, { lines }) => sum + lines, 0) }
}

interface BenchFacts {
  readonly readings: readonly Reading[]
  readonly ticks: Ticks
  readonly policy: ShopPolicy
  readonly now: Date
}

async function benchTray(db: Db, row: TrayRow, facts: BenchFacts): Promise<BenchTray> {
  const { tray, sheet, owner } = row
  const { ticks, now } = facts
  return {
    number: tray.number,
    stage: tray.stage,
    caseName: `${sheet.maker} ${sheet.reference}`,
    owner: [owner.name, tray.ownerMark].filter(Boolean).join(', '),
    dueAt: tray.dueAt.toISOString(),
    late: tray.dueAt.getTime() < now.getTime(),
    hazards: standingHazards(
      {
        ...tray,
        crystalMaterial: tray.foundMaterial ?? sheet.crystalMaterial,
        movementKind: sheet.movementKind,
      },
      hazardTicksOf(ticks),
    ),
    ...(await workOf(db, row, facts)),
  }
}

async function workOf(
  db: Db,
  { tray, sheet }: TrayRow,
  { readings, ticks, policy }: BenchFacts,
): Promise<{ next: string; known: string }> {
  const pastRuns = (await pressRunsOfCaseSheet(db, sheet.id)).filter((run) => run.trayId !== tray.id)
  const { verdict } = trayReadout(readings, sheet, pastRuns, {
    shapes: await standingShapes(db, tray.id),
    pastCounts: tray.pastCounts,
    policy: policy.fit,
    verdict: policy.verdict,
  })
  const size =
    verdict && readings.length > 0
      ? `${formatMm(verdict.pick.sizeMm, 0.1)} with ${formatPercent(verdict.pick.probability)}`
      : ''
  switch (tray.stage) {
    case 'measure': {
      const plan = readingPlan(planFactsOf(tray, sheet))
      const next = nextTarget(plan, readings)
      if (!next) return { next: 'All read: go on to push out, clean and match', known: size }
      const { label, places } = DIMENSIONS[next.dimension]
      const total = plan.reduce((sum, id) => sum + DIMENSIONS[id].places.length, 0)
      return {
        next: `Read ${label.toLowerCase()}, ${places[next.placeIndex]}`,
        known: [`${readings.length} of ${total} read`, size].filter(Boolean).join(', '),
      }
    }
    case 'match':
      return { next: 'Pick crystal with gasket', known: size }
    case 'press-in': {
      const pick = await latestPick(db, tray.id)
      const crystal = pick && (await crystalById(db, pick.crystalId))
      return crystal
        ? {
            next: `Press ${formatMm(crystal.diameterMm, 0.1)} × ${formatMm(crystal.edgeThicknessMm, 0.1)} ${crystal.profile.replace('-', ' ')}`,
            known: `drawer ${crystal.drawer}`,
          }
        : { next: 'Pick crystal with gasket first', known: size }
    }
    default:
      return { next: await nextStep(db, { tray, sheet }, ticks), known: size }
  }
}

/** The first step of the tray's stage that is not ticked. */
async function nextStep(
  db: Db,
  { tray, sheet }: Pick<TrayRow, 'tray' | 'sheet'>,
  ticks: Ticks,
): Promise<string> {
  const facts = await factsOfTray(db, { tray, sheet })
  const steps = stepsOf(procedure(facts, tray.schools), tray.stage)
  const next = steps.find((step) => ticks[`step:${step.id}`] === undefined)
  return next?.title ?? `${stageLabel(tray.stage)} is done: go on`
}

/** The earliest due comes first; among those due the same day, what is furthest along. */
function firstOf(trays: readonly BenchTray[]): BenchView['first'] {
  const day = (tray: BenchTray) => tray.dueAt.slice(0, 10)
  const [first, second] = [...trays].sort(
    (a, b) =>
      day(a).localeCompare(day(b)) || stageIndex(b.stage) - stageIndex(a.stage) || a.number - b.number,
  )
  if (!first) return null
  if (first.late) return { tray: first, because: 'it is late' }
  const tied = second && day(second) === day(first)
  return { tray: first, because: tied ? 'it is due first and furthest along' : 'it is due first' }
}
