import { priceOf, priceRank } from '../stock/price'
import type { FitWishes } from './FitWishes'
import type { FitPolicy, ThicknessPreference } from './fitPolicy'
import type { StockCrystal, StockGasket } from './parts'
import { isPair } from './withPast'

/** Probabilities closer than this are called equal, and stock, history and wishes decide. */
const PROBABILITY_STEP = 0.05

/** A probability's place in the order: equal ones share it, the likeliest comes first. */
export function probabilityRank(probability: number): number {
  return -Math.round(probability / PROBABILITY_STEP)
}

/** A rim that stands this much better outweighs the colour of the ring, mm. From memory. */
const COARSE_RIM_MM = 0.1

/** True when this is the very pair that went home in this case last time. */
export function isLastTime(
  pair: { readonly crystal: { readonly id: number }; readonly gasket: { readonly id: number } | null },
  wishes: FitWishes,
): boolean {
  return wishes.lastTime !== null && isPair(pair, wishes.lastTime)
}

/** What of a pair its place depends on. */
export interface RankedPair {
  readonly crystal: StockCrystal
  readonly gasket: StockGasket | null
  readonly probability: number
  readonly standing: { readonly rimMm: number | null }
}

/** A rim on the side the shop would rather not have counts as this much worse, mm. From memory. */
const WRONG_SIDE_MM = 0.15

/** How badly a rim stands, mm: its height, and more where the shop would rather have the other side. */
function rimBadnessMm(rimMm: number, preference: ThicknessPreference, flushMm: number): number {
  const wrongSide =
    (preference === 'rather-proud' && rimMm < -flushMm) || (preference === 'rather-sunk' && rimMm > flushMm)
  return Math.abs(rimMm) + (wrongSide ? WRONG_SIDE_MM : 0)
}

function off<T>(wanted: T | null, own: T): 0 | 1 {
  return wanted === null || wanted === own ? 0 : 1
}

/** How many of magnifier and coat are not as the old crystal had them. */
function extrasOff({ magnifier, arCoating }: StockCrystal, wishes: FitWishes): number {
  return off(wishes.magnifier, magnifier) + off(wishes.arCoating, arCoating)
}

/** How far a diameter is from the verdict's, in hundredths of a millimetre. */
function sizeOff({ diameterMm }: StockCrystal, { sizeMm }: FitWishes): number {
  return sizeMm === null ? 0 : Math.round(Math.abs(diameterMm - sizeMm) * 100)
}

/** Of two steps a level lies half-way between, the thicker comes second. */
function wrongStep({ edgeThicknessMm }: StockCrystal, { between }: FitWishes): number {
  return between?.thickerMm === edgeThicknessMm ? 1 : 0
}

/**
 * Order of the shortlist: most probable first; among equals what went home last time, then what came
 * out, the verdict's size, the thinner of two steps, the ring's colour, then the flattest rim, the fuller drawer and the lower price, one nobody knows last.
 */
export function pairKey(pair: RankedPair, wishes: FitWishes, policy: FitPolicy): number[] {
  const { crystal, gasket, standing } = pair
  const rimMm = rimBadnessMm(standing.rimMm ?? 0, policy.thicknessPreference, policy.flushMm)
  return [
    probabilityRank(pair.probability),
    isLastTime(pair, wishes) ? 0 : 1,
    off(wishes.material, crystal.material),
    off(wishes.profile, crystal.profile),
    extrasOff(crystal, wishes),
    sizeOff(crystal, wishes),
    wrongStep(crystal, wishes),
    Math.floor(rimMm / COARSE_RIM_MM),
    !gasket || wishes.gasketColour === null || gasket.colour === wishes.gasketColour ? 0 : 1,
    Math.round(rimMm * 100),
    -Math.min(crystal.quantity, gasket?.quantity ?? Infinity),
    priceRank(priceOf(crystal, gasket)),
    crystal.id,
    gasket?.id ?? 0,
  ]
}

/**
 * Where the order of crystals of one shape with a gasket begins at the earliest: what each line decides for itself is
 * taken at its best. Compares with their keys; shorter, for what follows depends on the lines alone.
 * @param pair - with any crystal of the shape
 */
export function leastKeyOfShape(
  { crystal, gasket, probability, standing }: RankedPair,
  wishes: FitWishes,
  policy: FitPolicy,
): number[] {
  const rimMm = rimBadnessMm(standing.rimMm ?? 0, policy.thicknessPreference, policy.flushMm)
  const maybeLastTime = wishes.lastTime !== null && wishes.lastTime.gasketId === (gasket?.id ?? null)
  const asWished = 0
  return [
    probabilityRank(probability),
    maybeLastTime ? 0 : 1,
    asWished,
    asWished,
    asWished,
    sizeOff(crystal, wishes),
    wrongStep(crystal, wishes),
    Math.floor(rimMm / COARSE_RIM_MM),
  ]
}
