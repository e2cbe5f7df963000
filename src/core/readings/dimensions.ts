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
] as const
export type DimensionId = (typeof DIMENSION_IDS)[number]

export interface Dimension {
  readonly id: DimensionId
  readonly label: string
  /** possible range, mm; anything outside is refused */
  readonly leastMm: number
  readonly mostMm: number
  readonly instrument: InstrumentKind
  /** where to hold the instrument, one entry a place */
  readonly places: readonly string[]
  /** degrees clockwise from 12 of each place, when the places are directions */
  readonly directionsDeg: readonly number[] | null
  /** further than this from what is expected is asked about, mm */
  readonly surprisingMm: number
  readonly how: string
}

const FOUR_DIRECTIONS = { places: ['12–6', '2–8', '3–9', '4–10'], directionsDeg: [0, 45, 90, 135] }

/** Ranges are those of wristwatch and pocket-watch cases: from memory. Places and order: common practice. */
export const DIMENSIONS: Readonly<Record<DimensionId, Dimension>> = {
  bore: {
    id: 'bore',
    label: 'Case bore',
    leastMm: 8,
    mostMm: 60,
    instrument: 'caliper',
    ...FOUR_DIRECTIONS,
    surprisingMm: 0.4,
    how: 'inside jaws, gasket out, rock for the largest reading',
  },
  opening: {
    id: 'opening',
    label: 'Opening with gasket',
    leastMm: 8,
    mostMm: 60,
    instrument: 'caliper',
    places: ['12–6', '3–9', '2–8'],
    directionsDeg: [0, 90, 45],
    surprisingMm: 0.4,
    how: 'gasket seated in the bore, jaws just touching',
  },
  'crystal-diameter': {
    id: 'crystal-diameter',
    label: 'Crystal diameter',
    leastMm: 8,
    mostMm: 60,
    instrument: 'caliper',
    places: ['12–6', '3–9', '2–8'],
    directionsDeg: [0, 90, 45],
    surprisingMm: 0.4,
    how: 'out of the case, below the bevel',
  },
  'crystal-edge': {
    id: 'crystal-edge',
    label: 'Crystal edge thickness',
    leastMm: 0.4,
    mostMm: 8,
    instrument: 'thickness-gauge',
    places: ['at 12', 'at 4', 'at 8'],
    directionsDeg: null,
    surprisingMm: 0.3,
    how: 'before pressing out, or on a fragment with its edge',
  },
  'crystal-centre': {
    id: 'crystal-centre',
    label: 'Crystal centre thickness',
    leastMm: 0.4,
    mostMm: 10,
    instrument: 'thickness-gauge',
    places: ['centre'],
    directionsDeg: null,
    surprisingMm: 0.5,
    how: 'domed crystals only',
  },
  'gasket-wall': {
    id: 'gasket-wall',
    label: 'Gasket wall',
    leastMm: 0.15,
    mostMm: 2,
    instrument: 'thickness-gauge',
    places: ['place 1', 'place 2', 'place 3'],
    directionsDeg: null,
    surprisingMm: 0.1,
    how: 'free, not squeezed: let the gauge just close',
  },
  'gasket-height': {
    id: 'gasket-height',
    label: 'Gasket height',
    leastMm: 0.4,
    mostMm: 6,
    instrument: 'caliper',
    places: ['place 1', 'place 2'],
    directionsDeg: null,
    surprisingMm: 0.3,
    how: 'free, standing on its edge',
  },
  'seat-depth': {
    id: 'seat-depth',
    label: 'Seat depth',
    leastMm: 0.3,
    mostMm: 8,
    instrument: 'caliper',
    places: ['at 12', 'at 6'],
    directionsDeg: null,
    surprisingMm: 0.3,
    how: 'depth rod from the rim to the clean seat',
  },
  'hands-below-seat': {
    id: 'hands-below-seat',
    label: 'Hands below seat',
    leastMm: 0.02,
    mostMm: 6,
    instrument: 'caliper',
    places: ['centre'],
    directionsDeg: null,
    surprisingMm: 0.3,
    how: 'from the seat plane to the top of the hand stack, movement in its place',
  },
}
