import { RIM_PLACES } from '../../level/rimPlaces'
import type { DimensionTable } from './places'

/** What is read at the press: of this pressing alone, never of the case. */
export const PRESS_DIMENSIONS = {
  'rim-height': {
    label: 'Rim height',
    leastMm: -3,
    mostMm: 5,
    instruments: ['dial-indicator', 'depth-gauge'],
    places: RIM_PLACES.map(({ hour }) => `at ${hour}`),
    directionsDeg: null,
    roundDeg: RIM_PLACES.map(({ directionDeg }) => directionDeg),
    stage: 'press-in',
    part: 'crystal',
    surprisingMm: 0.4,
    how: 'crystal’s rim over bezel or case beside it; below it is negative',
    askedWith: 'construction',
    sheetUncertaintyMm: null,
  },
} as const satisfies DimensionTable
