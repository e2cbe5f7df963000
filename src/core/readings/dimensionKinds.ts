import type { InstrumentKind } from '../measure/InstrumentSpec'

export const DIMENSION_IDS = [
  'bore',
  'opening',
  'crystal-diameter',
  'crystal-edge',
  'crystal-centre',
  'gasket-wall',
  'gasket-height',
  'seat-depth',
  'hands-below-seat',
  'neck-outer',
  'skirt-inner',
  'skirt-outer',
  'bezel-inner',
  'bezel-bore',
  'bezel-gasket-wall',
  'key-spacing',
  'key-width',
  'groove',
  'dome-height',
  'ring-height',
  'rebate-length',
  'rebate-width',
  'rebate-depth',
  'crystal-length',
  'crystal-width',
  'gasket-outer',
  'insert-outer',
  'insert-inner',
  'insert-thickness',
  'recess-outer',
  'chapter-ring-inner',
  'back-ring-inner',
  'back-ring-section',
  'rebate-corner',
  'recess-inner',
  'recess-depth',
  'bezel-outer',
  'back-groove-inner',
  'back-groove-width',
  'back-groove-depth',
  'crown-tube',
  'crown-bore',
  'chapter-ring-outer',
  'chapter-ring-height',
  'crown-room',
] as const
export type DimensionId = (typeof DIMENSION_IDS)[number]

/** Whose dimension it is. */
export type DimensionPart =
  'case' | 'crystal' | 'gasket' | 'bezel' | 'insert' | 'chapter-ring' | 'back-seal' | 'crown'

export interface Dimension {
  readonly id: DimensionId
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
  readonly stage: 'measure' | 'push-out' | 'clean'
  /** how it is drawn on the plan view: across, round, or not at all */
  readonly part: DimensionPart
  /** further than this from what is expected is asked about, mm */
  readonly surprisingMm: number
  readonly how: string
}
