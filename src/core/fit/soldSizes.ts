/** Steps suppliers print a crystal's diameter and sides in, mm. Common practice. */
export const CRYSTAL_STEP_MM = 0.1

/** Thicknesses crystals are sold in, mm. From memory. */
export const SOLD_THICKNESSES_MM = [0.8, 1.0, 1.2, 1.5, 1.8, 2.0, 2.5, 3.0] as const

/** Stock thickness nearest to a measured one: 1.1 where stock comes in 1.0 and 1.5 takes the 1.0 (common practice). */
export function nearest(stockMm: readonly number[], measuredMm: number): number {
  return stockMm.reduce(
    (best, mm) => (Math.abs(mm - measuredMm) < Math.abs(best - measuredMm) ? mm : best),
    stockMm[0] ?? measuredMm,
  )
}

export function roundTo(valueMm: number, stepMm: number): number {
  return Number((Math.round(valueMm / stepMm) * stepMm).toFixed(3))
}

/** Sizes sold from one to another, mm, both taken in. */
export function soldBetween(leastMm: number, mostMm: number): number[] {
  const first = Math.ceil(leastMm / CRYSTAL_STEP_MM - 1e-9)
  const last = Math.floor(mostMm / CRYSTAL_STEP_MM + 1e-9)
  return Array.from({ length: Math.max(0, last - first + 1) }, (_, i) =>
    roundTo((first + i) * CRYSTAL_STEP_MM, CRYSTAL_STEP_MM),
  )
}
