import { PART_WORDS } from '@/core/stock/partKinds'
import type { Db } from '@/data/client'
import { moveStock, partsOutFor } from '@/data/queries/stockMoves'
import { refuse, validate } from '../boundary'
import type { ViewOutcome } from './changeTray'
import { changeTray } from './changeTray'
import { trayPartSchema } from './trayPart'

/** Puts one piece that was taken out for a tray, and not used, back into its drawer. */
export async function putBack(db: Db, input: unknown, now: Date): Promise<ViewOutcome> {
  const checked = validate(trayPartSchema, input)
  if (!checked.ok) return checked
  const { trayId, kind, partId } = checked.value
  return changeTray(db, trayId, async () => {
    const out = (await partsOutFor(db, trayId)).some((o) => o.kind === kind && o.partId === partId)
    if (!out)
      return refuse(`This ${PART_WORDS[kind].one} is not out for this tray any more: nothing was put back.`)
    await db.transaction((tx) =>
      moveStock(tx, { kind, partId, change: 1, reason: 'put-back', trayId, movedAt: now }),
    )
    return null
  })
}
