import { DEMO_OTHER_CASES } from './demoOtherCases'
import { DEMO_RING_CASES } from './demoRingCases'
import { DEMO_TURNING_CASES } from './demoTurningCases'

/** Every invented case. */
export const DEMO_CASE_SHEETS = [...DEMO_RING_CASES, ...DEMO_TURNING_CASES, ...DEMO_OTHER_CASES]
