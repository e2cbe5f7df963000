import { and, asc, desc, eq, inArray, isNotNull, isNull, max } from 'drizzle-orm'
import type { EarlierTray } from '@/core/intake/returnedPiece'
import type { StageId } from '@/core/stages/stages'
import type { Db } from '../client'
import { caseSheets, owners, trays } from '../schema'

export type Tray = typeof trays.$inferSelect
export type NewTray = typeof trays.$inferInsert
export type Owner = typeof owners.$inferSelect
export type NewOwner = typeof owners.$inferInsert

/** What a tray's row is read from. */
export const TRAY_ROW_TABLES = [trays, caseSheets, owners]

const trayWithSheet = { tray: trays, sheet: caseSheets, owner: owners }

function traysJoined(db: Db) {
  return db
    .select(trayWithSheet)
    .from(trays)
    .innerJoin(caseSheets, eq(caseSheets.id, trays.caseSheetId))
    .innerJoin(owners, eq(owners.id, trays.ownerId))
}

export type TrayRow = Awaited<ReturnType<typeof traysInHand>>[number]

/** Trays not handed back yet, the earliest due first. */
export function traysInHand(db: Db) {
  return traysJoined(db).where(isNull(trays.finishedAt)).orderBy(asc(trays.dueAt), asc(trays.id))
}

/** The newest tray of each case sheet that has one. */
export async function lastTrayOfSheets(db: Db): Promise<ReadonlyMap<number, Tray>> {
  const rows = await db
    .selectDistinctOn([trays.caseSheetId])
    .from(trays)
    .orderBy(asc(trays.caseSheetId), desc(trays.number))
  return new Map(rows.map((tray) => [tray.caseSheetId, tray]))
}

/** Numbers of trays by their id. */
export async function trayNumbers(db: Db, ids: readonly number[]): Promise<ReadonlyMap<number, number>> {
  if (ids.length === 0) return new Map()
  const rows = await db
    .select({ id: trays.id, number: trays.number })
    .from(trays)
    .where(inArray(trays.id, [...ids]))
  return new Map(rows.map(({ id, number }) => [id, number]))
}

/** Trays handed back of each case sheet. */
export async function handedBackOf(db: Db, sheetIds: readonly number[]): Promise<Map<number, EarlierTray[]>> {
  if (sheetIds.length === 0) return new Map()
  const rows = await db
    .select({
      ...{ sheetId: trays.caseSheetId, trayId: trays.id, trayNumber: trays.number },
      ...{ ownerId: trays.ownerId, ownerMark: trays.ownerMark, finishedAt: trays.finishedAt },
    })
    .from(trays)
    .where(and(inArray(trays.caseSheetId, [...sheetIds]), isNotNull(trays.finishedAt)))
    .orderBy(asc(trays.id))
  const bySheet = new Map<number, EarlierTray[]>(sheetIds.map((id) => [id, []]))
  for (const { sheetId, finishedAt, ...tray } of rows)
    if (finishedAt) bySheet.get(sheetId)?.push({ ...tray, finishedAt })
  return bySheet
}

export async function trayByNumber(db: Db, number: number): Promise<TrayRow | undefined> {
  return (await traysJoined(db).where(eq(trays.number, number)))[0]
}

export async function trayById(db: Db, id: number): Promise<TrayRow | undefined> {
  return (await traysJoined(db).where(eq(trays.id, id)))[0]
}

/** What makes a tray the same one in two shops. */
export interface TrayIdentity {
  readonly openedAt: Date
  readonly maker: string
  readonly reference: string
  readonly owner: string
  readonly ownerMark: string
}

/** Number under which a tray is here already; null where it is not. */
export async function sameTray(
  db: Db,
  { openedAt, maker, reference, owner, ownerMark }: TrayIdentity,
): Promise<number | null> {
  const [row] = await traysJoined(db).where(
    and(
      eq(trays.openedAt, openedAt),
      eq(caseSheets.maker, maker),
      eq(caseSheets.reference, reference),
      eq(owners.name, owner),
      eq(trays.ownerMark, ownerMark),
    ),
  )
  return row?.tray.number ?? null
}

export async function highestTrayNumber(db: Db): Promise<number | null> {
  return (await db.select({ number: max(trays.number) }).from(trays))[0]?.number ?? null
}

export async function insertTrays(db: Db, rows: NewTray[]): Promise<Tray[]> {
  return db.insert(trays).values(rows).returning()
}

/** @param finishedAt - set when the tray leaves the bench, null while it is in hand */
export async function setTrayStage(
  db: Db,
  id: number,
  stage: StageId,
  finishedAt: Date | null,
): Promise<void> {
  await db.update(trays).set({ stage, finishedAt }).where(eq(trays.id, id))
}

/**
 * Takes the next revision of a tray, if it still has the one given.
 * @returns false when it was changed meanwhile, or is gone
 */
export async function claimRevision(db: Db, id: number, revision: number): Promise<boolean> {
  const claimed = await db
    .update(trays)
    .set({ revision: revision + 1 })
    .where(and(eq(trays.id, id), eq(trays.revision, revision)))
    .returning({ id: trays.id })
  return claimed.length > 0
}

export async function insertOwners(db: Db, rows: NewOwner[]): Promise<Owner[]> {
  return db.insert(owners).values(rows).returning()
}

export async function ownerByName(db: Db, name: string): Promise<Owner | undefined> {
  return (await db.select().from(owners).where(eq(owners.name, name)))[0]
}

/** Corrects what was taken in; stage and number are not intake. */
export async function updateTrayIntake(
  db: Db,
  id: number,
  row: Partial<Omit<NewTray, 'id' | 'number' | 'caseSheetId' | 'stage' | 'finishedAt'>>,
): Promise<void> {
  await db.update(trays).set(row).where(eq(trays.id, id))
}
