import Joi from 'joi'
import type { StageId } from '@/core/stages/stages'
import { troubleOf } from '@/core/tray/CaseTrouble'
import type { Db } from '@/data/client'
import { searchTrays, TRAY_SORT_FIELDS, trayCounts } from '@/data/queries/traySearch'
import { action } from '../action'
import type { Refusal } from '../boundary'
import { refuse, validate } from '../boundary'
import type { ListPageSent } from '../listPage'
import { LIST_PAGE_FIELDS, MOST_SEARCH_TEXT } from '../listPage'
import { TRAY_GONE } from './changeTray'
import { openTrayCase } from './openTrayCases'
import type { Changed } from './trayChange'
import type { TrayView } from './trayView'
import { trayView } from './trayView'

export interface TrayLine {
  readonly number: number
  readonly caseName: string
  readonly owner: string
  readonly stage: StageId
  readonly complaint: string
  readonly openedAt: string
  readonly dueAt: string
  readonly finishedAt: string | null
}

export interface TraysFound {
  readonly ok: true
  readonly rows: readonly TrayLine[]
  readonly total: number
}

const searchSchema = Joi.object<ListPageSent>(LIST_PAGE_FIELDS)

/** One page of the trays a search finds, the newest first where it is not sorted otherwise. */
export async function findTrays(db: Db, input: unknown): Promise<TraysFound | Refusal> {
  const checked = validate(searchSchema, input)
  if (!checked.ok) return checked
  const { q, page, size, sort } = checked.value
  const [named, direction] = sort.split(':')
  const field = TRAY_SORT_FIELDS.find((known) => known === named)
  const { rows, total } = await searchTrays(db, {
    words: q.toLowerCase().split(/\s+/).filter(Boolean),
    sort: field ? { field, descending: direction === 'desc' } : null,
    from: page * size,
    most: size,
  })
  return { ok: true, rows: rows.map(lineOf), total }
}

/** What the list of trays starts with. */
export async function traysPage(
  db: Db,
  find: string,
): Promise<{ counts: { inHand: number; back: number }; first: TraysFound }> {
  const found = await findTrays(db, { q: find.slice(0, MOST_SEARCH_TEXT) })
  const first: TraysFound = found.ok ? found : { ok: true, rows: [], total: 0 }
  return { counts: await trayCounts(db), first }
}

function lineOf(row: Awaited<ReturnType<typeof searchTrays>>['rows'][number]): TrayLine {
  return {
    number: row.number,
    caseName: `${row.maker} ${row.reference}`,
    owner: [row.owner, row.ownerMark].filter(Boolean).join(', '),
    stage: row.stage,
    complaint: row.complaint,
    openedAt: row.openedAt.toISOString(),
    dueAt: row.dueAt.toISOString(),
    finishedAt: row.finishedAt?.toISOString() ?? null,
  }
}

/** @returns null when no tray has this number */
export async function trayByItsNumber(db: Db, number: number): Promise<TrayView | null> {
  const opened = await openTrayCase(db, { number })
  return opened ? trayView(db, opened) : null
}

/** A tray's page, or what stands in its place. @returns null when no tray has this number */
export async function trayPage(
  db: Db,
  number: number,
): Promise<{ ok: true; view: TrayView } | { ok: false; trouble: string } | null> {
  try {
    const view = await trayByItsNumber(db, number)
    return view && { ok: true, view }
  } catch (error) {
    return { ok: false, trouble: troubleOf(error) }
  }
}

const numberSchema = Joi.object<{ number: number }>({
  number: Joi.number().integer().positive().max(2_147_483_647).required(),
})

/** A tray's page as it is now. */
export const showTray = action(numberSchema, async (db, { number }) => {
  const view = await trayByItsNumber(db, number)
  return view ? ({ ok: true, view } satisfies Changed) : refuse(TRAY_GONE)
})
