import { procedure } from '@/core/procedure/procedure'
import type { Step } from '@/core/procedure/Step'
import type { TrailPartId } from '@/core/trail/parts'
import { TRAIL_PARTS } from '@/core/trail/parts'
import { STAGE_IDS, stageIndex } from '@/core/stages/stages'
import { allHazards, usuallyDealtWith } from '@/core/tray/hazards'
import { jobFactsOf } from '@/core/tray/jobFactsOf'
import type { Db } from '../client'
import type { CaseSheet } from '@/core/tray/CaseSheet'
import { insertFinding } from '../queries/findings'
import { insertLeftOut } from '../queries/leftOut'
import { insertMethodRun } from '../queries/methodRuns'
import type { OwnPartId, Seen } from '@/core/own-parts/OwnPart'
import { insertLookedOver } from '../queries/ownParts'
import { waitSubject } from '@/core/waits/waits'
import { insertPhoto } from '../queries/photos'
import { insertStraightLook } from '../queries/straightLooks'
import { insertTick } from '../queries/ticks'
import { insertTrailEvents } from '../queries/trail'
import type { Tray } from '../queries/trays'
import { demoPicture } from './demoPicture'
import type { DemoLook, DemoPart, DemoTray } from './DemoTray'
import { playRemovals } from './playRemovals'

const MINUTE_MS = 60_000

const AS_USUAL = ['back-tightness', 'usual'] as const

/** Plays what hands did on a demo tray: steps ticked, parts off and back, findings, a picture, a bath in use. */
export async function playWork(db: Db, tray: Tray, sheet: CaseSheet, demo: DemoTray): Promise<void> {
  const minute = (n: number) => new Date(tray.openedAt.getTime() + n * MINUTE_MS)
  const found = demo.found ?? []
  const facts = jobFactsOf(
    tray,
    sheet,
    { findings: found.map(([kind, words]) => ({ kind, words })), looked: {}, leakPlaces: [] },
    {},
  )
  const before = tray.finishedAt === null ? stageIndex(demo.stage) : STAGE_IDS.length
  // What lies ready at the press is clean.
  const isReady = ({ id }: Step) => demo.stage === 'press-in' && id === 'crystal-clean'
  const isDoneHere = ({ id }: Step) => demo.doneHere?.includes(id) ?? false
  const done = procedure(facts, tray.schools).steps.filter(
    (step) => stageIndex(step.stage) < before || isReady(step) || isDoneHere(step),
  )
  for (const [part, seen] of Object.entries(
    lookedOver(
      demo,
      done.map(({ id }) => id),
    ),
  ))
    await insertLookedOver(db, {
      trayId: tray.id,
      part: part as OwnPartId,
      seen,
      goesBack: false,
      at: minute(80),
    })
  for (const [i, step] of done.entries()) {
    await insertTick(db, {
      trayId: tray.id,
      subject: `step:${step.id}`,
      done: true,
      at: minute(2 * i),
      said: saidOf(step, tray),
    })
    if (step.waitMinutes > 0) {
      const at = minute(2 * i + step.waitMinutes)
      await insertTick(db, { trayId: tray.id, subject: waitSubject(step.id), done: true, at })
    }
  }
  await tickHazards(db, tray, { ...facts, steamedUp: tray.steamedUp }, minute(1))
  await playTrail(db, tray, demo, done, minute)
  await playRemovals(db, tray, { facts, demo, done }, minute(30))
  const isNoted = found.some(([kind]) => kind === 'back-tightness')
  const asUsual = done.some(({ id }) => id === 'note-tightness') && !isNoted
  for (const [kind, words] of [...found, ...(asUsual ? [AS_USUAL] : [])]) {
    await insertFinding(db, { trayId: tray.id, kind, words, stage: 'intake', foundAt: minute(5) })
  }
  const leftOut = Object.entries(demo.leftOut ?? {})
  await insertLeftOut(
    db,
    leftOut.map(([subject, reason]) => ({ trayId: tray.id, subject, reason, at: minute(90) })),
  )
  for (const look of demo.askew ?? [])
    await insertStraightLook(db, rowOf(look, tray.id, minute(demo.doneHere ? 240 : 4)))
  if (demo.pictured) {
    const picture = await demoPicture(tray.number, tray.crystalState)
    await insertPhoto(db, { trayId: tray.id, caption: 'as it came in', ...picture, takenAt: minute(3) })
  }
  if (demo.inUse) {
    const { process, scope, minutesAgo } = demo.inUse
    await insertMethodRun(db, { trayId: tray.id, process, scope, startedAt: minute(60 - minutesAgo) })
  }
}

