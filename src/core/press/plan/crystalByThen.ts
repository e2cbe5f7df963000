import { topRiseMm } from '../../construction/topRise'
import type { KnownForDies, PressCase } from './PressCase'
import { ORIGIN_WORDS, riseOf } from './PressCase'

/** The crystal that lies in a case once it is closed. */
export interface CrystalThen {
  readonly mm: number
  readonly domeMm: number
  /** how it is known */
  readonly words: string
}

/** The one picked, else the one that came in; null for neither. */
export function crystalByThen(
  known: Pick<KnownForDies, 'crystal' | 'edgeMm' | 'centreMm'>,
  picked: { readonly diameterMm: number; readonly topRiseMm: number } | null,
): CrystalThen | null {
  const { crystal } = known
  if (picked) return { mm: picked.diameterMm, domeMm: picked.topRiseMm, words: 'as picked' }
  return crystal && { mm: crystal.valueMm, domeMm: riseOf(known), words: ORIGIN_WORDS[crystal.origin] }
}

/** The same of a case as its presses ask. */
export function crystalThen({ known, picked }: Pick<PressCase, 'known' | 'picked'>): CrystalThen | null {
  return crystalByThen(
    known,
    picked && { diameterMm: picked.crystal.diameterMm, topRiseMm: topRiseMm(picked.crystal) },
  )
}
