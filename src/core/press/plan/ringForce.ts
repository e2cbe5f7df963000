import type { StockCrystal, StockGasket } from '../../fit/parts'
import { squeezeOf } from '../../tray/pastFigures'
import type { PastRun } from '../../tray/sizeHistory'
import { pressForceN } from '../pressForce'
import type { ExpectedForce } from './expectedForce'
import { expectedOfRing, expectedOfRuns } from './expectedForce'

type Pressed = Pick<StockCrystal, 'diameterMm'>
type Ring = Pick<StockGasket, 'material' | 'heightMm'>

/** What the figures say a ring and its crystal ask, N; null where no ring is squeezed. @param hold - as a pick keeps it */
export function forceByFigures(crystal: Pressed, gasket: Ring | null, hold: string | null): number | null {
  const squeeze = squeezeOf(hold)
  if (!gasket || squeeze === null || squeeze <= 0) return null
  return pressForceN(gasket, crystal.diameterMm, squeeze)
}

/** Forces of runs that brought a crystal home on this case, N. */
export function homeForces(pastRuns: readonly PastRun[]): number[] {
  return pastRuns.flatMap(({ outcome, peakForceN, slideForceN }) => {
    const force = slideForceN ?? peakForceN
    return outcome === 'home' && force !== null ? [force] : []
  })
}

/**
 * The force that brings a crystal home: by its ring's figures, moved by what was logged; without a ring by this case's
 * runs alone. @param ofKind - see ForcesShown
 * @returns null where nothing tells
 */
export function crystalInForce(
  {
    crystal,
    gasket,
    hold,
  }: { readonly crystal: Pressed; readonly gasket: Ring | null; readonly hold: string | null },
  pastRuns: readonly PastRun[],
  ofKind: readonly number[],
): ExpectedForce | null {
  const byFigures = forceByFigures(crystal, gasket, hold)
  const ofCase = homeForces(pastRuns)
  return byFigures === null ? expectedOfRuns(ofCase) : expectedOfRing(byFigures, { ofCase, ofKind })
}
