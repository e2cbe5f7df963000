import { gasketHeightSuits, gasketSuitsBore, interferenceProbability, rimProbability } from './assessPair'
import type { FitPolicy } from '../../fit/fitPolicy'
import type { Underside } from '../../fit/handClearance'
import { handsProbability, nearestPlace } from '../../fit/handClearance'
import type { RingSeat } from './ringSeat'
import type { StockGasket } from '../../fit/parts'

/** Odds of a case against pairs. */
export interface PairOdds {
  /** in the order assessPair lists them; hands only where they were measured, stock last */
  readonly names: readonly string[]
  readonly with: (gasket: StockGasket) => GasketOdds
  /** how far a crystal that is not flat inside reaches down to the hands, mm */
  readonly reachOf: (shape: Underside) => number
}

/**
 * Odds of one gasket with any shape of crystal: fills `into` with one probability a name, but for the last, since
 * whether both are in their drawers is the lines' own.
 * @returns their product, the same to the last bit as assessPair's of a pair that is there
 */
export type GasketOdds = (shape: ShapeFigures, into: Float64Array) => number

/** What of a crystal its fit depends on, mm. */
export interface ShapeFigures {
  diameterMm: number
  edgeThicknessMm: number
  /** how far it reaches down to the hands; 0 where it is flat inside */
  reachMm: number
}

/**
 * Odds of a case against any pair. The drawers hold few different diameters, thicknesses and walls: the normal
 * integrals run once a value, not once a pair.
 */
export function oddsOf(seat: RingSeat, policy: FitPolicy): PairOdds {
  const tables = new Map<string, Map<number, number>>()
  const remembered = (key: string, work: (value: number) => number) => {
    const known = tables.get(key) ?? new Map<number, number>()
    tables.set(key, known)
    // Shapes of one diameter stand together: mostly it is the value of the time before.
    let [lastValue, last] = [NaN, NaN]
    return (value: number): number => {
      if (value === lastValue) return last
      let now = known.get(value)
      if (now === undefined) known.set(value, (now = work(value)))
      ;[lastValue, last] = [value, now]
      return now
    }
  }
  const reaches = new Map<Underside, number>()
  const reachOf = (shape: Underside): number => {
    const before = reaches.get(shape)
    if (before !== undefined) return before
    const { reachMm } = nearestPlace(shape, seat)
    reaches.set(shape, reachMm)
    return reachMm
  }
  const withGasket = (gasket: StockGasket): GasketOdds => {
    const { wallMm, material, footMm, heightMm } = gasket
    const interference = remembered(`interference ${wallMm} ${material}`, (diameterMm) =>
      interferenceProbability({ diameterMm }, gasket, seat, policy),
    )
    const rim = remembered(`rim ${footMm}`, (edgeThicknessMm) =>
      rimProbability({ edgeThicknessMm }, gasket, seat, policy),
    )
    const height = remembered(`height ${heightMm} ${footMm}`, (edgeThicknessMm) =>
      gasketHeightSuits(gasket, { edgeThicknessMm }, seat, policy) ? 1 : 0,
    )
    const hands = seat.handsBelowSeat
      ? remembered(`hands ${footMm}`, (reachMm) => handsProbability(reachMm, footMm, seat, policy))
      : null
    const bore = gasketSuitsBore(gasket, seat, policy) ? 1 : 0
    return (shape, into) => {
      let at = 0
      into[at++] = interference(shape.diameterMm)
      into[at++] = rim(shape.edgeThicknessMm)
      if (hands) into[at++] = hands(shape.reachMm)
      into[at++] = bore
      into[at++] = height(shape.edgeThicknessMm)
      let product = 1
      for (let i = 0; i < at; i++) product *= into[i] ?? 0
      return product
    }
  }
  const hands = seat.handsBelowSeat ? ['hands'] : []
  return {
    names: ['interference', 'rim', ...hands, 'gasket-bore', 'gasket-height', 'stock'],
    with: withGasket,
    reachOf,
  }
}
