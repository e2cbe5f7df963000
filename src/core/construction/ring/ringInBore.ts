import { COMMON_MISSED } from '../../fit/commonFailure'
import { squeezeState } from '../../section/gasketTint'
import type { Construction, RingUse } from '../Construction'
import type { RingCandidate } from './assessPair'
import { assessPair } from './assessPair'
import { nearestOrder } from './nearestOrder'
import { pairShortlist } from './pairShortlist'
import type { BoreDimension, RingSeat } from './ringSeat'
import { ringSeat } from './ringSeat'
import { ringFailure, ringReasons } from './ringWords'

type Shared = Pick<
  Construction<RingSeat, RingCandidate>,
  | 'pressed'
  | 'rimSeenAtPress'
  | 'opening'
  | 'seat'
  | 'seatSize'
  | 'wants'
  | 'assess'
  | 'search'
  | 'failure'
  | 'reasons'
  | 'squeezeBand'
  | 'toOrder'
  | 'foundHold'
  | 'across'
>

/** What constructions have in common that squeeze a ring round the crystal into a bore. @param boreName - whose it is */
export function ringInBore(dimension: BoreDimension, boreName: string): Shared {
  return {
    pressed: true,
    rimSeenAtPress: true,
    opening: () => dimension,
    seat: (measured, sheet, policy) => ringSeat(dimension, measured, sheet, policy),
    // The bore and the ring's wall are evidence by themselves.
    seatSize: () => null,
    wants: () => ({ build: 'disc', ring: true }),
    assess: (crystal, gasket, seat, policy) => gasket && assessPair(crystal, gasket, seat, policy),
    search: pairShortlist,
    failure: ringFailure,
    reasons: (pair, seat, policy) => ringReasons(pair, seat, boreName, policy),
    // What its material's interference comes to, of the wall on both sides.
    squeezeBand: ({ wallMm, material }, { interferenceBands }) => {
      const { lowMm, highMm } = interferenceBands[material]
      return { low: lowMm / (2 * wallMm), high: highMm / (2 * wallMm) }
    },
    toOrder: (seat, { gasketMaterial, gasketWallMm }, policy) =>
      nearestOrder(seat, gasketMaterial ?? 'nylon', { policy, preferredWallMm: gasketWallMm ?? undefined }),
    foundHold: ({ crystalMm, wallMm, openingMm }, { gasketMaterial }, policy) =>
      squeezeState(crystalMm + 2 * wallMm - openingMm, policy.interferenceBands[gasketMaterial ?? 'nylon']),
    across: () => 'crystal-diameter',
  }
}

/** Constraints of a ring in a bore, as they are called when they were missed. */
export const RING_MISSED = {
  interference: 'too loose or too tight',
  ...COMMON_MISSED,
  'gasket-bore': 'gasket off its bore',
  'gasket-height': 'gasket too high or too low',
} as const

/** How a ring in a bore is used. @param mayServeAgain - false where it is squeezed once and for all */
export function ringUse(bore: BoreDimension, mayServeAgain: boolean, atFace: boolean): RingUse {
  return { takes: true, sealsWith: () => true, mayServeAgain, atFace, bore }
}
