import { PARTS } from '@/core/parts/parts'
import { moveStock } from '@/data/queries/stockMoves'
import { refuse } from '../boundary'
import { trayChange } from './trayChange'
import { trayPartSchema } from './trayPart'

/** Puts one piece that was taken out for a tray, and not used, back into its drawer. */
export const putBack = trayChange(
  trayPartSchema,
  async (tx, { trayId, kind, partId }, { kept }, now) => {
    if (!kept.partsOut.some((out) => out.kind === kind && out.partId === partId))
      return refuse(`This ${PARTS[kind].one} is not out for this tray any more: nothing was put back.`)
    await moveStock(tx, { kind, partId, change: 1, reason: 'put-back', trayId, movedAt: now })
    return null
  },
  'decision',
)
