import { PAIR_WORDS } from '../pairs'
import type { Remedy, ToHelp } from './Remedy'

/** From memory. */
const DIAL_MINUTES = 40

export const DIAL = 'dial'

/** Where the dial is what is turned, all that is set to it comes straight with it. Common practice. */
export function dialRemedies({ pair, displacement, turnUncertaintyDeg, dialDeg }: ToHelp): Remedy[] {
  if (dialDeg === null || !PAIR_WORDS[pair].byDial) return []
  return [
    {
      id: DIAL,
      title: 'Set the dial straight first: its feet, the movement in the case',
      how: 'all that is set to it comes straight with it; a ring turned to it now would stand askew to the case',
      left: { ...displacement, turnedDeg: displacement.turnedDeg + dialDeg },
      leftUncertaintyDeg: turnUncertaintyDeg,
      activeMinutes: DIAL_MINUTES,
      waitMinutes: 0,
      undo: 'by-work',
      risk: 'Dial feet are soft and break off: look before anything is bent.',
      against: null,
    },
  ]
}
