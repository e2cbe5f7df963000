import type { PartKind } from '@/core/parts/parts'
import { bezels, chapterRings, crystals, dies, gaskets, inserts, oRings, supplies } from '../schema'

/** The columns every kind of part has, as a table of them: what counts, prices and places are read and changed by. */
export type PartTable = typeof supplies

const TABLES = {
  crystal: crystals,
  gasket: gaskets,
  'o-ring': oRings,
  bezel: bezels,
  insert: inserts,
  'chapter-ring': chapterRings,
  die: dies,
  supply: supplies,
} as const satisfies Readonly<Record<PartKind, unknown>>

/** A part's table, seen as the columns all of them share: only those may be used. */
export function partTable(kind: PartKind): PartTable {
  return TABLES[kind] as unknown as PartTable
}
