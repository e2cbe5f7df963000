import { and, desc, eq, gte, sql } from 'drizzle-orm'
import type { MoveReason, PartKind } from '@/core/stock/partKinds'
import type { Db } from '../client'
import { stockMoves } from '../schema'
import { partTable } from './partTables'

export interface StockMove {
  readonly kind: PartKind
  readonly partId: number
  /** pieces: + in, − out */
  readonly change: number
  readonly reason: MoveReason
  readonly trayId: number | null
  readonly movedAt: Date
}

/**
 * Moves pieces in or out of a drawer and keeps why.
 * @returns how many are there now; null when there are not as many as were to be taken, or no such part
 */
export async function moveStock(db: Db, move: StockMove): Promise<number | null> {
  const table = partTable(move.kind)
  const [now] = await db
    .update(table)
    .set({ quantity: sql`${table.quantity} + ${move.change}` })
    .where(and(eq(table.id, move.partId), gte(table.quantity, -move.change)))
    .returning({ quantity: table.quantity })
  if (!now) return null
  await noteMove(db, move, now.quantity)
  return now.quantity
}

/** Keeps a move that was made together with other changes of the line. */
export async function noteMove(db: Db, move: StockMove, leftThere: number): Promise<void> {
  const { kind, partId, change, reason, trayId, movedAt } = move
  await db.insert(stockMoves).values({ partKind: kind, partId, change, leftThere, reason, trayId, movedAt })
}

/** Keeps many moves at once: what an import brings. */
export async function noteMoves(
  db: Db,
  moves: readonly (StockMove & { readonly leftThere: number })[],
): Promise<void> {
  const rows = moves.map(({ kind, ...move }) => ({ ...move, partKind: kind }))
  for (let from = 0; from < rows.length; from += 1000)
    await db.insert(stockMoves).values(rows.slice(from, from + 1000))
}

/** What happened to one part's count, the newest first. */
export function movesOfPart(db: Db, kind: PartKind, partId: number, most: number) {
  return db
    .select()
    .from(stockMoves)
    .where(and(eq(stockMoves.partKind, kind), eq(stockMoves.partId, partId)))
    .orderBy(desc(stockMoves.id))
    .limit(most)
}

export interface PartOut {
  readonly kind: PartKind
  readonly partId: number
  readonly count: number
  /** when the last of them was taken */
  readonly since: Date
}

/** Pieces taken out for a tray and not put back. */
export async function partsOutFor(db: Db, trayId: number): Promise<PartOut[]> {
  const count = sql`-sum(${stockMoves.change})`.mapWith(Number)
  const since = sql`max(${stockMoves.movedAt}) filter (where ${stockMoves.change} < 0)`.mapWith(
    stockMoves.movedAt,
  )
  return db
    .select({ kind: stockMoves.partKind, partId: stockMoves.partId, count, since })
    .from(stockMoves)
    .where(eq(stockMoves.trayId, trayId))
    .groupBy(stockMoves.partKind, stockMoves.partId)
    .having(sql`-sum(${stockMoves.change}) > 0`)
}
