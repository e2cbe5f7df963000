import { changedByTrail } from '@/core/procedure/stepsOnTrail'
import type { Order } from '@/core/stages/inOrder'
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
 * Records what came off, went back or is taken back, and ticks the steps it does or unticks those it undoes: the trail
 * and the steps say one thing.
 * @returns the subjects it ticked or unticked
 */
export async function recordTrail(
  tx: Db,
  { kept, trail, procedure }: Pick<OpenedCase, 'kept' | 'trail' | 'procedure'>,
  records: readonly TrailRecord[],
  now: Date,
): Promise<readonly string[]> {
  const trayId = kept.tray.id
  const events = await insertTrailEvents(
    tx,
    records.map((record) => ({ ...record, trayId, at: now })),
  )
  const turned = changedByTrail(procedure.steps, trail, partsTrail([...kept.trail, ...events]))
  const ticks = [
    ...turned.done.map((id) => ({ subject: `step:${id}`, done: true })),
    ...turned.undone.map((id) => ({ subject: `step:${id}`, done: false })),
  ].filter(({ subject, done }) => (kept.ticks[subject] !== undefined) !== done)
  for (const tick of ticks) await insertTick(tx, { trayId, at: now, ...tick })
  return ticks.map(({ subject }) => subject)
}

/** How the job stands, as far as the order of its steps asks. */
export function orderOf({ procedure, stages, trail }: OpenedCase): Order {
  return { steps: procedure.steps, stages, trail }
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
