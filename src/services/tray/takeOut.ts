import { PART_WORDS } from '@/core/stock/partKinds'
import type { Db } from '@/data/client'
import { stockLineById } from '@/data/queries/stockLines'
import { moveStock } from '@/data/queries/stockMoves'
import { refuse, validate } from '../boundary'
import type { ViewOutcome } from './changeTray'
import { changeTray } from './changeTray'
import { trayPartSchema } from './trayPart'

/** Takes one piece out of its drawer for a tray: a seal, an insert, a bezel. */
export async function takeOut(db: Db, input: unknown, now: Date): Promise<ViewOutcome> {
  const checked = validate(trayPartSchema, input)
  if (!checked.ok) return checked
  const { trayId, kind, partId } = checked.value
  return changeTray(db, trayId, async () => {
    const move = { kind, partId, change: -1, reason: 'picked', trayId, movedAt: now } as const
    const left = await db.transaction((tx) => moveStock(tx, move))
    if (left !== null) return null
    const line = await stockLineById(db, kind, partId)
    return refuse(
      line
        ? `Drawer ${line.drawer} has no ${line.code} left: choose another ${PART_WORDS[kind].one}, or count the drawer.`
        : `This ${PART_WORDS[kind].one} is not in the drawers any more: choose another one.`,
    )
  })
}
