import { eq } from 'drizzle-orm'
import type { PartKind } from '@/core/parts/parts'
import type { StockLine } from '@/core/stock/StockLine'
import type { Db } from '../client'
import { partTable } from './partTables'

/** What every kind of part has, of one of them. */
export async function stockLineById(db: Db, kind: PartKind, id: number): Promise<StockLine | undefined> {
  const t = partTable(kind)
  const [line] = await db
    .select({
      id: t.id,
      code: t.code,
      drawer: t.drawer,
      quantity: t.quantity,
      minimum: t.minimum,
      priceCents: t.priceCents,
      supplier: t.supplier,
      supplierCode: t.supplierCode,
    })
    .from(t)
    .where(eq(t.id, id))
  return line
}

/** How many lie there; nobody changes it before the transaction ends. @returns null where the line is gone */
export async function quantityHeld(tx: Db, kind: PartKind, id: number): Promise<number | null> {
  const t = partTable(kind)
  const [line] = await tx.select({ quantity: t.quantity }).from(t).where(eq(t.id, id)).for('update')
  return line?.quantity ?? null
}
