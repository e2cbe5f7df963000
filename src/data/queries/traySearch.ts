import type { SQL } from 'drizzle-orm'
import { and, asc, count, desc, eq, isNull, or, sql } from 'drizzle-orm'
import type { Db } from '../client'
import { caseSheets, owners, trays } from '../schema'

/** What a line of the tray list shows. */
const LINE = {
  number: trays.number,
  maker: caseSheets.maker,
  reference: caseSheets.reference,
  owner: owners.name,
  ownerMark: trays.ownerMark,
  stage: trays.stage,
  complaint: trays.complaint,
  openedAt: trays.openedAt,
  dueAt: trays.dueAt,
  finishedAt: trays.finishedAt,
}

/** What the list may be sorted by, as its columns are named. */
const SORTED_BY = {
  number: [trays.number],
  caseName: [caseSheets.maker, caseSheets.reference],
  owner: [owners.name, trays.ownerMark],
  complaint: [trays.complaint],
  dueAt: [trays.dueAt],
} as const

export type TraySortField = keyof typeof SORTED_BY
export const TRAY_SORT_FIELDS = Object.keys(SORTED_BY) as readonly TraySortField[]

export interface TraySearch {
  /** lower case; all of them must be found */
  readonly words: readonly string[]
  /** null: the newest first */
  readonly sort: { readonly field: TraySortField; readonly descending: boolean } | null
  readonly from: number
  readonly most: number
}

/** Trays that a search finds, one page of them, and how many there are in all. */
export async function searchTrays(db: Db, { words, sort, from, most }: TraySearch) {
  const where = and(...words.map(wordFound))
  const joined = db
    .select(LINE)
    .from(trays)
    .innerJoin(caseSheets, eq(caseSheets.id, trays.caseSheetId))
    .innerJoin(owners, eq(owners.id, trays.ownerId))
    .where(where)
  const rows = await joined
    .orderBy(...orderOf(sort))
    .limit(most)
    .offset(from)
  const [found] = await db
    .select({ total: count() })
    .from(trays)
    .innerJoin(caseSheets, eq(caseSheets.id, trays.caseSheetId))
    .innerJoin(owners, eq(owners.id, trays.ownerId))
    .where(where)
  return { rows, total: found?.total ?? 0 }
}

/** How many trays are in hand, and how many were handed back. */
export async function trayCounts(db: Db): Promise<{ inHand: number; back: number }> {
  const [all] = await db.select({ total: count() }).from(trays)
  const [hand] = await db.select({ total: count() }).from(trays).where(isNull(trays.finishedAt))
  const inHand = hand?.total ?? 0
  return { inHand, back: (all?.total ?? 0) - inHand }
}

/** A word is looked for in every text of the line; a bare number is a tray's own. Hyphens count as spaces. */
function wordFound(word: string): SQL | undefined {
  const texts = sql`lower(replace(concat_ws(' ', ${caseSheets.maker}, ${caseSheets.reference}, ${owners.name}, ${trays.ownerMark}, ${trays.complaint}, ${trays.stage}), '-', ' '))`
  const inTexts = sql`position(${word.replaceAll('-', ' ')} in ${texts}) > 0`
  return /^\d{1,9}$/.test(word) ? or(eq(trays.number, Number(word)), inTexts) : inTexts
}

function orderOf(sort: TraySearch['sort']): SQL[] {
  const newest = desc(trays.number)
  if (!sort) return [newest]
  const direction = sort.descending ? desc : asc
  return [...SORTED_BY[sort.field].map((column) => direction(column)), newest]
}
