import { Matrix, solve } from 'ml-matrix'

/** As early as a tester's first warming is over, share of the time it is known for. From memory */
const EARLY_SHARE = 1 / 8

/** A drift is so much of each of them. */
export const DRIFT_SHAPES = 3

/** What of the early shape an even and a bent drift take: less that, blank runs tell the three apart. */
const [EVEN_IN_EARLY, BENT_IN_EARLY] = partsOfEarly()

/**
 * What a tester's drift is put together from, s: one that goes on evenly, one that bends over as long as it is known, one
 * that dies away early. Each is nothing at the first.
 */
export function driftShapes(
  t: number,
  knownForS: number,
): readonly [even: number, bent: number, early: number] {
  const part = t / knownForS
  const [bent, early] = [part * (1 - part), earlyAt(part)]
  return [t, knownForS * bent, knownForS * (early - EVEN_IN_EARLY * part - BENT_IN_EARLY * bent)]
}

function earlyAt(part: number): number {
  return EARLY_SHARE * (1 - Math.exp(-part / EARLY_SHARE))
}

function partsOfEarly(): readonly [even: number, bent: number] {
  const parts = Array.from({ length: 201 }, (_, i) => i / 200)
  const fit = solve(
    new Matrix(parts.map((part) => [1, part, part * (1 - part)])),
    Matrix.columnVector(parts.map(earlyAt)),
  )
  return [fit.get(1, 0), fit.get(2, 0)]
}

/** How far a drift has gone by then, µm. @param umPerS - of each shape */
export function driftAt(t: number, umPerS: readonly number[], knownForS: number): number {
  return driftShapes(t, knownForS).reduce((sum, shape, i) => sum + shape * (umPerS[i] ?? 0), 0)
}
