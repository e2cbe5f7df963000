import { and, eq } from 'drizzle-orm'
import type { PartKind } from '@/core/parts/parts'
import type { Db } from '../client'
import { importMappings } from '../schema'

/** How a supplier's list of a kind was read last; null for a list never seen. */
export async function mappingOf(
  db: Db,
  supplier: string,
  kind: PartKind,
): Promise<Readonly<Record<string, string>> | null> {
  const [row] = await db
    .select()
    .from(importMappings)
    .where(and(eq(importMappings.supplier, supplier), eq(importMappings.partKind, kind)))
  return row?.columns ?? null
}

export async function rememberMapping(
  db: Db,
  supplier: string,
  kind: PartKind,
  columns: Readonly<Record<string, string>>,
): Promise<void> {
  await db
    .insert(importMappings)
    .values({ supplier, partKind: kind, columns })
    .onConflictDoUpdate({ target: [importMappings.supplier, importMappings.partKind], set: { columns } })
}
