import type { Window } from '../fit/Window'
import type { Estimate } from '../measure/Estimate'

/** The middle of what a fit wants, its window read as ± 2 standard deviations. */
export function middleOf({ lowMm, highMm }: Window): Estimate {
  return { valueMm: (lowMm + highMm) / 2, standardUncertaintyMm: (highMm - lowMm) / 4 }
}
