import Joi from 'joi'
import { betweenStockedSteps } from '@/core/fit/shortlist'
import type { CrystalSeat } from '@/core/fit/CrystalSeat'
import type { OwnPartId } from '@/core/own-parts/OwnPart'
import { OWN_ID, OWN_PARTS } from '@/core/own-parts/OwnPart'
import { DIMENSIONS } from '@/core/readings/dimensions'
import type { JudgedPair } from '@/core/tray/judgePair'
import { judgePair } from '@/core/tray/judgePair'
import type { Db } from '@/data/client'
import { crystalById, gasketById, stockedEdgesOf } from '@/data/queries/stock'
import { action } from '../action'
import type { Refusal } from '../boundary'
import { idSchema, refuse } from '../boundary'
import { TRAY_GONE } from './changeTray'
import type { OpenedCase } from './openTrayCases'
import { openTrayCase } from './openTrayCases'

/** A choice by its lines in the drawers. */
export interface ChoiceSent {
  readonly trayId: number
  /** a line, or the piece's own */
  readonly crystalId: number
  /** null where no ring goes with the crystal */
  readonly gasketId: number | null
}

export const CHOICE_FIELDS = {
  trayId: idSchema.required(),
  crystalId: idSchema.allow(OWN_ID).required(),
  gasketId: idSchema.allow(OWN_ID, null).required(),
}

/** A choice judged anew as the tray's case stands: for one that stands beside the shortlist while figures come. */
export const judgeChoice = action(Joi.object<ChoiceSent>(CHOICE_FIELDS), async (db, sent) => {
  const opened = await openTrayCase(db, { id: sent.trayId })
  if (!opened) return refuse(TRAY_GONE)
  const judged = await judgedInCase(db, opened, sent)
  return 'ok' in judged ? judged : { ok: true as const, choice: judged.pair }
})

/** Why a part of the piece itself is no choice. */
function notOwn({ own }: OpenedCase, id: OwnPartId): string {
  const against = own.parts.find((part) => part.id === id)?.against
  return `Its own ${OWN_PARTS[id].label}: ${against ?? 'this piece has none that could go back'}.`
}

/** A choice as a tray's case and the drawers stand, or why it cannot be judged. */
export async function judgedInCase(
  db: Db,
  opened: OpenedCase,
  { crystalId, gasketId }: ChoiceSent,
): Promise<{ readonly pair: JudgedPair; readonly seat: CrystalSeat } | Refusal> {
  const { own } = opened
  if (crystalId === OWN_ID && !own.crystal) return refuse(notOwn(opened, 'crystal'))
  if (gasketId === OWN_ID && !own.gasket) return refuse(notOwn(opened, 'crystal-gasket'))
  const crystal = crystalId === OWN_ID ? own.crystal?.part : await crystalById(db, crystalId)
  const gasket =
    gasketId === null ? null : gasketId === OWN_ID ? own.gasket?.part : await gasketById(db, gasketId)
  if (!crystal || gasket === undefined)
    return refuse('This choice is not in the drawers any more: choose another one.')
  const { seat: known } = opened.now.readout
  if (!known.ok) {
    const { label } = DIMENSIONS[known.missing]
    return refuse(`Nothing to judge a choice by: measure the ${label.toLowerCase()} first.`)
  }
  const { seat } = known
  const edges = await stockedEdgesOf(db, crystal.build)
  const between = betweenStockedSteps(seat, edges, opened.rules.policy.fit)
  const pair = judgePair({ crystal, gasket }, seat, between, opened)
  return pair ? { pair, seat } : refuse('This case does not take such parts: choose from its own shortlist.')
}
