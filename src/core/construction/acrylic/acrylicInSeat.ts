import { crystalsBetween } from '../../fit/crystalsBetween'
import type { FitPolicy } from '../../fit/fitPolicy'
import { judgedShortlist } from '../../fit/judgedShortlist'
import type { StockIndex } from '../../fit/stockIndex'
import { figureOf } from '../../tray/caseFigures'
import type { Construction, RingUse } from '../Construction'
import { acrylicOrder } from './acrylicOrder'
import { middleOf } from '../middleOf'
import type { AcrylicSeat } from './acrylicSeat'
import { acrylicSeat } from './acrylicSeat'
import { acrylicFailure, acrylicReasons } from './acrylicWords'
import type { AcrylicCandidate } from './assessAcrylic'
import { assessAcrylic } from './assessAcrylic'
import { oversizeWindow } from './oversizeWindow'

/** Further than this outside its window a crystal is not even a near miss, mm; sold sizes leave gaps. From memory. */
const NEAR_MM = 0.5
/** A craze limit is a share of the diameter: of this one where the groove was not read, mm. */
const USUAL_MM = 30

type Shared = Pick<
  Construction<AcrylicSeat, AcrylicCandidate>,
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

/** What constructions have in common whose acrylic is a little larger than what it sits in. */
export function acrylicInSeat(into: AcrylicSeat['in']): Shared {
  const build = into === 'groove' ? 'snap' : 'tension-ring'
  return {
    opening: () => into,
    seat: (measured, sheet, policy) => acrylicSeat(into, measured, sheet, policy),
    seatSize: (measured, sheet, policy) => {
      const opening = figureOf(into, measured, sheet)
      const window = oversizeWindow(opening?.valueMm ?? USUAL_MM, into, policy)
      return {
        seat: into === 'groove' ? 'Groove and its grip' : 'Bore and its grip',
        dimension: into,
        above: middleOf(window),
      }
    },
    wants: () => ({ build, ring: false }),
    assess: (crystal, _, seat, policy) => assessAcrylic(crystal, seat, policy),
    search: (index, seat, wishes, options) =>
      judgedShortlist(
        nearAcrylics(index, seat, build, options.policy),
        (name, candidate) => acrylicFailure(name, candidate, seat, options.policy),
        wishes,
        options,
      ),
    failure: acrylicFailure,
    reasons: acrylicReasons,
    squeezeBand: () => null,
    toOrder: (seat, _, policy) => acrylicOrder(seat, policy),
    foundHold: () => null,
    across: () => 'crystal-diameter',
  }
}

function nearAcrylics(
  index: StockIndex,
  seat: AcrylicSeat,
  build: 'snap' | 'tension-ring',
  policy: FitPolicy,
): AcrylicCandidate[] {
  const { valueMm } = seat.opening
  const { lowMm, highMm } = oversizeWindow(valueMm, seat.in, policy)
  return crystalsBetween(index.otherBuilds, valueMm + lowMm - NEAR_MM, valueMm + highMm + NEAR_MM)
    .filter((crystal) => crystal.build === build)
    .map((crystal) => assessAcrylic(crystal, seat, policy))
}

/** No ring lies round such a crystal. */
export const NO_RING: RingUse = {
  takes: false,
  sealsWith: () => false,
  mayServeAgain: true,
  atFace: false,
  bore: null,
}
