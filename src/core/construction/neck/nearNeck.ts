import { bandOf } from '../../fit/squeezeBetween'
import { crystalsBetween } from '../../fit/crystalsBetween'
import type { FitPolicy } from '../../fit/fitPolicy'
import type { StockIndex } from '../../fit/stockIndex'
import type { NeckCandidate } from './assessNeck'
import { reaches } from '../../units/within'
import { assessNeck } from './assessNeck'
import type { NeckSeat } from './neckSeat'

/** Further than this outside its band a crystal is not even a near miss, mm. */
const NEAR_MM = 0.2
/** A skirt this far off the bezel is not even a near miss, mm. */
const NEAR_SKIRT_MM = 0.6
/** A ring this far off the bezel is not even a near miss, mm. */
const NEAR_RING_MM = 0.3

/** Everything in the drawers that could nearly go over this neck, each judged. */
export function nearNeck(index: StockIndex, seat: NeckSeat, policy: FitPolicy): Iterable<NeckCandidate> {
  return seat.crystal === 'cup' ? nearCups(index, seat, policy) : nearRinged(index, seat, policy)
}

function* nearCups(index: StockIndex, seat: NeckSeat, policy: FitPolicy): Generator<NeckCandidate> {
  const { valueMm } = seat.bezelInner
  for (const crystal of crystalsBetween(index.otherBuilds, valueMm - NEAR_SKIRT_MM, valueMm + NEAR_SKIRT_MM))
    if (crystal.build === 'cup' && crystal.skirtInnerMm !== null)
      yield assessNeck(crystal, null, seat, policy)
}

function* nearRinged(index: StockIndex, seat: NeckSeat, policy: FitPolicy): Generator<NeckCandidate> {
  const { valueMm } = seat.bezelInner
  for (const gasket of index.gaskets) {
    if (!reaches(NEAR_RING_MM, Math.abs(gasket.outerDiameterMm - valueMm))) continue
    const { low, high } = bandOf(gasket, policy)
    const across = (squeeze: number) => valueMm - 2 * gasket.wallMm * (1 - squeeze)
    for (const crystal of crystalsBetween(index.crystals, across(low) - NEAR_MM, across(high) + NEAR_MM))
      yield assessNeck(crystal, gasket, seat, policy)
  }
}
