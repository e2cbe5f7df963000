import type { Step } from '@/core/procedure/Step'
import { saidByTick } from '@/core/procedure/stepsOnTrail'
import { tickedTogether } from '@/core/procedure/tickedTogether'
import { againstStep } from '@/core/stages/inOrder'
import { renewedParts } from '@/core/tray/renewedParts'
import type { Db } from '@/data/client'
import { insertTick } from '@/data/queries/ticks'
import type { Refusal } from '../boundary'
import { refuse } from '../boundary'
import type { OpenedCase } from './openTrayCases'
import type { TrailRecord } from './recordTrail'
import { answerOf, standingOrder, recordTrail } from './recordTrail'

/** What a step that is done takes off and puts back; a refusal where it cannot have been done yet. */
export function trailOfStep(step: Step, opened: OpenedCase): readonly TrailRecord[] | Refusal {
  const early = againstStep(step, standingOrder(opened))
  if (early !== null) return refuse(early, 'subject')
  const { off, back, renewed, against } = saidByTick(step, opened.trail, renewedParts(opened))
  if (against !== null) return refuse(against, 'subject')
  return [
    ...off.map((part) => ({ kind: 'off' as const, part, count: 1 })),
    ...back.map((line) => answerOf(line, 'back', line.open)),
    ...renewed.map((line) => answerOf(line, 'renewed', line.open)),
  ]
}

/** Ticks a subject with what goes with it on the trail. */
export async function tickWithTrail(
  tx: Db,
  opened: OpenedCase,
  { subject, done, said, records }: TickedSubject,
  now: Date,
): Promise<void> {
  const trayId = opened.kept.tray.id
  const together = tickedTogether(subject)
  const steps = opened.procedure.steps.map(({ id }) => id)
  const along = done ? steps.filter((id) => together.includes(`step:${id}`)) : []
  const ticked = await recordTrail(tx, opened, records, now, along)
  for (const each of together.filter((one) => !ticked.includes(one)))
    await insertTick(tx, { trayId, subject: each, done, said, at: now })
}

interface TickedSubject {
  readonly subject: string
  readonly done: boolean
  readonly said: string
  readonly records: readonly TrailRecord[]
}
