import type { Die } from '../../dies/Die'
import { snapBackPusher, snapBackSupport } from '../../dies/backDies'
import { caseDiameterOrUsual } from '../../dies/fittingDies'
import type { BackKind } from '../../opening/backKinds'
import type { CrystalThen } from './crystalByThen'
import { crystalThen } from './crystalByThen'
import type { PlannedDie } from './PlannedDie'
import type { PressCase } from './PressCase'
import { whatToSpare } from './whatToSpare'
import type { WorkPlan } from './WorkPlan'

/** Dies that snap a back on; what is not known yet is asked for. */
export function snapBackDies(
  sheet: {
    readonly backKind: BackKind | null
    readonly backGripMm: number | null
    readonly caseDiameterMm: number | null
  },
  dies: readonly Die[],
  crystal: CrystalThen | null,
): PlannedDie[] {
  if (sheet.backKind !== 'snap') return []
  return [
    sheet.backGripMm === null
      ? {
          role: 'pusher',
          outcome: null,
          ask: 'on the rim of the back: read the back across, then write it on the sheet',
        }
      : { role: 'pusher', outcome: snapBackPusher(dies, sheet.backGripMm), by: '' },
    crystal === null
      ? {
          role: 'support',
          outcome: null,
          ask: 'under the case, 1.0 wider than the crystal: a small one breaks it',
        }
      : {
          role: 'support',
          outcome: snapBackSupport(dies, {
            crystalMm: crystal.mm,
            domeMm: crystal.domeMm,
            caseDiameterMm: caseDiameterOrUsual(sheet, crystal.mm),
          }),
          by: '',
        },
  ]
}

/** Snapping a back on. Common practice. */
export function backWork(pressCase: PressCase): WorkPlan {
  const { sheet, dies } = pressCase
  const crystal = crystalThen(pressCase)
  return {
    work: 'back-on',
    presses: 'the rim of the back: a small one dishes it',
    restsOn: 'bezel or case, face down, clear of the glass',
    spare: whatToSpare(pressCase, ['crystal', 'dome', 'magnifier', 'crown', 'pushers', 'insert']),
    dies: snapBackDies(sheet, dies, crystal),
    steps: [
      { action: 'Seal seated and greased all round', why: 'a pinched seal leaks and holds the back up' },
      {
        action: 'Recess of the back to the stem, lip where it was entered',
        why: 'turned, it bends the stem',
      },
      {
        action: 'Pressed down by hand weight, then looked at all round',
        why: 'an edge that stands up is not home',
      },
      { action: 'Screwed down slowly until it snaps, held, let off', why: 'a lever lunges when it gives' },
      { action: 'Gap looked at all round under light', why: 'half snapped it comes off on the wrist' },
    ],
    warnings: ['Fingers clear of the dies: the back lunges when it snaps.'],
    stop: 'at the snap: more dishes it',
  }
}
