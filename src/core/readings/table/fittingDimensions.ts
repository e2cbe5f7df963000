import { RIM_PLACES } from '../../level/rimPlaces'
import type { DimensionTable } from './places'
import { ONE_PLACE } from './places'

const ROUND_THE_RIM = {
  places: RIM_PLACES.map(({ hour }) => `at ${hour}`),
  directionsDeg: null,
  roundDeg: RIM_PLACES.map(({ directionDeg }) => directionDeg),
}

const OVER_THE_DIAL = {
  ...ONE_PLACE,
  leastMm: 0.1,
  mostMm: 6,
  instruments: ['depth-gauge', 'dial-indicator'],
  stage: 'clean',
  part: 'case',
  surprisingMm: 0.6,
  askedWith: 'every-case',
  sheetUncertaintyMm: null,
} as const

const HAND_OVER_THE_DIAL = {
  ...OVER_THE_DIAL,
  how: 'movement out of its case: from the dial to the hand’s upper face, near its tip, not touching it down',
} as const

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
  'marker-over-dial': {
    ...OVER_THE_DIAL,
    label: 'Highest marker over the dial',
    how: 'movement out of its case: from the dial to the top of the highest applied marker a hand passes over',
  },
  'hour-hand-over-dial': { ...HAND_OVER_THE_DIAL, label: 'Hour hand over the dial' },
  'minute-hand-over-dial': { ...HAND_OVER_THE_DIAL, label: 'Minute hand over the dial' },
  'second-hand-over-dial': { ...HAND_OVER_THE_DIAL, label: 'Second hand over the dial' },
} as const satisfies DimensionTable
