import { eq } from 'drizzle-orm'
import type { FieldValue } from '@/core/records/checkRecord'
import type { PartKind } from '@/core/parts/parts'
import type { Db } from '../client'
import type { PartTable } from './partTables'
import { partTable } from './partTables'
import { noteMove } from './stockMoves'

type Row = PartTable['$inferInsert']

/** The values have been checked against the kind's fields, which name its columns and their types. */
function rowOf(values: Readonly<Record<string, FieldValue>>): Row {
  return values as unknown as Row
}

/** Stores a new line of the drawers; what lies there already is its first count. */
export async function insertPart(
  db: Db,
  kind: PartKind,
  values: Readonly<Record<string, FieldValue>>,
  now: Date,
): Promise<void> {
  const table = partTable(kind)
  const [row] = await db
    .insert(table)
    .values(rowOf(values))
    .returning({ id: table.id, quantity: table.quantity })
  if (!row) throw new Error('the part was not stored')
  if (row.quantity === 0) return
  const move = {
    kind,
    partId: row.id,
    change: row.quantity,
    reason: 'first-count',
    trayId: null,
    movedAt: now,
  } as const
  await noteMove(db, move, row.quantity)
}

/** A line of the drawers as it is kept, all of it. */
export async function partRecordById(db: Db, kind: PartKind, id: number): Promise<object | undefined> {
  const table = partTable(kind)
  const [found] = await db.select().from(table).where(eq(table.id, id))
  return found
}

/** Changes a line; a changed count is kept as a correction. @returns false when there is no such line */
export async function updatePart(
  db: Db,
  kind: PartKind,
  id: number,
  values: Readonly<Record<string, FieldValue>>,
  now: Date,
): Promise<boolean> {
  const table = partTable(kind)
  const [before] = await db
    .select({ quantity: table.quantity })
    .from(table)
    .where(eq(table.id, id))
    .for('update')
  if (!before) return false
  const [after] = await db
    .update(table)
    .set(rowOf(values))
    .where(eq(table.id, id))
    .returning({ quantity: table.quantity })
  const change = (after?.quantity ?? 0) - before.quantity
  if (after && change !== 0) {
    const move = { kind, partId: id, change, reason: 'corrected', trayId: null, movedAt: now } as const
    await noteMove(db, move, after.quantity)
  }
  return after !== undefined
}
