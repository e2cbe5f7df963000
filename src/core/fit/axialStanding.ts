import type { StockCrystal, StockGasket } from './parts'

export interface AxialStanding {
  /** underside of the crystal above the seat, mm */
  readonly undersideMm: number
  /** top of the crystal's edge against the rim, mm: + proud, − sunk */
  readonly rimMm: number
  /** hand stack to the underside at the centre, mm; null when the hands were never measured */
  readonly handClearanceMm: number | null
}

/**
 * Where a crystal stands when it is pressed home on its seat.
 * @param seatDepthMm - rim down to the seat, mm
 * @param handsBelowSeatMm - top of the hand stack below the seat, mm; negative when the hands stand above it
 */
export function axialStanding(
  crystal: Pick<StockCrystal, 'edgeThicknessMm' | 'undersideRiseMm'>,
  gasket: Pick<StockGasket, 'footMm'>,
  seatDepthMm: number,
  handsBelowSeatMm: number | null,
): AxialStanding {
  return {
    undersideMm: gasket.footMm,
    rimMm: gasket.footMm + crystal.edgeThicknessMm - seatDepthMm,
    handClearanceMm:
      handsBelowSeatMm === null ? null : handsBelowSeatMm + gasket.footMm + crystal.undersideRiseMm,
  }
}
