import type { InsertStand } from '@/core/bezel/insertStand'
import type { HeightsView } from './heightsView'
import { heightsRead, levelView } from './heightsView'
import type { OpenedCase } from './openTrayCases'

/** How an insert that was set lies. */
export interface InsertLevelView extends HeightsView {
  /** in the middle, over the bezel's edge, mm, and what the shop calls it; null while too few places are read */
  readonly middle: { readonly heightMm: number; readonly word: NonNullable<InsertStand['word']> } | null
}

/** @returns null where no insert was set here, or it is off again */
export function insertLevelView({ insertLevel, trail, rules }: OpenedCase): InsertLevelView | null {
  if (!insertLevel || trail.some(({ part, open }) => part === 'insert' && open > 0)) return null
  const { heights, standing } = insertLevel
  return {
    ...heightsRead(heights, 'insert-height'),
    standing: standing && levelView(standing.reading, standing),
    middle: standing && { heightMm: standing.reading.meanMm, word: standing.word },
    limitMm: rules.policy.level.mostTiltMm,
  }
}
