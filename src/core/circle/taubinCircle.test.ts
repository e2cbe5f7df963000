import { randomLcg, randomNormal } from 'd3-random'
import { Matrix, SingularValueDecomposition } from 'ml-matrix'
import type { Circle, Point } from './Circle'
import { taubinCircle } from './taubinCircle'

/** Points along an arc, scattered in both directions as clicks are. */
function clicked(arcDeg: number, scatterMm: number, seed: number): Point[] {
  const scatter = randomNormal.source(randomLcg(seed))(0, scatterMm)
  return Array.from({ length: 24 }, (_, i) => {
    const angle = (arcDeg * i * Math.PI) / 180 / 23
    return { xMm: 7 + 15 * Math.cos(angle) + scatter(), yMm: -4 + 15 * Math.sin(angle) + scatter() }
  })
}

/** The same fit by another way: N. Chernov (2010), 5.8, from singular values instead of a polynomial's root. */
function bySingularValues(points: readonly Point[]): Circle {
  const mean = (of: (p: Point) => number) => points.reduce((sum, p) => sum + of(p), 0) / points.length
  const [x, y] = [mean((p) => p.xMm), mean((p) => p.yMm)]
  const squares = points.map((p) => (p.xMm - x) ** 2 + (p.yMm - y) ** 2)
  const z = squares.reduce((sum, square) => sum + square, 0) / squares.length
  const rows = points.map((p, i) => [((squares[i] ?? NaN) - z) / (2 * Math.sqrt(z)), p.xMm - x, p.yMm - y])
  const [a = NaN, b = NaN, c = NaN] = new SingularValueDecomposition(
    new Matrix(rows),
  ).rightSingularVectors.getColumn(2)
  const first = a / (2 * Math.sqrt(z))
  return {
    centre: { xMm: x - b / first / 2, yMm: y - c / first / 2 },
    radiusMm: Math.sqrt(b * b + c * c + 4 * first * first * z) / Math.abs(first) / 2,
  }
}

describe('taubinCircle', () => {
  it.each([
    [360, 0.02],
    [90, 0.05],
    [60, 0.3],
    [40, 0.15],
  ])('is what the singular values give, over %d° of clicks scattered by %d mm', (arcDeg, scatterMm) => {
    for (const seed of [0.1, 0.4, 0.7]) {
      const points = clicked(arcDeg, scatterMm, seed)
      const [fit, other] = [taubinCircle(points), bySingularValues(points)]
      expect(fit?.radiusMm).toBeCloseTo(other.radiusMm, 8)
      expect(fit?.centre.xMm).toBeCloseTo(other.centre.xMm, 8)
      expect(fit?.centre.yMm).toBeCloseTo(other.centre.yMm, 8)
    }
  })

  it('is none of a line', () => {
    expect(taubinCircle([0, 1, 2, 3].map((at) => ({ xMm: at, yMm: 2 * at })))).toBeNull()
  })
})
