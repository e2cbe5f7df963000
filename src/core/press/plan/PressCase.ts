import type { Die } from '../../dies/Die'
import type { DiePolicy } from '../../dies/diePolicy'
import type { Figure, FigureOrigin } from '../../fit/CrystalSeat'
import type { StockCrystal, StockGasket } from '../../fit/parts'
import type { StrengthPolicy } from '../../plate/strengthPolicy'
import type { JobFacts } from '../../procedure/JobFacts'
import type { CaseSheet } from '../../tray/CaseSheet'

/** Figures that dies are chosen by; null where nobody knows one. */
export interface KnownForDies {
  /** the crystal that came in, across */
  readonly crystal: Figure | null
  readonly edgeMm: number | null
  readonly centreMm: number | null
  readonly chapterRing: Figure | null
  readonly chapterRingHeightMm: number | null
  /** outside of the bezel that goes on */
  readonly bezelOuter: Figure | null
  readonly insertOuter: Figure | null
  readonly insertInner: Figure | null
}

/** What goes in, as it was picked. */
export interface PickedForPress {
  readonly crystal: StockCrystal
  /** null where no ring goes with it */
  readonly gasket: StockGasket | null
  /** what the crystal or its bezel goes into or over, mm */
  readonly openingMm: number
}

/** A case as everything that is pressed on it asks. */
export interface PressCase {
  readonly sheet: CaseSheet
  readonly known: KnownForDies
  /** null while nothing is picked */
  readonly picked: PickedForPress | null
  /** in the drawers */
  readonly dies: readonly Die[]
  readonly facts: JobFacts
  readonly policy: { readonly die: DiePolicy; readonly strength: StrengthPolicy }
}

export const ORIGIN_WORDS: Readonly<Record<FigureOrigin, string>> = {
  measured: 'read here',
  sheet: 'from the case sheet',
  supplier: 'from the supplier',
  derived: 'worked out',
  assumed: 'assumed',
}

/** Rise of the crystal that came in from edge to centre, as far as it was read, mm. */
export function riseOf({ edgeMm, centreMm }: Pick<KnownForDies, 'edgeMm' | 'centreMm'>): number {
  return Math.max(0, (centreMm ?? 0) - (edgeMm ?? centreMm ?? 0))
}
