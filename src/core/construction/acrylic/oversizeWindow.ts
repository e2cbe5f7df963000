import type { FitPolicy } from '../../fit/fitPolicy'
import type { Window } from '../../fit/Window'

/** What an acrylic is larger than: a groove it is sprung into, or a bore its metal ring spreads it against. */
export type AcrylicInto = 'groove' | 'bore'

/** How much larger than its seat a crystal may be, mm: enough to hold, too little to craze. */
export function oversizeWindow(diameterMm: number, into: AcrylicInto, policy: FitPolicy): Window {
  return into === 'bore'
    ? policy.tensionRingWindow
    : { lowMm: policy.snapGripMm, highMm: policy.crazeStrain * diameterMm }
}
