import { STRAIGHT } from '../Displacement'
import type { Remedy, ToHelp } from './Remedy'
import { byHandDeg } from './Remedy'

/** From memory. */
const HANDS_MINUTES = 20

/** Hands that point beside the tick are set again on their arbors. */
export function handsRemedies({ radiusMm }: ToHelp): Remedy[] {
  return [
    {
      id: 'hands-set',
      title: 'Hands off and on again, at the moment the date jumps',
      how: 'hour hand on pointing at 12, minute hand exactly over it; one full hour of travel past every marker',
      left: STRAIGHT,
      leftUncertaintyDeg: byHandDeg(radiusMm),
      activeMinutes: HANDS_MINUTES,
      waitMinutes: 0,
      undo: 'by-work',
      risk: 'Levers slip and scratch a dial: a sheet under them.',
      against: null,
    },
  ]
}
