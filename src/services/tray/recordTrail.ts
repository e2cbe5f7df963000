import type { Order } from '@/core/stages/inOrder'
import { orderOf } from '@/core/stages/inOrder'
import { turnedByTrail } from '@/core/stages/turnedByTrail'
import type { TrailLine } from '@/core/trail/partsTrail'
import { partsTrail } from '@/core/trail/partsTrail'
import type { Db } from '@/data/client'
import { insertTick } from '@/data/queries/ticks'
import type { NewTrailEvent } from '@/data/queries/trail'
import { insertTrailEvents } from '@/data/queries/trail'
import type { OpenedCase } from './openTrayCases'

/** What is recorded of a part; its tray and time are the change's own. */
export type TrailRecord = Omit<NewTrailEvent, 'trayId' | 'at'>

/**
 * Records what came off, went back or is taken back, and ticks the steps it does or unticks those it undoes.
 * @param ticked - ids of steps that are done along with it: what the trail shows and waits for them is done as well
 * @returns the subjects it ticked or unticked
 */
export async function recordTrail(
  tx: Db,
  opened: OpenedCase,
  records: readonly TrailRecord[],
  now: Date,
  ticked: readonly string[] = [],
): Promise<readonly string[]> {
  const { kept } = opened
  const trayId = kept.tray.id
  const events = await insertTrailEvents(
    tx,
    records.map((record) => ({ ...record, trayId, at: now })),
  )
  const turned = turnedByTrail(standingOrder(opened), partsTrail([...kept.trail, ...events]), ticked)
  const ticks = [
    ...turned.done.map((id) => ({ subject: `step:${id}`, done: true })),
    ...turned.undone.map((id) => ({ subject: `step:${id}`, done: false })),
  ].filter(({ subject, done }) => (kept.ticks[subject] !== undefined) !== done)
  for (const tick of ticks) await insertTick(tx, { trayId, at: now, ...tick })
  return ticks.map(({ subject }) => subject)
}

/** How the job stands, as far as the order of its steps asks. */
export function standingOrder({ procedure, stages, trail }: OpenedCase): Order {
  return orderOf(procedure.steps, stages, trail)
}

/** An answer hangs on the first removal of its line; the line adds them up. */
export function answerOf(
  { offIds }: TrailLine,
  kind: 'back' | 'renewed' | 'left-off',
  count: number,
  reason = '',
): TrailRecord {
  return { kind, count, reason, refersTo: offIds[0] ?? null }
}
