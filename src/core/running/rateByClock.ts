import { requirePositive } from '../guard/require'

const DAY_MS = 86_400_000
/** As well as an eye compares a second hand with a clock, standard uncertainty, s. Common practice */
export const COMPARED_TO_S = 0.5

/** Compared with a clock: ahead by so much then. */
export interface Compared {
  /** s; behind is negative */
  readonly aheadS: number
  readonly at: Date
}

/** How fast a movement gains. */
export interface Rate {
  /** gains; losing is negative */
  readonly sPerDay: number
  readonly standardUncertainty: number
}

/**
 * Rate of a movement from two looks at a clock.
 * @throws RangeError unless the second comes after the first
 * @source (error₂ − error₁)/(t₂ − t₁); both looks' uncertainty in quadrature, JCGM 100:2008, 5.1
 * @example +12 s, and +19 s after 23.5 h: +7.15 s/d, u .72
 */
export function rateByClock(start: Compared, end: Compared): Rate {
  const days = (end.at.getTime() - start.at.getTime()) / DAY_MS
  requirePositive('end.at', days, 'd after the start')
  return {
    sPerDay: (end.aheadS - start.aheadS) / days,
    standardUncertainty: Math.hypot(COMPARED_TO_S, COMPARED_TO_S) / days,
  }
}
