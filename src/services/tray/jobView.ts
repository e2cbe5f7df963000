import type { Finding } from '@/core/intake/Finding'
import type { OpenProcess } from '@/core/methods/assessMethod'
import type { Scope } from '@/core/methods/scopes'
import type { PieceNow } from '@/core/methods/PieceNow'
import { degreesOfHour, holderPegs } from '@/core/opening/pegPlacement'
import type { PegPlacement } from '@/core/opening/pegPlacement'
import type { SocketOutcome } from '@/core/opening/backSocket'
import type { JobFacts } from '@/core/procedure/JobFacts'
import type { Procedure } from '@/core/procedure/procedure'
import { manyOf } from '@/core/records/Field'
import type { StageState } from '@/core/stages/StageState'
import { computedTools, socketOf } from '@/core/tray/computedTools'
import type { Hazard } from '@/core/tray/hazards'
import type { KeptTray } from '@/core/tray/KeptTray'
import { renewedParts } from '@/core/tray/renewedParts'
import type { TrailPartId } from '@/core/trail/parts'
import { partsText } from '@/core/trail/parts'
import type { TrailEvent, TrailLine } from '@/core/trail/partsTrail'
import { lastStanding, movementOpenSince, partsTrail } from '@/core/trail/partsTrail'
import type { ProposedLine } from '@/core/trail/proposedTrail'
import { proposedTrail, stillUsual } from '@/core/trail/proposedTrail'
import type { WaitBefore } from '@/core/waits/WaitBefore'
import { waitsBefore } from '@/core/waits/pastWaits'
import type { Wait } from '@/core/waits/waits'
import type { Die } from '@/core/dies/Die'
import type { OpenedCase } from './openTrayCases'
import { knownOnTheWay } from './pressCase'

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
  /** parts whose tick records a new one, not their own again */
  readonly renews: readonly TrailPartId[]
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
  /** every stage as it stands by what was done */
  readonly stages: readonly StageState[]
  /** when each `step:` and `hazard:` was ticked, ISO time */
  readonly ticks: KeptTray['ticks']
  /** what was said of each `step:` that asks */
  readonly said: KeptTray['said']
  readonly allHazards: readonly Hazard[]
  readonly hazards: readonly Hazard[]
  /** cures, soaks and run-ins nobody has said to be over, those cut short among them */
  readonly waits: readonly Wait[]
  /** how long each wait took on earlier pieces of the case, by its step */
  readonly waitsBefore: Readonly<Record<string, WaitBefore>>
  readonly trail: TrailView
  readonly photos: readonly PhotoView[]
  readonly findings: readonly Finding[]
  /** the piece as it stands now, for what may harm it */
  readonly piece: PieceNow
  readonly bench: readonly OpenMethodView[]
  readonly socket: SocketOutcome | null
  readonly pegs: PegPlacement
}

/** Where a crown stands when the sheet does not say: at 3. Common practice. */
const USUAL_CROWN_HOUR = 3

export interface JobTools {
  readonly dies: readonly Die[]
  /** dies of the press card, in words */
  readonly pressIn: readonly string[]
}

export function jobView(opened: OpenedCase, { dies, pressIn }: JobTools): JobView {
  const { kept } = opened
  const { tray, sheet } = kept
  const crown = sheet.crownKind === 'none' ? [] : [sheet.crownHour ?? USUAL_CROWN_HOUR]
  const keepClear = [...crown, ...manyOf(sheet.pusherHours).map(Number)]
  return {
    facts: opened.facts,
    procedure: opened.procedureWith(computedTools(sheet, dies, knownOnTheWay(opened), pressIn)),
    stages: opened.stages,
    ticks: kept.ticks,
    said: kept.said,
    allHazards: opened.allHazards,
    hazards: opened.hazards,
    waits: opened.waits.filter(({ overAt }) => overAt === null),
    waitsBefore: waitsBefore(kept.pastWaits),
    trail: trailView(opened),
    photos: photoViews(kept),
    findings: kept.findings.map(({ id, kind, words, foundAt }) => ({
      id,
      kind,
      words,
      foundAt: foundAt.toISOString(),
    })),
    piece: opened.piece,
    bench: kept.inUse.map(({ id, trayId, trayNumber, process, scope, startedAt }) => ({
      id,
      trayNumber,
      process,
      scope,
      startedAt: startedAt.toISOString(),
      own: trayId === tray.id,
    })),
    socket: socketOf(sheet, dies),
    pegs: holderPegs(keepClear.map(degreesOfHour)),
  }
}

export function photoViews({ photos }: Pick<OpenedCase['kept'], 'photos'>): PhotoView[] {
  return photos.map(({ trayId: _, ...photo }) => ({ ...photo, takenAt: photo.takenAt.toISOString() }))
}

function trailView(opened: OpenedCase): TrailView {
  const { kept, trail } = opened
  const open = movementOpenSince(trail)
  return {
    lines: trail,
    usual: stillUsual(proposedTrail(kept.pastTrails.map(partsTrail)), trail),
    renews: renewedParts(opened),
    undo: undoText(kept.trail, trail),
    movementOpenSince: open,
    coveredSince: open === null ? null : (kept.ticks['step:dust-cover'] ?? null),
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
