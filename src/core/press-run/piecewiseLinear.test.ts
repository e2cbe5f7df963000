import { randomLcg, randomNormal, randomUniform } from 'd3-random'
import type { Piece, WeightedSeries } from './piecewiseLinear'
import { piecewiseLinear } from './piecewiseLinear'

function series(y: readonly number[], x = y.map((_, i) => i)): WeightedSeries {
  return {
    x: Float64Array.from(x),
    y: Float64Array.from(y),
    weight: new Float64Array(y.length).fill(1),
  }
}

/** The same chance for the same seed. */
function seeded(seed: number) {
  const source = randomLcg(seed)
  return {
    normal: (sigma: number) => randomNormal.source(source)(0, sigma)(),
    uniform: (from: number, to: number) => randomUniform.source(source)(from, to)(),
    index: (count: number) => Math.floor(source() * count),
  }
}

/** Squares off the best line, the plain way. */
function plainCost({ x, y, weight }: WeightedSeries, from: number, to: number): number {
  let best = Infinity
  const indices = Array.from({ length: to - from }, (_, i) => from + i)
  const w = (i: number) => weight[i] ?? 0
  const total = indices.reduce((sum, i) => sum + w(i), 0)
  const mx = indices.reduce((sum, i) => sum + w(i) * (x[i] ?? 0), 0) / total
  const my = indices.reduce((sum, i) => sum + w(i) * (y[i] ?? 0), 0) / total
  const xx = indices.reduce((sum, i) => sum + w(i) * ((x[i] ?? 0) - mx) ** 2, 0)
  const xy = indices.reduce((sum, i) => sum + w(i) * ((x[i] ?? 0) - mx) * ((y[i] ?? 0) - my), 0)
  const slope = xx > 1e-12 ? xy / xx : 0
  best = indices.reduce((sum, i) => sum + w(i) * ((y[i] ?? 0) - my - slope * ((x[i] ?? 0) - mx)) ** 2, 0)
  return best
}

/** Every way to cut, each piece at least two readings. */
function bruteForce(given: WeightedSeries, penalty: number, from = 0): number {
  const count = given.x.length
  let best = plainCost(given, from, count) + penalty
  for (let cut = from + 2; cut <= count - 2; cut++) {
    best = Math.min(best, plainCost(given, from, cut) + penalty + bruteForce(given, penalty, cut))
  }
  return best
}

const costOf = (given: WeightedSeries, pieces: readonly Piece[], penalty: number) =>
  pieces.reduce((sum, { from, to }) => sum + plainCost(given, from, to) + penalty, 0)

describe('piecewiseLinear', () => {
  it('finds the cuts of a broken line', () => {
    const pieces = piecewiseLinear(series([0, 0, 0, 0, 0, 10, 20, 30, 40, 50, 50, 50, 50, 50]), 5)
    expect(pieces.map(({ slope }) => Math.round(slope))).toEqual([0, 10, 0])
    expect(pieces[0]?.from).toBe(0)
    expect(pieces.at(-1)?.to).toBe(14)
  })

  it('is as good as every other way to cut, on 200 small cases', () => {
    const random = seeded(0.23)
    for (let run = 0; run < 200; run++) {
      const count = 4 + random.index(9)
      const x = Array.from({ length: count }, () => random.uniform(0, 1)).sort((a, b) => a - b)
      const y = x.map((at) => (at < 0.5 ? 10 * at : 5 - 20 * (at - 0.5)) + random.normal(0.5))
      const given = {
        ...series(y, x),
        weight: Float64Array.from(y, () => random.uniform(0.5, 4)),
      }
      const penalty = random.uniform(0.1, 4)
      expect(costOf(given, piecewiseLinear(given, penalty), penalty)).toBeCloseTo(
        bruteForce(given, penalty),
        6,
      )
    }
  })

  it('joins up: every reading lies in one piece', () => {
    const random = seeded(0.5)
    const given = series(Array.from({ length: 300 }, (_, i) => Math.sin(i / 20) * 50 + random.normal(1)))
    const pieces = piecewiseLinear(given, 10)
    expect(pieces[0]?.from).toBe(0)
    expect(pieces.at(-1)?.to).toBe(300)
    for (const [i, piece] of pieces.entries()) if (i > 0) expect(piece.from).toBe(pieces[i - 1]?.to)
  })

  it('has nothing to cut in nothing, and one piece in three readings', () => {
    expect(piecewiseLinear(series([]), 1)).toEqual([])
    expect(piecewiseLinear(series([1, 5, 2]), 0.001)).toHaveLength(1)
    expect(() => piecewiseLinear(series([1, 2]), 0)).toThrow(/penalty/)
  })
})
