import { PARTS } from '@/core/parts/parts'
import { stockLineById } from '@/data/queries/stockLines'
import { moveStock } from '@/data/queries/stockMoves'
import { refuse } from '../boundary'
import { trayChange } from './trayChange'
import { trayPartSchema } from './trayPart'

/** Takes one piece out of its drawer for a tray: a seal, an insert, a bezel. */
export const takeOut = trayChange(trayPartSchema, async (tx, { trayId, kind, partId }, _, now) => {
  const left = await moveStock(tx, { kind, partId, change: -1, reason: 'picked', trayId, movedAt: now })
  if (left !== null) return null
  const line = await stockLineById(tx, kind, partId)
  return refuse(
    line
      ? `Drawer ${line.drawer} has no ${line.code} left: choose another ${PARTS[kind].one}, or count the drawer.`
      : `This ${PARTS[kind].one} is not in the drawers any more: choose another one.`,
  )
})
