import { randomLcg, randomNormal } from 'd3-random'
import { levenbergMarquardt } from 'ml-levenberg-marquardt'
import { circleFromChord } from '@/core/circle/chordAndSagitta'
import { fitCircle } from '@/core/circle/fitCircle'
import { taubinCircle } from '@/core/circle/taubinCircle'

describe('circle from a fragment', () => {
  it('chord and sagitta: D = c²/(4h) + h with its propagated uncertainty (worked by hand)', () => {
    const found = circleFromChord(
      { valueMm: 18, standardUncertaintyMm: 0.03 },
      { valueMm: 3.2, standardUncertaintyMm: 0.03 },
    )
    expect(found.valueMm).toBeCloseTo(28.5125, 4)
    expect(found.standardUncertaintyMm).toBeCloseTo(0.2238, 4)
  })

  // W. Gander, G. H. Golub, R. Strebel, Least-Squares Fitting of Circles and Ellipses, BIT 34 (1994) 558–578.
  const GANDER = [
    [1, 7],
    [2, 6],
    [5, 8],
    [7, 7],
    [9, 5],
    [3, 7],
  ].map(([xMm = 0, yMm = 0]) => ({ xMm, yMm }))

  it('geometric fit of Gander, Golub & Strebel (1994)', () => {
    const outcome = fitCircle(GANDER)
    if (!outcome.ok) throw new Error(outcome.reason)
    expect(outcome.fit.centre.xMm).toBeCloseTo(4.7398, 4)
    expect(outcome.fit.centre.yMm).toBeCloseTo(2.9835, 4)
    expect(outcome.fit.radiusMm).toBeCloseTo(4.7142, 4)
    expect(outcome.fit.sumOfSquaresMm2).toBeCloseTo(1.2276, 4)
  })

  it('agrees with the optimiser of a registry package (ml-levenberg-marquardt) on 200 random arcs to 1e-6', () => {
    const random = randomLcg(0.1908)
    const uniform = (from: number, to: number) => from + (to - from) * random()
    const normal = randomNormal.source(random)(0, 1)
    let worst = 0
    for (let i = 0; i < 200; i++) {
      const [r, from, span] = [uniform(8, 22), uniform(0, 6.28), uniform(0.9, 5.5)]
      const [x, y] = [uniform(-20, 20), uniform(-20, 20)]
      const points = Array.from({ length: 24 }, (_, k) => {
        const angle = from + (span * k) / 23
        const radius = r + 0.02 * normal()
        return { xMm: x + radius * Math.cos(angle), yMm: y + radius * Math.sin(angle) }
      })
      const ours = fitCircle(points)
      const start = taubinCircle(points)
      if (!ours.ok || !start) throw new Error('an arc could not be fitted')
      // Its model maps the point's number to its distance from the circle, which is to be 0.
      const reference = levenbergMarquardt(
        { x: points.map((_, k) => k), y: points.map(() => 0) },
        ([cx = 0, cy = 0, radius = 0]) =>
          (k) => {
            const p = points[k]
            return p ? Math.hypot(p.xMm - cx, p.yMm - cy) - radius : 0
          },
        {
          initialValues: [start.centre.xMm, start.centre.yMm, start.radiusMm],
          maxIterations: 60,
          errorTolerance: 0,
          damping: 1e-4,
          gradientDifference: 1e-7,
          centralDifference: true,
        },
      )
      const [, , radius = 0] = reference.parameterValues
      worst = Math.max(worst, Math.abs(radius - ours.fit.radiusMm))
    }
    expect(worst).toBeLessThan(1e-6)
  })
})
