import Joi from 'joi'
import { assessCandidate } from '@/core/fit/assessCandidate'
import { betweenStockedSteps } from '@/core/fit/shortlist'
import { withPast } from '@/core/fit/withPast'
import { choiceOf } from '@/core/tray/choiceOf'
import { DIMENSIONS } from '@/core/readings/dimensions'
import type { PickEvidence } from '@/core/tray/PickEvidence'
import { snapshotPick } from '@/core/tray/snapshotPick'
import type { PartKind } from '@/core/parts/parts'
import { PARTS } from '@/core/parts/parts'
import type { Db } from '@/data/client'
import { insertPick } from '@/data/queries/picks'
import { crystalById, gasketById, stockedEdgesOf } from '@/data/queries/stock'
import { stockLineById } from '@/data/queries/stockLines'
import { moveStock } from '@/data/queries/stockMoves'
import { setTrayStage } from '@/data/queries/trays'
import type { Refusal } from '../boundary'
import { idSchema, refuse } from '../boundary'
import type { OpenedCase } from './openTrayCases'
import { trayChange } from './trayChange'

interface PickSent {
  readonly trayId: number
  readonly crystalId: number
  readonly gasketId: number | null
  readonly bezelGasketId?: number | null
}

interface Picked extends PickSent {
  readonly bezelGasketId: number | null
}

const schema = Joi.object<Picked>({
  trayId: idSchema.required(),
  crystalId: idSchema.required(),
  gasketId: idSchema.allow(null).required(),
  bezelGasketId: idSchema.allow(null).default(null),
})

/**
 * Picks a crystal with what goes with it, takes them out of their drawers, keeps what the pick rested on, and goes on to
 * pressing in. What an earlier pick took out and nobody has pressed goes back.
 * A choice that misses a constraint may be picked all the same: the technician decides, the record says what was known.
 * Empty drawers are refused, because nothing can be taken from them.
 */
export const pickPair = trayChange<Picked, PickSent>(schema, async (tx, pick, opened, now) => {
  const judged = await judgedBy(tx, opened, pick)
  if ('ok' in judged) return judged
  const { trayId } = pick
  for (const { kind, partId } of unpressed(opened))
    await moveStock(tx, { kind, partId, change: 1, reason: 'put-back', trayId, movedAt: now })
  for (const [kind, partId] of partsOf(pick)) {
    const left = await moveStock(tx, { kind, partId, change: -1, reason: 'picked', trayId, movedAt: now })
    if (left === null) return nothingThere(tx, kind, partId)
  }
  await insertPick(tx, { ...pick, evidence: judged, pickedAt: now })
  await setTrayStage(tx, trayId, 'press-in', null)
  return null
})

/** What the pick rests on, or why there can be none. */
async function judgedBy(
  tx: Db,
  opened: OpenedCase,
  { crystalId, gasketId }: Picked,
): Promise<PickEvidence | Refusal> {
  const { now, counted, rules } = opened
  const crystal = await crystalById(tx, crystalId)
  const gasket = gasketId === null ? null : await gasketById(tx, gasketId)
  if (!crystal || gasket === undefined)
    return refuse('This choice is not in the drawers any more: choose another one.')
  const { seat, wishes, verdict } = now.readout
  if (!seat.ok) {
    const { label } = DIMENSIONS[seat.missing]
    return refuse(`Nothing to judge a choice by: measure the ${label.toLowerCase()} first.`)
  }
  const policy = rules.policy.fit
  const judged = assessCandidate(crystal, gasket, seat.seat, policy)
  if (!judged) return refuse('This case does not take such parts: choose from its own shortlist.')
  const candidate = withPast(judged, wishes, policy)
  const between = betweenStockedSteps(seat.seat, await stockedEdgesOf(tx, crystal.build), policy)
  const { reasons, refusal } = choiceOf(candidate, seat.seat, between, opened)
  if (refusal !== null) return refuse(refusal)
  return snapshotPick(candidate, { seat: seat.seat, verdict, readings: counted, reasons })
}

function partsOf({ crystalId, gasketId, bezelGasketId }: Picked): (readonly [PartKind, number])[] {
  const rings = [gasketId, bezelGasketId].filter((id) => id !== null)
  return [['crystal', crystalId], ...rings.map((id) => ['gasket', id] as const)]
}

async function nothingThere(tx: Db, kind: PartKind, partId: number): Promise<Refusal> {
  const line = await stockLineById(tx, kind, partId)
  const { one } = PARTS[kind]
  return refuse(
    line
      ? `Drawer ${line.drawer} has no ${line.code} left: choose another ${one}, or count the drawer.`
      : `This ${one} is not in the drawers any more: choose another one.`,
  )
}

/** What the last pick took out and nobody has pressed. */
function unpressed({ kept }: OpenedCase) {
  const { picked, pressRuns, partsOut } = kept
  if (!picked || pressRuns.some((run) => run.pickId === picked.pick.id)) return []
  const rings = [picked.gasket?.id, picked.bezelGasket?.id]
  return partsOut.filter(({ kind, partId }) =>
    kind === 'crystal' ? partId === picked.crystal.id : kind === 'gasket' && rings.includes(partId),
  )
}
