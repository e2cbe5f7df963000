import type { PlannedDie } from './PlannedDie'
import type { PressCase } from './PressCase'
import { whatToSpare } from './whatToSpare'
import type { WorkPlan } from './WorkPlan'

/**
 * A chapter ring that only wobbles, clamped by pressing a sound crystal a little further. Common practice.
 * @param dies - those that press a crystal in
 */
export function clampWork(pressCase: PressCase, dies: readonly PlannedDie[]): WorkPlan {
  return {
    work: 'ring-clamp',
    presses: 'the sound crystal, near its edge',
    restsOn: 'the case, clear of crown and pushers',
    spare: whatToSpare(pressCase, ['dome', 'magnifier', 'crown', 'pushers', 'insert']),
    dies,
    steps: [
      {
        action: 'Chapter ring turned right first: 12 and 6 on the dial’s marks',
        why: 'clamped it does not turn any more',
      },
      {
        action: 'Press a hair at a time, a few hundredths',
        why: 'the crystal is home already: what is left is the ring’s play',
      },
      {
        action: 'After each, tilt and tap: does the ring still move?',
        why: 'it is done as soon as it does not',
      },
      { action: 'Rim looked at all round', why: 'pressed further on one side it leaks on the other' },
    ],
    warnings: ['Eye protection on: a crystal under a press can burst.'],
    stop: 'as soon as the ring does not move; at a hard stop at once',
  }
}
