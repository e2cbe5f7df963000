import Joi from 'joi'
import type { PartKind } from '@/core/parts/parts'
import { PART_KINDS, PARTS } from '@/core/parts/parts'
import { parsePartQuery } from '@/core/stock/partQuery'
import type { Db } from '@/data/client'
import type { PartRow } from '@/data/queries/partSearch'
import { partById, partCounts, searchParts } from '@/data/queries/partSearch'
import { movesOfPart } from '@/data/queries/stockMoves'
import { trayNumbers } from '@/data/queries/trays'
import type { Refusal } from '../boundary'
import { idSchema, validate } from '../boundary'
import type { ListPageSent } from '../listPage'
import { LIST_PAGE_FIELDS } from '../listPage'

const searchSchema = Joi.object<ListPageSent & { kind: PartKind }>({
  kind: Joi.string()
    .valid(...PART_KINDS)
    .required(),
  ...LIST_PAGE_FIELDS,
})

export type { PartRow }

export interface PartsFound {
  readonly ok: true
  /** the kind searched: one named in the text wins over the one being looked at */
  readonly kind: PartKind
  readonly rows: readonly PartRow[]
  readonly total: number
}

/** One page of what a search finds in the drawers. */
export async function findParts(db: Db, input: unknown): Promise<PartsFound | Refusal> {
  const checked = validate(searchSchema, input)
  if (!checked.ok) return checked
  const { kind: looked, q, page, size, sort } = checked.value
  const query = parsePartQuery(q)
  const kind = query.kind ?? looked
  const [field, direction] = sort.split(':')
  const known = field !== undefined && PARTS[kind].fields.some(({ name }) => name === field)
  const found = await searchParts(db, {
    kind,
    query,
    sort: known ? { field, descending: direction === 'desc' } : null,
    from: page * size,
    most: size,
  })
  return { ok: true, kind, ...found }
}

export interface DrawersSummary {
  readonly counts: Readonly<Record<PartKind, { readonly lines: number; readonly low: number }>>
}

/** How many lines the drawers hold of every kind, and how many are to be ordered. */
export async function drawersSummary(db: Db): Promise<DrawersSummary> {
  const counts: Partial<Record<PartKind, { lines: number; low: number }>> = {}
  for (const kind of PART_KINDS) counts[kind] = await partCounts(db, kind)
  return { counts: counts as DrawersSummary['counts'] }
}

export interface PartMove {
  readonly id: number
  readonly change: number
  readonly leftThere: number
  readonly reason: string
  readonly trayNumber: number | null
  readonly movedAt: string
}

const MOST_MOVES = 20

const historySchema = Joi.object<{ kind: PartKind; id: number }>({
  kind: Joi.string()
    .valid(...PART_KINDS)
    .required(),
  id: idSchema.required(),
})

/** A part and what happened to its count, the newest first. @returns null when it is not there */
export async function partHistoryOf(
  db: Db,
  input: unknown,
): Promise<{ part: PartRow; moves: PartMove[] } | null> {
  const checked = validate(historySchema, input)
  if (!checked.ok) return null
  const { kind, id } = checked.value
  const part = await partById(db, kind, id)
  if (!part) return null
  const moves = await movesOfPart(db, kind, id, MOST_MOVES)
  const numbers = await trayNumbers(
    db,
    moves.flatMap(({ trayId }) => (trayId === null ? [] : [trayId])),
  )
  return {
    part,
    moves: moves.map(({ id: moveId, change, leftThere, reason, trayId, movedAt }) => ({
      id: moveId,
      change,
      leftThere,
      reason,
      trayNumber: trayId === null ? null : (numbers.get(trayId) ?? null),
      movedAt: movedAt.toISOString(),
    })),
  }
}
