import type { Figure } from '../fit/CaseFacts'
import type { StockGasket } from '../fit/parts'
import { formatMm } from '../units/formatMm'
import type { GrooveFigures } from './assessSeal'
import type { SealChoice } from './backSeals'
import { assessFlatSeal, flatSealSentence } from './flatSeal'
import { SEAL_POLICY } from './sealPolicy'

/** How far a flat gasket may differ from the old one, mm. From memory. */
const FLAT_INNER_MM = 0.3
const FLAT_THICKNESS_MM = 0.1

/** Flat back gaskets that seal a recess, the likeliest first. */
export function flatGasketsForGroove(
  gaskets: readonly StockGasket[],
  groove: GrooveFigures,
  most = 4,
): SealChoice<StockGasket>[] {
  return flatOnes(gaskets)
    .map((part) => {
      const size = { innerMm: innerOf(part), widthMm: part.wallMm, thicknessMm: part.heightMm }
      return { part, flat: assessFlatSeal({ ...size, material: part.material }, groove) }
    })
    .filter(({ flat }) => flat.probability >= SEAL_POLICY.leastProbability)
    .sort((a, b) => b.flat.probability - a.flat.probability || a.part.id - b.part.id)
    .slice(0, most)
    .map(({ part, flat }) => ({ part, seal: null, reason: flatSealSentence(flat, part.material) }))
}

/** Flat back gaskets like the old one: inside and thickness. */
export function flatGasketsLikeOld(
  gaskets: readonly StockGasket[],
  old: { readonly inner: Figure; readonly thickness: Figure },
  most = 4,
): SealChoice<StockGasket>[] {
  return flatOnes(gaskets)
    .filter(
      (gasket) =>
        Math.abs(innerOf(gasket) - old.inner.valueMm) <= FLAT_INNER_MM &&
        Math.abs(gasket.heightMm - old.thickness.valueMm) <= FLAT_THICKNESS_MM,
    )
    .sort(
      (a, b) =>
        Math.abs(a.heightMm - old.thickness.valueMm) - Math.abs(b.heightMm - old.thickness.valueMm) ||
        a.id - b.id,
    )
    .slice(0, most)
    .map((part) => ({
      part,
      seal: null,
      reason: `${formatMm(innerOf(part), 0.1)} inside, ${formatMm(part.heightMm)} thick, as the old one; its squeeze is not known until the recess is measured`,
    }))
}

function flatOnes(gaskets: readonly StockGasket[]): StockGasket[] {
  return gaskets.filter(({ use, quantity }) => use === 'back' && quantity >= 1)
}

function innerOf({ outerDiameterMm, wallMm }: StockGasket): number {
  return outerDiameterMm - 2 * wallMm
}
