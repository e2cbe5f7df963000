import { RIM_PLACES } from '../../level/rimPlaces'
import type { DimensionTable } from './places'

const ROUND_THE_RIM = {
  places: RIM_PLACES.map(({ hour }) => `at ${hour}`),
  directionsDeg: null,
  roundDeg: RIM_PLACES.map(({ directionDeg }) => directionDeg),
}

/** What is read of what was just fitted: of this fitting alone, never of the case. */
export const FITTING_DIMENSIONS = {
  'rim-height': {
    label: 'Rim height',
    leastMm: -3,
    mostMm: 5,
    instruments: ['dial-indicator', 'depth-gauge'],
    ...ROUND_THE_RIM,
    stage: 'press-in',
    part: 'crystal',
    surprisingMm: 0.4,
    how: 'crystal’s rim over bezel or case beside it; below it is negative',
    askedWith: 'construction',
    sheetUncertaintyMm: null,
  },
  'insert-height': {
    label: 'Insert height',
    leastMm: -2,
    mostMm: 2,
    instruments: ['dial-indicator', 'depth-gauge'],
    ...ROUND_THE_RIM,
    stage: 'align',
    part: 'insert',
    surprisingMm: 0.4,
    how: 'insert’s face over the bezel’s edge beside it; sunk is negative',
    askedWith: 'insert',
    sheetUncertaintyMm: null,
  },
} as const satisfies DimensionTable
