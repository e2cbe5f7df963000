import { formatMm } from '../units/formatMm'
import type { StockCrystal } from '../fit/parts'
import type { CrystalMaterial } from '../fit/parts'
import { priceOf, priceRank } from './price'
import type { OrderLine } from './reorder'

/** “Three of each tenth from 28 to 33”: a run of flat crystals the shop wants to have. */
export interface Assortment {
  readonly fromMm: number
  readonly toMm: number
  readonly stepMm: number
  readonly each: number
  readonly edgeThicknessMm: number
  readonly material: CrystalMaterial
}

/** Most sizes in one run: more is a slip of the keyboard. */
export const MOST_SIZES = 200

/** Two sizes nearer than this are the same, mm. */
const SAME_MM = 0.005

/** The sizes of a run, without the dust of floating point. */
export function sizesOf({ fromMm, toMm, stepMm }: Pick<Assortment, 'fromMm' | 'toMm' | 'stepMm'>): number[] {
  const count = Math.floor((toMm - fromMm) / stepMm + 1e-6) + 1
  return Array.from({ length: Math.max(0, count) }, (_, i) => Number((fromMm + i * stepMm).toFixed(3)))
}

/**
 * What to order so that every size of a run is there as often as wanted. All lines of a size count; the line with a
 * supplier's code is the one ordered, the cheapest where there are several.
 */
export function assortmentOrder(crystals: readonly StockCrystal[], run: Assortment): OrderLine[] {
  return sizesOf(run).flatMap((diameterMm) => {
    const lines = crystals.filter(
      (crystal) =>
        crystal.build === 'disc' &&
        crystal.profile === 'flat' &&
        crystal.material === run.material &&
        Math.abs(crystal.diameterMm - diameterMm) < SAME_MM &&
        Math.abs(crystal.edgeThicknessMm - run.edgeThicknessMm) < SAME_MM,
    )
    const there = lines.reduce((sum, { quantity }) => sum + quantity, 0)
    if (there >= run.each) return []
    const [line] = [...lines].sort(
      (a, b) =>
        Number(a.supplierCode === '') - Number(b.supplierCode === '') ||
        priceRank(priceOf(a)) - priceRank(priceOf(b)) ||
        a.id - b.id,
    )
    return [
      {
        supplier: line?.supplier ?? '',
        supplierCode: line?.supplierCode ?? '',
        code: line?.code ?? '',
        description: `${formatMm(diameterMm, 0.1)} × ${formatMm(run.edgeThicknessMm, 0.1)} flat ${run.material.replaceAll('-', ' ')} crystal`,
        there,
        order: run.each - there,
        priceCents: line?.priceCents ?? 0,
      },
    ]
  })
}
