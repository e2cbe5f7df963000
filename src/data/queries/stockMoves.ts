import { and, desc, eq, gte, inArray, sql } from 'drizzle-orm'
import type { MoveReason } from '@/core/stock/moveReasons'
import type { PartKind } from '@/core/parts/parts'
import { PART_KINDS } from '@/core/parts/parts'
import type { Db } from '../client'
import { stockMoves } from '../schema'
import { partTable } from './partTables'
import { rowsByTray } from './rowsUnder'

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

/** A part taken out of its drawer for a tray. */
export interface PartOut {
  readonly trayId: number
  readonly kind: PartKind
  readonly partId: number
  readonly count: number
  /** when the last of them was taken */
  readonly since: Date
  readonly code: string
  readonly drawer: string
  /** of one, hundredths of the shop's money; 0 while it is not known */
  readonly priceCents: number
}

/** Pieces taken out for each tray and not put back, with the line they are of. */
export async function partsOutOf(db: Db, trayIds: readonly number[]): Promise<Map<number, PartOut[]>> {
  if (trayIds.length === 0) return new Map()
  const { trayId, partKind: kind, partId } = stockMoves
  const rows = await db
    .select({
      trayId: sql`${trayId}`.mapWith(trayId),
      kind,
      partId,
      count: sql`-sum(${stockMoves.change})`.mapWith(Number),
      since: sql`max(${stockMoves.movedAt}) filter (where ${stockMoves.change} < 0)`.mapWith(
        stockMoves.movedAt,
      ),
      line: lineOfMove(),
    })
    .from(stockMoves)
    .where(inArray(trayId, [...trayIds]))
    .groupBy(trayId, kind, partId)
    .having(sql`-sum(${stockMoves.change}) > 0`)
    .orderBy(kind, partId)
  // A line that was deleted has nothing to show or to put back.
  const there = rows.flatMap(({ line, ...row }) =>
    line === null ? [] : [{ ...row, code: line[0], drawer: line[1], priceCents: line[2] }],
  )
  return rowsByTray(trayIds, there)
}

/** Code, drawer and price of the line a move is of, whichever kind's table it stands in; null where the line is gone. */
function lineOfMove() {
  const cases = PART_KINDS.map((kind) => {
    const { id, code, drawer, priceCents } = partTable(kind)
    return sql`when ${kind} then (select json_build_array(${code}, ${drawer}, ${priceCents}) from ${id.table} where ${id} = ${stockMoves.partId})`
  })
  return sql<
    readonly [code: string, drawer: string, priceCents: number] | null
  >`case ${stockMoves.partKind} ${sql.join(cases, sql` `)} end`
}
