import type { InsertHold } from '../construction/kinds'
import type { Window } from '../fit/Window'
import { reaches } from '../units/within'
import type { BezelPolicy, InsertFixing } from './bezelPolicy'

/** How an insert stands in its recess. */
export interface InsertStand {
  readonly thicknessMm: number
  /** against the bezel’s edge: + proud, − sunk; null where the recess's depth is not known */
  readonly flushMm: number | null
  /** by what the shop calls flush; null where it is not known */
  readonly word: 'proud' | 'flush' | 'sunk' | null
}

/** The insert as it came in and the one that goes in; null where its thickness is not known, or none is chosen. */
export interface InsertStands {
  readonly found: InsertStand | null
  readonly planned: InsertStand | null
}

/** What holds an insert, and what it lies in. */
export interface InsertBed {
  /** null where nobody measured it */
  readonly depthMm: number | null
  readonly hold: InsertHold
  readonly fixing: InsertFixing
}

/** How an insert of a thickness stands, with what fixes it under it. @param thicknessMm - > 0 */
export function insertStand(
  thicknessMm: number,
  { depthMm, hold, fixing }: InsertBed,
  { underMm, flush }: Pick<BezelPolicy, 'underMm' | 'flush'>,
): InsertStand {
  if (depthMm === null) return { thicknessMm, flushMm: null, word: null }
  const flushMm = thicknessMm + underMm[hold === 'friction' ? 'friction' : fixing] - depthMm
  return { thicknessMm, flushMm, word: standWord(flushMm, flush) }
}

/** Proud, flush or sunk by what the shop calls flush. */
export function standWord(flushMm: number, { lowMm, highMm }: Window): NonNullable<InsertStand['word']> {
  if (!reaches(highMm, flushMm)) return 'proud'
  return reaches(flushMm, lowMm) ? 'flush' : 'sunk'
}
