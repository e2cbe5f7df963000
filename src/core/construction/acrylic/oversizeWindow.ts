import type { FitPolicy } from '../../fit/fitPolicy'
import type { Window } from '../../fit/Window'
import type { AcrylicSeat } from './acrylicSeat'

/** How much larger than its seat a crystal may be, mm: enough to hold, too little to craze. */
export function oversizeWindow(diameterMm: number, into: AcrylicSeat['in'], policy: FitPolicy): Window {
  return into === 'bore'
    ? policy.tensionRingWindow
    : { lowMm: policy.snapGripMm, highMm: policy.crazeStrain * diameterMm }
}
