import type { Figure } from '../fit/CrystalSeat'
import { withOrigin } from '../tray/caseFigures'

/** Standard uncertainty of a seat depth taken from the old crystal's thickness, its rim thought flush, mm. From memory. */
const FLUSH_GUESS_UNCERTAINTY_MM = 0.08

/** The depth of a seat nobody measured: the old crystal is thought to have stood flush. Null without one. */
export function seatFromThickness(thickness: Figure | null): Figure | null {
  return thickness && withOrigin(thickness.valueMm, FLUSH_GUESS_UNCERTAINTY_MM, 'assumed')
}
