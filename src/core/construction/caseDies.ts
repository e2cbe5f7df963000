import { pressInPusher, pressInSupport } from '../dies/pressInDies'
import type { Die } from '../dies/Die'
import type { DiePolicy } from '../dies/diePolicy'
import type { DieSituation, FittingDies } from './Construction'
import { topRiseMm } from './topRise'

/** Dies for a crystal that is pressed into something: near its edge above, round what it goes into below. */
export function dieOnEdge(
  dies: readonly Die[],
  { crystal, openingMm, caseDiameterMm }: Pick<DieSituation, 'crystal' | 'openingMm' | 'caseDiameterMm'>,
  policy: DiePolicy,
  lies: 'case' | 'bezel' = 'case',
): FittingDies {
  const pressed = { diameterMm: crystal.diameterMm, topRiseMm: topRiseMm(crystal) }
  return {
    pusher: pressInPusher(dies, pressed, policy),
    support: pressInSupport(dies, { boreMm: openingMm, caseDiameterMm, lies }, policy),
  }
}

/** No die: it goes in by hand. */
export const BY_HAND: FittingDies = { pusher: null, support: null }
