import { PROCESS_WORDS } from '@/core/methods/harmTable'
import { isDue } from '@/core/measure/calibration'
import { isOwn } from '@/core/own-parts/OwnPart'
import { DIMENSIONS } from '@/core/readings/dimensions'
import type { Wait } from '@/core/waits/waits'
import { openWaits } from '@/core/waits/waits'
import type { StandingJob } from '@/core/stages/Stage'
import { isHome } from '@/core/tray/isHome'
import type { StageId } from '@/core/stages/stages'
import { stageIndex, toDoAt } from '@/core/stages/stages'
import type { Hazard } from '@/core/tray/hazards'
import { instrumentDoubt } from '@/core/measure/instrumentDoubt'
import { troubleOf } from '@/core/tray/CaseTrouble'
import { formatMm, formatPercent } from '@/core/units/formatMm'
import { dayIn } from '@/core/units/shopTime'
import type { Db } from '@/data/client'
import { openMethodRuns } from '@/data/queries/methodRuns'
import { allInstruments } from '@/data/queries/tools'
import { highestTrayNumber, traysInHand } from '@/data/queries/trays'
import { shopTime } from '../shop/shopTimes'
import { drawersSummary } from '../drawers/drawersPage'
import type { OpenedCase } from '../tray/openTrayCases'
import { openTrayCases } from '../tray/openTrayCases'

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
  /** cures, soaks and run-ins nobody has said to be over */
  readonly waits: readonly Pick<Wait, 'title' | 'endsAt'>[]
}

/** A tray that cannot be judged, and why. */
export interface UnreadableTray {
  readonly number: number
  readonly caseName: string
  readonly trouble: string
}

export interface BenchView {
  readonly trays: readonly BenchTray[]
  readonly unreadable: readonly UnreadableTray[]
  /** the tray to take now; null when the bench is clear */
  readonly first: { readonly tray: BenchTray; readonly because: string } | null
  readonly dueToday: number
  /** what is there of a shop that never opened a tray; null once it has */
  readonly newShop: { readonly linesInDrawers: number } | null
  /** instruments past their calibration day, by name */
  readonly instrumentsDue: readonly string[]
  /** instruments that failed their last check, with what it showed */
  readonly instrumentsOff: readonly string[]
  /** baths and flames in use now, on which tray and since when (ISO time) */
  readonly inUse: readonly { readonly process: string; readonly trayNumber: number; readonly since: string }[]
}

/** The bench today: every tray in hand with its stage, its hazards and what to do next. */
export async function benchView(db: Db, now: Date): Promise<BenchView> {
  const [{ zone }, rows, instruments, inUse] = await Promise.all([
    shopTime(db),
    traysInHand(db),
    allInstruments(db),
    openMethodRuns(db),
  ])
  const read = (await openTrayCases(db, rows)).map((opened) => readableTray(opened, now))
  const trays = read.flatMap((one) => ('trouble' in one ? [] : [one]))
  const today = dayIn(zone, now)
  return {
    trays,
    unreadable: read.filter((one) => 'trouble' in one),
    first: firstOf(trays),
    newShop: await newShop(db),
    dueToday: rows.filter((row) => dayIn(zone, row.tray.dueAt) === today).length,
    instrumentsOff: instruments.flatMap((i) => {
      const doubt = instrumentDoubt(i)
      return doubt ? [`${i.name} ${doubt.words}`] : []
    }),
    instrumentsDue: instruments.filter((i) => isDue(i.calibrationDueOn, today)).map((i) => i.name),
    inUse: inUse.map(({ process, trayNumber, startedAt }) => ({
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

/** One tray that cannot be judged does not hide the others. */
function readableTray(opened: OpenedCase, now: Date): BenchTray | UnreadableTray {
  try {
    return benchTray(opened, now)
  } catch (error) {
    const { tray, sheet } = opened.kept
    return {
      number: tray.number,
      caseName: `${sheet.maker} ${sheet.reference}`,
      trouble: troubleOf(error),
    }
  }
}

function benchTray(opened: OpenedCase, now: Date): BenchTray {
  const { tray, sheet, owner } = opened.kept
  return {
    number: tray.number,
    stage: tray.stage,
    caseName: `${sheet.maker} ${sheet.reference}`,
    owner: [owner.name, tray.ownerMark].filter(Boolean).join(', '),
    dueAt: tray.dueAt.toISOString(),
    late: tray.dueAt.getTime() < now.getTime(),
    hazards: opened.hazards,
    waits: openWaits(opened.waits).map(({ title, endsAt }) => ({ title, endsAt })),
    ...toDoAt(tray.stage, standingJob(opened)),
  }
}

/** Each worked out when its stage asks: a bench full of trays needs few of them. */
function standingJob(opened: OpenedCase): StandingJob {
  const { kept } = opened
  return {
    get step() {
      return opened.nextOpen(kept.tray.stage)
    },
    get reading() {
      const { next } = opened
      if (!next) return null
      const { label, places } = DIMENSIONS[next.dimension]
      return `${label.toLowerCase()}, ${places[next.placeIndex] ?? ''}`
    },
    get read() {
      const planned = opened.plan.reduce((sum, id) => sum + DIMENSIONS[id].places.length, 0)
      return { taken: opened.counted.length, planned }
    },
    get picked() {
      const crystal = kept.picked?.crystal
      if (!crystal) return null
      const sizes = `${formatMm(crystal.diameterMm, 0.1)} × ${formatMm(crystal.edgeThicknessMm, 0.1)}`
      return {
        what: `${sizes} ${crystal.profile.replace('-', ' ')}`,
        where: isOwn(crystal) ? 'its own again' : `drawer ${crystal.drawer}`,
      }
    },
    get home() {
      return isHome(kept)
    },
    get size() {
      return sizeText(opened)
    },
  }
}

/** The size verdict in words; empty while nothing was read. */
function sizeText({ counted, now }: OpenedCase): string {
  if (counted.length === 0) return ''
  const { verdict } = now.readout
  return verdict
    ? `${formatMm(verdict.pick.sizeMm, 0.1)} with ${formatPercent(verdict.pick.probability)}`
    : ''
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
