import type { Figure } from '../fit/CrystalSeat'
import type { StockGasket } from '../fit/parts'
import { formatMm } from '../units/formatMm'
import type { GrooveFigures } from './assessSeal'
import type { SealChoice } from './backSeals'
import type { FlatSealPolicy } from './flatSealPolicy'
import { assessFlatSeal, flatSealSentence } from './flatSeal'
import type { SealPolicy } from './sealPolicy'
import { reaches } from '../units/within'

/** Flat back gaskets that seal a recess, the likeliest first. */
export function flatGasketsForGroove(
  gaskets: readonly StockGasket[],
  groove: GrooveFigures,
  { seal, flat }: { readonly seal: SealPolicy; readonly flat: FlatSealPolicy },
  most = 4,
): SealChoice<StockGasket>[] {
  return flatOnes(gaskets)
    .map((part) => {
      const size = { innerMm: innerOf(part), widthMm: part.wallMm, thicknessMm: part.heightMm }
      return { part, found: assessFlatSeal({ ...size, material: part.material }, groove, flat) }
    })
    .filter(({ found }) => found.probability >= seal.leastProbability)
    .sort((a, b) => b.found.probability - a.found.probability || a.part.id - b.part.id)
    .slice(0, most)
    .map(({ part, found }) => ({ part, seal: null, reason: flatSealSentence(found, part.material, flat) }))
}

/** Flat back gaskets like the old one: inside and thickness. */
export function flatGasketsLikeOld(
  gaskets: readonly StockGasket[],
  old: { readonly inner: Figure; readonly thickness: Figure },
  { likeOld }: Pick<FlatSealPolicy, 'likeOld'>,
  most = 4,
): SealChoice<StockGasket>[] {
  return flatOnes(gaskets)
    .filter(
      (gasket) =>
        reaches(likeOld.innerMm, Math.abs(innerOf(gasket) - old.inner.valueMm)) &&
        reaches(likeOld.thicknessMm, Math.abs(gasket.heightMm - old.thickness.valueMm)),
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
