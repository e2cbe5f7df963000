import type { PairAssessment } from './Candidate'
import type { StockCrystal, StockGasket } from './parts'
import type { Underside } from './undersideReach'
import { undersideReachMm } from './undersideReach'

/**
 * Where a crystal stands when it is pressed home on its seat.
 * @param seatDepthMm - rim down to the seat, mm
 * @param handsBelowSeatMm - top of the hand stack below the seat, mm; negative when the hands stand above it
 */
export function axialStanding(
  crystal: Pick<StockCrystal, 'edgeThicknessMm'> & Underside,
  gasket: Pick<StockGasket, 'footMm'>,
  seatDepthMm: number,
  handsBelowSeatMm: number | null,
): PairAssessment['standing'] {
  return {
    undersideMm: gasket.footMm,
    rimMm: gasket.footMm + crystal.edgeThicknessMm - seatDepthMm,
    againstOldMm: null,
    handClearanceMm:
      handsBelowSeatMm === null ? null : handsBelowSeatMm + gasket.footMm + undersideReachMm(crystal),
  }
}
