import Joi from 'joi'
import { PRESS_KINDS } from '@/core/press/PressStep'
import type { PressKind } from '@/core/press/PressStep'
import type { PressPoint } from '@/core/press-run/PressPoint'
import type { TraceRow } from '@/core/press-run/PressTrace'
import { pointsOf, TRACE_SOURCES } from '@/core/press-run/PressTrace'
import type { TraceSource } from '@/core/press-run/PressTrace'
import { crystalInForce } from '@/core/press/plan/ringForce'
import type { Db } from '@/data/client'
import { pressPace } from '@/data/environment'
import { allPresses } from '@/data/queries/tools'
import type { PressFeed, PressListener } from '@/devices/PressFeed'
import { seededRandom } from '@/devices/seededRandom'
import type { OrderedFault } from '@/devices/simulated-press/orderedScene'
import { ORDERED_FAULTS, orderedScene } from '@/devices/simulated-press/orderedScene'
import { simulatedPressFeed } from '@/devices/simulated-press/simulatedPressFeed'
import { simulatedRun } from '@/devices/simulated-press/simulatedRun'
import type { Refusal } from '../boundary'
import { idSchema, refuse, validate } from '../boundary'
import { TRAY_GONE } from '../tray/changeTray'
import { openTrayCase } from '../tray/openTrayCases'

interface AskedFeed {
  readonly source: TraceSource
  readonly trayId: number
  readonly pressId: number
  /** what a simulated press is to do; a real one does what it does */
  readonly fault: OrderedFault
}

const schema = Joi.object<AskedFeed>({
  source: Joi.string()
    .valid(...TRACE_SOURCES)
    .required()
    .messages({ '*': 'Source: simulated or bridge.' }),
  trayId: idSchema.required(),
  pressId: idSchema.required(),
  fault: Joi.string()
    .valid(...ORDERED_FAULTS)
    .default('none'),
})

/** Force of a ring nobody can foresee, N. From memory. */
const USUAL_FORCE_N = 200

// Routes are bundled apart: what there is one of in this process hangs on its global object.
const shared = globalThis as unknown as { __whyalonPresses?: Map<number, Set<PressListener>> }

function listeners(): Map<number, Set<PressListener>> {
  return (shared.__whyalonPresses ??= new Map())
}

/** A press's readings as they come. @returns the feed, or why there is none */
export async function pressFeedOf(db: Db, input: unknown): Promise<{ ok: true; feed: PressFeed } | Refusal> {
  const checked = validate(schema, input)
  if (!checked.ok) return checked
  const { source, trayId, pressId, fault } = checked.value
  const opened = await openTrayCase(db, { id: trayId })
  if (!opened) return refuse(TRAY_GONE)
  const { kept } = opened
  const press = kept.presses.find(({ id }) => id === pressId)
  if (!press?.gauged)
    return refuse('Press: has no cell. Choose one that has, or say in Settings that it has one.')
  if (source === 'bridge') return { ok: true, feed: bridgedFeed(pressId) }
  const seed = kept.tray.number * SEEDS_A_TRAY + kept.pressRuns.length
  const random = seededRandom(seed)
  const { scene, nuisances } = orderedScene(
    { fault, press: kindOf(press.kind), slideN: expectedN(kept), caseSeed: kept.sheet.id },
    random,
  )
  const run = simulatedRun(scene, nuisances, random)
  return { ok: true, feed: simulatedPressFeed(run, pressPace(process.env)) }
}

/** The same tray's next run is another one. */
const SEEDS_A_TRAY = 64

function kindOf(kind: string): PressKind {
  return PRESS_KINDS.find((known) => known === kind) ?? 'lever'
}

function expectedN({
  picked,
  pastRuns,
}: NonNullable<Awaited<ReturnType<typeof openTrayCase>>>['kept']): number {
  if (!picked) return USUAL_FORCE_N
  const { evidence } = picked.pick
  const hold = 'hold' in evidence ? evidence.hold : null
  return crystalInForce({ ...picked, hold }, pastRuns, [])?.mean ?? USUAL_FORCE_N
}

function bridgedFeed(pressId: number): PressFeed {
  return {
    listen(listener) {
      const all = listeners()
      const those = all.get(pressId) ?? new Set()
      all.set(pressId, those.add(listener))
      return () => those.delete(listener)
    },
  }
}

const MOST_AT_ONCE = 500
const rowsSchema = Joi.object<{ points: TraceRow[] }>({
  points: Joi.array()
    .items(Joi.array().items(Joi.number()).length(3))
    .min(1)
    .max(MOST_AT_ONCE)
    .required()
    .messages({
      '*': `Points: 1 to ${MOST_AT_ONCE} of [time in ms, travel in mm, force in N] at once.`,
    }),
})

/** Passes readings of a real cell on to the pages that listen. @returns how many did */
export async function passPoints(
  db: Db,
  pressId: number,
  input: unknown,
): Promise<{ ok: true; heard: number } | Refusal> {
  const presses = await allPresses(db)
  if (!presses.some(({ id, gauged }) => id === pressId && gauged))
    return refuse('Press: none with a cell has this number. Use the one shown in Settings.', 'press')
  const checked = validate(rowsSchema, input)
  if (!checked.ok) return checked
  const points: readonly PressPoint[] = pointsOf(checked.value.points)
  const those = listeners().get(pressId) ?? new Set()
  for (const { onPoints } of those) onPoints(points)
  return { ok: true, heard: those.size }
}
