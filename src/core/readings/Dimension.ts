import type { InstrumentKind } from '../measure/InstrumentSpec'

/** Whose dimension it is. */
export type DimensionPart =
  'case' | 'crystal' | 'gasket' | 'bezel' | 'insert' | 'chapter-ring' | 'back-seal' | 'crown'

/** What a case must have for a dimension to be asked on its sheet; `construction` leaves it to what holds the crystal. */
export type AskedWith =
  | 'every-case'
  | 'construction'
  | 'bezel'
  | 'insert'
  | 'chapter-ring'
  | 'back-ring'
  | 'two-part-back'
  | 'screwed-back'
  | 'crown'
  | 'pushers'

/** What is read somewhere: where and with what, what can be, and how it stands on a case sheet. */
export interface Dimension {
  readonly label: string
  /** possible range, mm; anything outside is refused */
  readonly leastMm: number
  readonly mostMm: number
  /** the instruments that can read it, the best suited first */
  readonly instruments: readonly InstrumentKind[]
  /** where to hold the instrument, one entry a place */
  readonly places: readonly string[]
  /** degrees clockwise from 12 of each place, when the places are directions across */
  readonly directionsDeg: readonly number[] | null
  /** degrees clockwise from 12 of each place, when the places lie round the rim */
  readonly roundDeg: readonly number[] | null
  /** the stage of the work in which it can first be read */
  readonly stage: 'measure' | 'push-out' | 'clean' | 'press-in' | 'align'
  /** how it is drawn on the plan view: across, round, or not at all */
  readonly part: DimensionPart
  /** further than this from what is expected is asked about, mm */
  readonly surprisingMm: number
  readonly how: string
  readonly askedWith: AskedWith
  /**
   * how far the figure on a case sheet may be off for another piece of the same case, standard uncertainty, mm, from
   * memory; null for what no sheet holds because it follows from other figures
   */
  readonly sheetUncertaintyMm: number | null
}
