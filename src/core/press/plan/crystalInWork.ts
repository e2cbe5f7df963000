import { constructionOf } from '../../construction/constructions'
import type { FittingDies, Pressed } from '../../construction/Construction'
import { topRiseMm } from '../../construction/topRise'
import { fittingDies } from '../../dies/fittingDies'
import { leavesSplinters } from '../../tray/hazards'
import { pressCautions } from '../pressCautions'
import type { PressKind } from '../PressStep'
import type { PlannedDie } from './PlannedDie'
import type { PickedForPress, PressCase } from './PressCase'
import { whatToSpare } from './whatToSpare'
import type { WorkPlan } from './WorkPlan'

/** Dies that press a crystal into the case. @param openingMm - what it or its bezel goes into or over, mm */
export function crystalInDies(
  { sheet, dies, known, policy }: Pick<PressCase, 'sheet' | 'dies' | 'known' | 'policy'>,
  crystal: Pressed,
  openingMm: number,
): FittingDies {
  const bezelOuterMm = known.bezelOuter?.valueMm ?? sheet.bezelOuterMm
  return fittingDies(dies, crystal, { ...sheet, bezelOuterMm }, openingMm, policy.die)
}

/** Both dies as a plan has them. @returns none where the crystal goes in by hand */
export function asPlanned({ pusher, support }: FittingDies, sheet: PressCase['sheet']): PlannedDie[] {
  const by = sheet.caseDiameterMm === null ? 'case diameter assumed' : ''
  return [
    ...(pusher ? [{ role: 'pusher' as const, outcome: pusher, by: '' }] : []),
    ...(support ? [{ role: 'support' as const, outcome: support, by }] : []),
  ]
}

/**
 * Bringing the picked crystal home: under a press, or by hand where its construction says so. Common practice.
 * @param dies - with what was used last time first, where it suits
 */
export function crystalInWork(
  pressCase: PressCase,
  picked: PickedForPress,
  dies: readonly PlannedDie[],
  pressKind: PressKind,
): WorkPlan {
  const { sheet, facts } = pressCase
  const construction = constructionOf(sheet.retention)
  const offCase = construction.bezel?.role === 'carries'
  const { crystal } = picked
  return {
    work: 'crystal-in',
    presses:
      topRiseMm(crystal) > 0
        ? 'the crystal on its rim, clear of the dome'
        : 'the crystal, near its edge: pressed in the middle it cracks',
    restsOn: offCase ? 'the bezel, off its case' : 'the case, clear of crown and pushers',
    spare: whatToSpare(
      pressCase,
      offCase
        ? ['dome', 'magnifier', 'chapter-ring', 'dial']
        : ['dome', 'magnifier', 'crown', 'pushers', 'chapter-ring', 'insert'],
    ),
    dies,
    steps: construction.pressSteps({ pressKind, bevelMm: crystal.bevelMm, ringed: picked.gasket !== null }),
    warnings: pressCautions(construction, leavesSplinters(facts)),
    stop:
      dies.length > 0
        ? 'as soon as it is home: more force only breaks it'
        : 'once it sits even all round: what does not go by hand is not forced',
  }
}