function rowOf({ pair, radiusMm, byHour, limitMm, moves }: DemoLook, trayId: number, at: Date) {
  const offsets = Object.entries(byHour).flatMap(([hour, offsetMm]) =>
    offsetMm === undefined ? [] : [{ hour: Number(hour), offsetMm }],
  )
  const [limit, tilted] = [limitMm ?? null, moves ?? null]
  return { trayId, pair, method: 'loupe' as const, radiusMm, limitMm: limit, offsets, moves: tilted, at }
}

/** What the demo's technician saw, where a step asks: the good answer, with what a test asks for. */
function saidOf({ question }: Step, { classBar }: Tray): string {
  if (!question) return ''
  const [best] = question.answers
  return [best?.words, question.detail?.needed ? `${classBar ?? 3} bar, 0.01 mm inward, back again` : '']
    .filter(Boolean)
    .join(': ')
}

/** What was looked over: what the tray says, and the ring wherever that step was done. */
function lookedOver({ seen }: DemoTray, done: readonly string[]): Partial<Record<OwnPartId, Seen>> {
  return { ...(done.includes('gasket-inspect') ? { 'crystal-gasket': 'sound' } : {}), ...seen }
}

async function tickHazards(
  db: Db,
  tray: Tray,
  facts: Parameters<typeof allHazards>[0],
  at: Date,
): Promise<void> {
  const dealt = allHazards(facts, {}).filter(
    // Past intake a movement under splinters was stopped.
    ({ id, dealt }) =>
      dealt !== null &&
      (usuallyDealtWith(id, tray.stage) || (id === 'movement-running' && tray.stage !== 'intake')),
  )
  for (const { id } of dealt) {
    await insertTick(db, { trayId: tray.id, subject: `hazard:${id}`, done: true, at })
  }
}

/** Parts of a kind that come in several, where the tray's own trail does not count them. */
const USUAL_COUNT = 2

/** What the tray's own trail tells came off, then whatever else the steps done say; what they put back is back. */
async function playTrail(
  db: Db,
  tray: Tray,
  demo: DemoTray,
  done: readonly Step[],
  minute: (n: number) => Date,
): Promise<void> {
  const told = demo.trail ?? []
  const others = done
    .flatMap(({ takesOff }) => takesOff)
    .filter((part) => !told.some((one) => one.part === part))
    .map((part): DemoPart => ({ part, count: TRAIL_PARTS[part].several ? USUAL_COUNT : 1 }))
  const off = await insertTrailEvents(
    db,
    [...told, ...others].map(({ part, count = 1, size = '', clockHour = null }, i) => ({
      trayId: tray.id,
      kind: 'off',
      part,
      count,
      size,
      clockHour,
      at: minute(10 + i),
    })),
  )
  if (told.some(({ part }) => part === 'strap')) {
    await insertTick(db, { trayId: tray.id, subject: 'step:strap-off', done: true, at: minute(10) })
  }
  const isClosed = stageIndex(demo.stage) > stageIndex('close')
  const isHome = demo.progress.kind === 'pressed' && demo.progress.outcomes.includes('home')
  const goneBack = new Set([
    ...done.flatMap(({ putsBack }) => putsBack),
    ...(isHome ? (['crystal', 'crystal-gasket'] as const) : []),
  ])
  await insertTrailEvents(
    db,
    off
      .flatMap((event) => (event.kind === 'off' ? [event] : []))
      .filter(({ part }) => goneBack.has(part) || (isClosed && isBackAtClosing(part, demo)))
      .reverse()
      .map((event, i) => ({
        trayId: tray.id,
        kind: isRenewed(event.part, demo) ? 'renewed' : 'back',
        count: event.count,
        refersTo: event.id,
        at: minute(200 + i),
      })),
  )
}

/** Whatever is on the trail of a closed case has gone back; the strap goes on last. */
function isBackAtClosing(part: TrailPartId, { stage }: DemoTray): boolean {
  return stageIndex(TRAIL_PARTS[part].backBy) < stageIndex(stage)
}

/**
 * The back seal of a closed case is a new one, and so is its crystal unless it came in whole and nobody asked; a ring
 * that was pressed came out of a drawer.
 */
function isRenewed(part: TrailPartId, { crystalState, intake, progress }: DemoTray): boolean {
  if (part === 'crystal-gasket') return progress.kind === 'pressed'
  if (part === 'crystal') return crystalState !== 'whole' || (intake?.asked?.includes('crystal') ?? true)
  return part === 'back-seal'
}
