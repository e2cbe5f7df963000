import type { Finding } from '@/core/intake/Finding'
import type { OpenProcess, Scope } from '@/core/methods/assessMethod'
import { degreesOfHour, pegPlacement } from '@/core/opening/pegPlacement'
import type { PegPlacement } from '@/core/opening/pegPlacement'
import type { SocketOutcome } from '@/core/opening/backSocket'
import type { ChosenOptions } from '@/core/procedure/schoolChoices'
import type { JobFacts } from '@/core/procedure/JobFacts'
import type { Procedure } from '@/core/procedure/procedure'
import { procedure } from '@/core/procedure/procedure'
import { manyOf } from '@/core/records/Field'
import { computedTools, socketOf } from '@/core/tray/computedTools'
import type { Hazard, HazardTicks } from '@/core/tray/hazards'
import { allHazards, HAZARD_IDS, standingHazards } from '@/core/tray/hazards'
import { jobFactsOf } from '@/core/tray/jobFactsOf'
import { partsText } from '@/core/trail/parts'
import type { TrailEvent, TrailLine } from '@/core/trail/partsTrail'
import { lastStanding, movementOpenSince, partsTrail } from '@/core/trail/partsTrail'
import type { ProposedLine } from '@/core/trail/proposedTrail'
import { proposedTrail, stillUsual } from '@/core/trail/proposedTrail'
import type { Die } from '@/core/dies/Die'
import type { Db } from '@/data/client'
import { standingFindings } from '@/data/queries/findings'
import { openMethodRuns } from '@/data/queries/methodRuns'
import { photosOfTray } from '@/data/queries/photos'
import type { Ticks } from '@/data/queries/ticks'
import { ticksOf } from '@/data/queries/ticks'
import { pastTrails, trailOfTray } from '@/data/queries/trail'
import type { TrayRow } from '@/data/queries/trays'

export interface PhotoView {
  readonly id: number
  readonly caption: string
  readonly widthPx: number
  readonly heightPx: number
  readonly takenAt: string
}

export interface TrailView {
  readonly lines: readonly TrailLine[]
  /** what this case usually has that has not come off yet */
  readonly usual: readonly ProposedLine[]
  /** what an undo would take back, in words; null when there is nothing */
  readonly undo: string | null
  /** since when the movement lies open, and since when it is covered; null while it does not */
  readonly movementOpenSince: string | null
  readonly coveredSince: string | null
}

/** Something in use on the bench, this tray's own or another's. */
export interface OpenMethodView extends OpenProcess {
  readonly id: number
  readonly scope: Scope
  readonly startedAt: string
  readonly own: boolean
}

/** How the work on a tray stands: what has to be done, what was done, what came off, what is in use. */
export interface JobView {
  readonly facts: JobFacts
  readonly procedure: Procedure
  /** when each `step:` and `hazard:` was ticked, ISO time */
  readonly ticks: Ticks
  readonly allHazards: readonly Hazard[]
  readonly hazards: readonly Hazard[]
  readonly trail: TrailView
  readonly photos: readonly PhotoView[]
  readonly findings: readonly Finding[]
  readonly bench: readonly OpenMethodView[]
  readonly socket: SocketOutcome | null
  readonly pegs: PegPlacement
}

const HOLDER_PEGS = 4
/** Where a crown stands when the sheet does not say: at 3. Common practice. */
const USUAL_CROWN_HOUR = 3
const PAST_TRAILS_READ = 8

export interface JobFigures {
  /** what the shop always does */
  readonly schools: ChosenOptions
  readonly dies: readonly Die[]
  /** best figure for the crystal's diameter, mm; null while nothing is known */
  readonly crystalMm: number | null
  /** dies of the press card, in words */
  readonly pressIn: readonly string[]
}

export async function jobView(db: Db, row: TrayRow, figures: JobFigures): Promise<JobView> {
  const { tray, sheet } = row
  const [found, ticksByTray, events, past, photos, runs] = await Promise.all([
    standingFindings(db, tray.id),
    ticksOf(db, [tray.id]),
    trailOfTray(db, tray.id),
    pastTrails(db, sheet.id, tray.id, PAST_TRAILS_READ),
    photosOfTray(db, tray.id),
    openMethodRuns(db),
  ])
  const ticks = ticksByTray.get(tray.id) ?? {}
  const facts = jobFactsOf(tray, sheet, found, figures.schools)
  const hazardFacts = { ...facts, steamedUp: tray.steamedUp, stage: tray.stage }
  const hazardTicks = hazardTicksOf(ticks)
  const crown = sheet.crownKind === 'none' ? [] : [sheet.crownHour ?? USUAL_CROWN_HOUR]
  const keepClear = [...crown, ...manyOf(sheet.pusherHours).map(Number)]
  return {
    facts,
    procedure: procedure(
      facts,
      tray.schools,
      computedTools(sheet, figures.dies, figures.crystalMm, figures.pressIn),
    ),
    ticks,
    allHazards: allHazards(hazardFacts, hazardTicks),
    hazards: standingHazards(hazardFacts, hazardTicks),
    trail: trailView(events, past, ticks),
    photos: photos.map((photo) => ({ ...photo, takenAt: photo.takenAt.toISOString() })),
    findings: found.map(({ id, kind, words, foundAt }) => ({
      id,
      kind,
      words,
      foundAt: foundAt.toISOString(),
    })),
    bench: runs.map(({ id, trayId, trayNumber, process, scope, startedAt }) => ({
      id,
      trayNumber,
      process,
      scope,
      startedAt: startedAt.toISOString(),
      own: trayId === tray.id,
    })),
    socket: socketOf(sheet, figures.dies),
    pegs: pegPlacement(HOLDER_PEGS, keepClear.map(degreesOfHour)),
  }
}

/** Hazard ticks out of all ticks of a tray. */
export function hazardTicksOf(ticks: Ticks): HazardTicks {
  return Object.fromEntries(
    HAZARD_IDS.flatMap((id) => {
      const at = ticks[`hazard:${id}`]
      return at === undefined ? [] : [[id, at]]
    }),
  )
}

function trailView(
  events: readonly TrailEvent[],
  past: readonly (readonly TrailEvent[])[],
  ticks: Ticks,
): TrailView {
  const lines = partsTrail(events)
  const open = movementOpenSince(lines)
  return {
    lines,
    usual: stillUsual(proposedTrail(past.map(partsTrail)), lines),
    undo: undoText(events, lines),
    movementOpenSince: open,
    coveredSince: open === null ? null : (ticks['step:dust-cover'] ?? null),
  }
}

const ANSWER_WORDS = { back: 'back on', renewed: 'renewed', 'left-off': 'left off' } as const

function undoText(events: readonly TrailEvent[], lines: readonly TrailLine[]): string | null {
  const last = lastStanding(events)
  if (!last || last.kind === 'undo') return null
  if (last.kind === 'off') return `${partsText(last.part, last.count, last.size)} off`
  const line = lines.find((l) => l.offIds.includes(last.offId))
  return line ? `${partsText(line.part, last.count, line.size)} ${ANSWER_WORDS[last.kind]}` : null
}
