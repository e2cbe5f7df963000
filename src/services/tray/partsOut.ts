import type { PartKind } from '@/core/stock/partKinds'
import type { Db } from '@/data/client'
import { stockLineById } from '@/data/queries/stockLines'
import { partsOutFor } from '@/data/queries/stockMoves'

/** A part taken out of its drawer for a tray. */
export interface PartOutView {
  readonly kind: PartKind
  readonly partId: number
  readonly code: string
  readonly drawer: string
  readonly count: number
  /** when the last of them was taken, ISO text */
  readonly since: string
}

export async function partsOut(db: Db, trayId: number): Promise<PartOutView[]> {
  const out = await partsOutFor(db, trayId)
  const views: PartOutView[] = []
  for (const { kind, partId, count, since } of out) {
    const line = await stockLineById(db, kind, partId)
    if (line)
      views.push({ kind, partId, count, since: since.toISOString(), code: line.code, drawer: line.drawer })
  }
  return views
}
